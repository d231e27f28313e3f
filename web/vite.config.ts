import { defineConfig } from "vite";
import vue from "@vitejs/plugin-vue";
import vuetify from "vite-plugin-vuetify";

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  build: { outDir: "dist", emptyOutDir: true, chunkSizeWarningLimit: 1200, modulePreload: { polyfill: false } },
  server: { proxy: { "/api": "http://127.0.0.1:9292", "/fonts": "http://127.0.0.1:9292", "/fonts.css": "http://127.0.0.1:9292" } },
});
