import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

export default defineConfig({
  resolve: {
    alias: [{ find: /^@\//u, replacement: fileURLToPath(new URL("web/", import.meta.url)) }],
  },
  test: {
    include: ["web/**/*.db.test.ts"],
    testTimeout: 300_000,
    hookTimeout: 300_000,
    fileParallelism: false,
  },
});
