import { useLocalStorage } from "@vueuse/core";
import { defineStore } from "pinia";
import { computed, watchEffect } from "vue";
import { FACE_VIEWS, GRIPS, type FaceView, type Grip, type Hold } from "@trevin/core";

/** What belongs to this device and the hand at it, not to the job. */
export const usePrefs = defineStore("prefs", () => {
  const theme = useLocalStorage<"auto" | "light" | "dark">("trevin.theme", "auto");
  const person = useLocalStorage("trevin.person", "");
  const device = useLocalStorage("trevin.device", `device ${crypto.randomUUID().slice(0, 8)}`);
  /** How parts are held: the side in sight, and where the mark points. One hand, so one grip for all screens. */
  const view = useLocalStorage<FaceView>("trevin.view", "wire");
  const grip = useLocalStorage<Grip>("trevin.grip", "up");
  const hold = computed<Hold>(() => ({
    view: FACE_VIEWS.find((one) => one === view.value) ?? "wire",
    grip: GRIPS.find((one) => one === grip.value) ?? "up",
  }));
  /** A grip belongs to the parts of one job: in another one every part is taken up anew, wire side and mark up. */
  const heldIn = useLocalStorage("trevin.held-in", "");
  const takeUp = (job: string): void => {
    if (heldIn.value === job) return;
    heldIn.value = job;
    [view.value, grip.value] = ["wire", "up"];
  };
  const turnOver = (): void => {
    view.value = hold.value.view === "wire" ? "mating" : "wire";
  };
  /** A quarter turn clockwise. */
  const turnGrip = (): void => {
    grip.value = GRIPS[(GRIPS.indexOf(hold.value.grip) + 1) % GRIPS.length] ?? "up";
  };
  const darkSystem = window.matchMedia("(prefers-color-scheme: dark)");
  watchEffect(() => {
    const dark = theme.value === "dark" || (theme.value === "auto" && darkSystem.matches);
    document.documentElement.dataset["theme"] = dark ? "dark" : "light";
  });
  const turnTheme = (): void => {
    theme.value = document.documentElement.dataset["theme"] === "dark" ? "light" : "dark";
  };
  return { theme, person, device, turnTheme, grip, hold, takeUp, turnOver, turnGrip };
});
