import { describe, expect, it } from "vitest";
import { adviseOnFilm } from "../films/film-choice.ts";
import { provedBy, trialsOf, worstOf } from "./rounds.ts";
import { type Trial, trialSchema } from "./trial.ts";

const trial = (more: Partial<Trial> = {}): Trial =>
  trialSchema.parse({
    film: "Harbour",
    material: "glazed",
    began: "2026-10-01",
    cureHours: 72,
    wear: "dishwasher",
    rounds: 5,
    samples: [{ id: "a", label: "bold", outcome: "held" }],
    ...more,
  });
const use = { washing: "dishwasher", outdoors: false, months: 12, paintedOver: false } as const;

describe("a wash test", () => {
  it("is as good as its worst sample", () => {
    expect(worstOf(trial())).toBe("held");
    expect(
      worstOf(
        trial({
          samples: [
            { id: "a", label: "bold", outcome: "held", note: "" },
            { id: "b", label: "thin", outcome: "lifting", note: "" },
            { id: "c", label: "new", note: "" },
          ],
        }),
      ),
    ).toBe("lifting");
    expect(worstOf(trial({ samples: [{ id: "c", label: "new", note: "" }] }))).toBeNull();
  });

  it("says nothing before rounds enough, and at once when it failed", () => {
    expect(provedBy(trial({ rounds: 4 }))).toBeNull();
    expect(provedBy(trial())).toEqual({
      washing: "dishwasher",
      note: "5 dishwasher washes, cured 72 h, begun 2026-10-01",
    });
    const off = [{ id: "a", label: "bold", outcome: "off", note: "" }] as const;
    expect(provedBy(trial({ rounds: 1, samples: [...off] }))?.washing).toBe("handOnly");
    expect(provedBy(trial({ rounds: 1, wear: "hand", samples: [...off] }))?.washing).toBe("none");
    expect(provedBy(trial({ wear: "weather", rounds: 3 }))?.outdoors).toBe(true);
    expect(provedBy(trial({ wear: "weather", rounds: 1, samples: [...off] }))?.outdoors).toBe(
      false,
    );
    expect(provedBy(trial({ wear: "rubbing", rounds: 50 }))).toBeNull();
  });

  it("taken by the studio goes before the rule, both ways", () => {
    const film = { family: "permanentGloss" } as const;
    expect(adviseOnFilm(film, use, "glazed").verdict).toBe("perhaps");
    expect(
      adviseOnFilm({ ...film, proved: { washing: "dishwasher", note: "" } }, use, "glazed"),
    ).toMatchObject({ verdict: "suits" });
    expect(
      adviseOnFilm({ ...film, proved: { washing: "handOnly", note: "" } }, use, "glazed"),
    ).toMatchObject({ verdict: "unsuited", reasons: ["failedHere"] });
    expect(
      adviseOnFilm(
        { ...film, proved: { washing: "handOnly", note: "" } },
        { ...use, washing: "hand" },
        "glazed",
      ),
    ).toMatchObject({ verdict: "suits" });
    expect(
      adviseOnFilm(
        { ...film, proved: { washing: "none", note: "" } },
        { ...use, washing: "hand" },
        "glazed",
      ),
    ).toMatchObject({ verdict: "unsuited", reasons: ["failedHere"] });
    expect(
      adviseOnFilm(
        { ...film, proved: { outdoors: false, note: "" } },
        { ...use, washing: "none", outdoors: true },
        "glazed",
      ),
    ).toMatchObject({ verdict: "unsuited", reasons: ["failedHere"] });
    expect(
      adviseOnFilm(
        { ...film, proved: { washing: "none", note: "" } },
        { ...use, washing: "none" },
        "glazed",
      ).verdict,
    ).toBe("suits");
  });

  it("on the very surface comes first, and of another film not at all", () => {
    const rows = [
      { trial: trial({ material: "glass" }) },
      { trial: trial() },
      { trial: trial({ film: "Other" }) },
    ];
    expect(trialsOf(rows, "HARBOUR", "glazed").map((row) => row.trial.material)).toEqual([
      "glazed",
      "glass",
    ]);
  });
});
