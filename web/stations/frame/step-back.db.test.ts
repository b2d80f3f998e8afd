/** What one act changed goes back together, and comes again together. */
import { demoClass } from "@elm-basket/core/testing/documents.ts";
import { afterAll, beforeAll, beforeEach, describe, expect, it } from "vitest";
import { insertClass, type Part, readClass, savePart } from "@/data/class-documents.ts";
import { closePool, type Sql, withoutStudio, withStudio } from "@/data/client.ts";
import { lastEdit, recordEdit } from "@/data/edits.ts";
import { migrate } from "@/data/migrate.ts";
import { openStudio } from "@/data/sign-in.ts";
import { isPart, putPart, takePart } from "./document-parts.ts";
import { stepBackIn } from "./step-back.ts";

const tins = demoClass("seed-tins");
let [studio, id] = ["", ""];
const us = <T>(work: (sql: Sql) => Promise<T>) => withStudio(studio, work);
const document = async () => (await us((sql) => readClass(sql, id)))?.document ?? tins;
const back = (way: "undo" | "redo") => us((sql) => stepBackIn(sql, studio, id, way));

/** Saves a part as an action does. */
async function save(
  part: Part,
  value: (now: typeof tins) => typeof tins,
  label: string,
  follows = false,
): Promise<void> {
  await us(async (sql) => {
    const stored = await readClass(sql, id);
    if (!stored) throw new Error("gone");
    await savePart(
      sql,
      studio,
      id,
      part,
      value(stored.document),
      stored.versions[part] ?? 0,
      stored.document,
    );
    await recordEdit(sql, studio, id, {
      part,
      label,
      before: takePart(stored.document, part),
      follows,
    });
  });
}

beforeAll(async () => {
  await migrate(process.env.ELM_OWNER_URL ?? "");
  studio =
    (
      await withoutStudio((sql) =>
        openStudio(sql, {
          studio: "Back",
          person: "Host",
          email: "back@test.example",
          passwordHash: "x",
          unit: "mm",
          zone: "UTC",
        }),
      )
    )?.studioId ?? "";
});
beforeEach(async () => {
  id = await us((sql) => insertClass(sql, studio, tins, null));
});
afterAll(closePool);

describe("one step back", () => {
  const thing = tins.things[0]?.id ?? "";
  const colour = (now: typeof tins, to: string) => ({
    ...now,
    things: now.things.map((one) => ({ ...one, blank: { ...one.blank, colour: to } })),
  });
  const look = async () => {
    const now = await document();
    return [now.title, now.things[0]?.blank.colour];
  };

  it("takes back all parts of one act by one press, and brings them again by one", async () => {
    const was = await look();
    await save("class", (now) => ({ ...now, title: "Other" }), "Title");
    await save("class", (now) => ({ ...now, title: "Painted before" }), "Paint it before");
    await save(`blank:${thing}`, (now) => colour(now, "#112233"), "Paint it before", true);
    expect(await look()).toEqual(["Painted before", "#112233"]);
    expect(await back("undo")).toEqual({ ok: true, label: "Paint it before" });
    expect(await look()).toEqual(["Other", was[1]]);
    expect(await back("redo")).toEqual({ ok: true, label: "Paint it before" });
    expect(await look()).toEqual(["Painted before", "#112233"]);
    await back("undo");
    expect(await back("undo")).toEqual({ ok: true, label: "Title" });
    expect(await look()).toEqual(was);
    expect(await back("undo")).toEqual({ ok: false, label: "" });
    expect((await us((sql) => lastEdit(sql, id)))?.label).toBeUndefined();
  });

  it("figures of the studio go back with the steps that they moved", async () => {
    const figures = { steps: { factor: 2, deeds: {}, observations: 9, classes: 2 } };
    await save(
      "class",
      (now) => ({
        ...now,
        figures,
        steps: now.steps.map((step) => ({ ...step, minutes: step.minutes + 1 })),
      }),
      "Your own figures",
    );
    expect((await document()).figures).toEqual(figures);
    await back("undo");
    expect((await document()).figures).toBeUndefined();
    expect((await document()).steps).toEqual(tins.steps);
    await back("redo");
    expect((await document()).figures).toEqual(figures);
  });

  it("parts are named strictly, and a part that is put back is what was taken", () => {
    expect(
      [
        "class",
        "seats",
        "blank:thing",
        "design:cup2",
        "blank:",
        "blank:Cup",
        "class2",
        7,
        null,
      ].map(isPart),
    ).toEqual([true, true, true, true, false, false, false, false, false]);
    for (const part of ["class", "seats", `blank:${thing}`, `design:${thing}`] as const)
      expect(putPart(tins, part, takePart(tins, part))).toMatchObject({
        title: tins.title,
        seats: tins.seats,
        things: tins.things,
      });
  });
});
