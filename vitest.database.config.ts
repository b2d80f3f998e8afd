import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

export default defineConfig({
  resolve: { alias: [{ find: /^@\//u, replacement: fileURLToPath(new URL("web/", import.meta.url)) }] },
  test: { include: ["web/**/*.db.test.ts"], testTimeout: 60_000, hookTimeout: 60_000, fileParallelism: false },
});
