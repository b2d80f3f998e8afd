import { describe, expect, it } from "vitest";
import { kernelCode } from "../../../../scripts/kernel.mjs";
import { KERNEL_CODE } from "./kernel-code.ts";

describe("the compiled inner loop", () => {
  it("is what its source gives: otherwise run npm run kernel", async () => {
    const root = new URL("../../../..", import.meta.url).pathname;
    expect(await kernelCode(root)).toContain(KERNEL_CODE);
  });
});
