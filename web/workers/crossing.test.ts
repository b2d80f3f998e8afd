/**
 * What a thread sends back when a document does not allow a plan, through a real copy between
 * threads.
 */
import { PlanFault } from "@elm-basket/core/faults/plan-fault.ts";
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { describe, expect, it } from "vitest";
import run from "./plan.server.ts";

const whole = demoClass("seed-tins");
const tins = { ...whole, seats: whole.seats.slice(0, 1) };
const facts = (document: typeof tins) => run({ kind: "facts", document, fonts: [] });

describe("a thread", () => {
  it("answers with what was asked for", async () => {
    expect(await facts(tins)).toHaveProperty("value");
  });

  it("tells the host's fault as data, which makes the same sentence on the other side", async () => {
    const [thing] = tins.things;
    if (!thing) throw new Error("the class makes nothing");
    const none = {
      ...tins,
      things: [
        {
          ...thing,
          blank: { ...thing.blank, shape: { kind: "flat" as const, width: 10, height: 10 } },
        },
      ],
    };
    const crossed = structuredClone(await facts(none));
    if (!("fault" in crossed)) throw new Error("no fault was told");
    expect(crossed.fault.code).toBe("nothingLessMargin");
    expect(new PlanFault(crossed.fault).message).toMatch(/margin leaves no face/u);
  });

  it("throws what is no fault of the host's", async () => {
    const broken = { ...tins, things: null } as unknown as typeof tins;
    await expect(facts(broken)).rejects.not.toBeInstanceOf(PlanFault);
  });
});
