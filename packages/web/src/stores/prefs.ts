import { useLocalStorage } from "@vueuse/core";
import { defineStore } from "pinia";
import { watchEffect } from "vue";

/** What belongs to this device and the hand at it, not to the job. */
export const usePrefs = defineStore("prefs", () => {
  const theme = useLocalStorage<"auto" | "light" | "dark">("trevin.theme", "auto");
  const person = useLocalStorage("trevin.person", "");
  const device = useLocalStorage("trevin.device", `device ${crypto.randomUUID().slice(0, 8)}`);
  const darkSystem = window.matchMedia("(prefers-color-scheme: dark)");
  watchEffect(() => {
    const dark = theme.value === "dark" || (theme.value === "auto" && darkSystem.matches);
    document.documentElement.dataset["theme"] = dark ? "dark" : "light";
  });
  const turnTheme = (): void => {
    theme.value = document.documentElement.dataset["theme"] === "dark" ? "light" : "dark";
  };
  return { theme, person, device, turnTheme };
});
