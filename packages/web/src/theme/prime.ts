import type { PrimeVueConfiguration } from "primevue/config";

/** PrimeVue without its own styles: every part gets a class of ours, so nothing looks like a stock theme. */
export const primeConfig: PrimeVueConfiguration = {
  unstyled: true,
  pt: {
    dialog: {
      mask: { class: "mask" },
      root: { class: "dlg" },
      header: { class: "dlg-head" },
      title: { class: "dlg-title" },
      pcCloseButton: { root: { class: "dlg-close" } },
      content: { class: "dlg-body" },
      footer: { class: "dlg-foot" },
    },
    select: {
      root: { class: "sel inp" },
      label: { class: "sel-label" },
      dropdown: { class: "sel-drop" },
      overlay: { class: "sel-over" },
      listContainer: { class: "sel-wrap" },
      option: { class: "sel-opt" },
    },
    inputtext: { root: { class: "inp" } },
    textarea: { root: { class: "inp" } },
    button: { root: { class: "btn" } },
  },
};
