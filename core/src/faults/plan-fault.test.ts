import { describe, expect, it } from "vitest";
import { type Fault, type FaultCode, PlanFault, plainFault } from "./plan-fault.ts";
import { sayFault } from "./words-en.ts";

const VALUES: { readonly [Code in FaultCode]?: object } = {
  waitInCircle: { tasks: ["dry the base coat", "seal the board"] },
  nothingLessMargin: { of: "diameter" },
  noFont: { font: "copperplate" },
  unreadableFont: { font: "quill.ttf" },
  steps: { step: "seal", message: "“Seal” cannot come before “Sand”" },
};
const PLAIN = [
  "noFreeEvenings",
  "equallyWide",
  "noHeight",
  "noRoomBesideHandle",
  "nothingLessReserved",
  "nothingLessKeepOuts",
  "noPlaceForDesign",
  "emptyDesign",
  "nothingToLetter",
  "cornerOfScrap",
  "fileTooFine",
  "fileTooSlow",
  "fileTooTangled",
  "tooMuchMemory",
  "tookTooLong",
  "waitedTooLong",
] as const;

describe("a fault of what a host said", () => {
  it.each(PLAIN)("%s is said in a sentence of its own", (code) => {
    const fault = plainFault(code);
    expect(fault).toBeInstanceOf(Error);
    expect(fault.name).toBe("PlanFault");
    expect(fault.fault).toEqual({ code, values: {} });
    expect(fault.message.length).toBeGreaterThan(15);
    expect(fault.message).not.toMatch(/undefined|\[object|\{|\}/u);
    for (const other of PLAIN)
      if (other !== code) expect(fault.message).not.toBe(plainFault(other).message);
  });

  it.each(Object.entries(VALUES))("%s names what it is about", (code, values) => {
    const { message } = new PlanFault({ code, values } as Fault);
    for (const value of Object.values(values).flat())
      if (code !== "steps" || value !== "seal") expect(message).toContain(String(value));
  });

  it("a margin is compared with what it is a margin of", () => {
    const said = (of: "side" | "diameter") =>
      sayFault({ code: "nothingLessMargin", values: { of } });
    expect(said("side")).not.toContain("diameter");
    expect(said("diameter")).toContain("half the diameter");
  });

  it("crosses from a thread as data and says the same there", () => {
    const fault = new PlanFault({ code: "noFont", values: { font: "quill" } });
    const crossed = structuredClone(fault.fault);
    expect(new PlanFault(crossed).message).toBe(fault.message);
  });
});
