import { statSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";
import { BaseSequencer, type TestSpecification } from "vitest/node";

const fewer = fileURLToPath(new URL("scripts/mutants/fewer-runs.ts", import.meta.url));

/** fast-check as `scripts/mutants/fewer-runs.ts` has it. */
const fewerCases = {
  name: "fewer cases",
  enforce: "pre" as const,
  resolveId: (source: string, importer?: string) =>
    source === "fast-check" && importer !== fewer ? fewer : undefined,
};

/** Small files first: the first test that fails ends the run. */
class SmallFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const size = new Map(files.map((file) => [file, statSync(file.moduleId).size]));
    return [...files].sort((a, b) => (size.get(a) ?? 0) - (size.get(b) ?? 0));
  }
}

/** Tests that have to notice faults: those of the folder the faults are in. */
export default defineConfig({
  plugins: process.env.ELM_MUTANTS_CASES === "all" ? [] : [fewerCases],
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
