import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

const web = fileURLToPath(new URL("web/", import.meta.url));

export default defineConfig({
  resolve: { alias: [{ find: /^@\//u, replacement: web }] },
  // Tests share no state but what modules hold for ever: loading those anew for every file cost a
  // fifth of the time.
  test: {
    include: ["{core,cli,print,fonts,web,cutter}/**/*.test.ts"],
    exclude: ["**/node_modules/**", "**/*.db.test.ts"],
    testTimeout: 300_000,
    hookTimeout: 300_000,
    pool: "threads",
    maxWorkers: "100%",
    isolate: false,
  },
});
