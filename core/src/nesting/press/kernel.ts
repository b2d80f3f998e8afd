/** The compiled inner loop, each time with a memory of its own. */
import { KERNEL_CODE } from "./kernel-code.ts";

/** See kernel.as. Addresses in bytes, lengths in cells. */
export interface Kernel {
  setUp(at: number, n: number, round: number, reach: number, least: number, out: number): void;
  cost(own: number, form: number, x: number, y: number, most: number): number;
  meets(own: number): number;
  readonly work: WebAssembly.Global;
}

let compiled: WebAssembly.Module | undefined;

export function kernelOn(memory: WebAssembly.Memory): Kernel {
  compiled ??= new WebAssembly.Module(
    Uint8Array.from(atob(KERNEL_CODE), (letter) => letter.charCodeAt(0)),
  );
  return new WebAssembly.Instance(compiled, { env: { memory } }).exports as unknown as Kernel;
}
