import { statSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";
import { BaseSequencer, type TestSpecification } from "vitest/node";

const fewer = fileURLToPath(new URL("scripts/mutants/fewer-runs.ts", import.meta.url));

/** Small files first: the first test that fails ends the run. */
class SmallFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const size = new Map(files.map((file) => [file, statSync(file.moduleId).size]));
    return [...files].sort((a, b) => (size.get(a) ?? 0) - (size.get(b) ?? 0));
  }
}

/** Tests that have to notice faults: those of the folder the faults are in. */
export default defineConfig({
  plugins: [
    {
      name: "fewer runs",
      enforce: "pre",
      resolveId: (source, importer) =>
        source === "fast-check" && importer !== fewer ? fewer : undefined,
    },
  ],
  test: {
    include: (process.env.ELM_MUTANTS_TESTS ?? "core/src/**/*.test.ts").split(","),
    exclude: ["**/node_modules/**"],
    testTimeout: 300_000,
    pool: "threads",
    isolate: false,
    maxWorkers: 1,
    sequence: { sequencer: SmallFirst },
  },
});
