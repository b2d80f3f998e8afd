import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

const web = fileURLToPath(new URL("web/", import.meta.url));

export default defineConfig({
  resolve: { alias: [{ find: /^@\//u, replacement: web }] },
  test: { include: ["{core,cli,print,fonts,web,cutter}/**/*.test.ts"], exclude: ["**/node_modules/**", "**/*.db.test.ts"], testTimeout: 300_000, hookTimeout: 300_000, pool: "threads", maxWorkers: "100%" },
});
