import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react()],
  build: { target: "es2022", assetsInlineLimit: 0, chunkSizeWarningLimit: 700 },
  // The host stays that of the page, which the server compares with where a change comes from.
  server: { proxy: { "/api": { target: "http://127.0.0.1:8080", changeOrigin: false } } },
});
