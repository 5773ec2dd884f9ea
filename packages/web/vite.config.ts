import vue from "@vitejs/plugin-vue";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [vue()],
  worker: { format: "es" },
  build: {
    target: "es2022",
    chunkSizeWarningLimit: 700,
    modulePreload: { polyfill: false },
    assetsInlineLimit: 0,
  },
  server: { port: 4610, proxy: { "/api": { target: "http://127.0.0.1:4600", changeOrigin: true } } },
});
