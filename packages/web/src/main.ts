import "@fontsource-variable/atkinson-hyperlegible-next";
import "@fontsource/atkinson-hyperlegible-mono/500.css";
import "@fontsource/atkinson-hyperlegible-mono/700.css";
import "@fontsource/barlow-condensed/500.css";
import "@fontsource/barlow-condensed/600.css";
import "./theme/tokens.css";
import "./theme/base.css";
import { createPinia } from "pinia";
import PrimeVue from "primevue/config";
import { createApp } from "vue";
import App from "./App.vue";
import { router } from "./router.ts";
import { primeConfig } from "./theme/prime.ts";

createApp(App).use(createPinia()).use(router).use(PrimeVue, primeConfig).mount("#app");
