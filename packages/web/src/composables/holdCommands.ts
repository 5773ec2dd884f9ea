import { usePrefs } from "../stores/prefs.ts";
import type { AppCommand } from "./useCommands.ts";

/** V turns the part over, K turns it in the hand; the same on every screen with a face. */
export function holdCommands(many = false): readonly AppCommand[] {
  const prefs = usePrefs();
  return [
    {
      id: "turn",
      title: many ? "Turn both faces over" : "Turn the face over",
      keys: "V",
      run: prefs.turnOver,
    },
    {
      id: "grip",
      title: many ? "Turn both parts a quarter in the hand" : "Turn the part a quarter in the hand",
      keys: "K",
      run: prefs.turnGrip,
    },
  ];
}
