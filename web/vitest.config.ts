import { defineConfig } from "vitest/config";

// The rules of the web app by themselves; its screens are driven by the feature specs.
export default defineConfig({ test: { include: ["spec/**/*.spec.ts"], environment: "happy-dom", restoreMocks: true, unstubGlobals: true } });
