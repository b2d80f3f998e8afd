// Compiles the packer's inner loop from AssemblyScript into the text that is shipped.
import { readFile, writeFile } from "node:fs/promises";
import asc from "assemblyscript/asc";

const FROM = "core/src/nesting/press/kernel.as";
const TO = "core/src/nesting/press/kernel-code.ts";

/** The text of the file that holds the compiled code. */
export async function kernelCode(root) {
  const source = await readFile(`${root}/${FROM}`, "utf8");
  let binary;
  const { error, stderr } = await asc.main(
    [
      "kernel.ts",
      "-o",
      "kernel.wasm",
      "-O3",
      "--runtime",
      "stub",
      "--noAssert",
      "--importMemory",
      "--enable",
      "simd",
    ],
    {
      readFile: (name) => (name === "kernel.ts" ? source : null),
      writeFile: (name, data) => {
        if (name === "kernel.wasm") binary = data;
      },
      listFiles: () => [],
    },
  );
  if (error) throw new Error(`${error.message}\n${stderr}`);
  const text = Buffer.from(binary).toString("base64");
  return `/** Compiled from kernel.as by \`npm run kernel\`: not written by hand. */\nexport const KERNEL_CODE =\n  "${text}";\n`;
}

if (process.argv[1]?.endsWith("kernel.mjs")) {
  const root = new URL("..", import.meta.url).pathname;
  await writeFile(`${root}/${TO}`, await kernelCode(root));
}
