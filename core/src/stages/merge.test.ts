import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { merge } from "./merge.ts";

const base = {
  title: "Tins",
  seats: [
    { seat: "1", fields: { name: "Ines" } },
    { seat: "2", fields: { name: "Bo" } },
    { seat: "3", fields: { name: "Mette" } },
  ],
  steps: [
    { id: "welcome", minutes: 8 },
    { id: "clean", minutes: 6 },
  ],
};
const seats = (change: (list: (typeof base)["seats"]) => (typeof base)["seats"]) => ({
  ...base,
  seats: change(structuredClone(base.seats)),
});
const named = (at: number, name: string) =>
  seats((list) => list.map((row, i) => (i === at ? { ...row, fields: { name } } : row)));

describe("two edits of one document", () => {
  it("of different seats are both kept", () => {
    const { value, collisions } = merge(base, named(0, "Inès"), named(1, "Bob"));
    expect(collisions).toEqual([]);
    expect((value as typeof base).seats.map(({ fields }) => fields.name)).toEqual([
      "Inès",
      "Bob",
      "Mette",
    ]);
  });

  it("of the same field collide, and both are named with their place", () => {
    expect(merge(base, named(0, "Inès"), named(0, "Inez")).collisions).toEqual([
      { path: "seats[1].fields.name", mine: "Inès", theirs: "Inez" },
    ]);
  });

  it("the same edit twice is no collision", () => {
    expect(merge(base, named(2, "Mia"), named(2, "Mia"))).toEqual({
      value: named(2, "Mia"),
      collisions: [],
    });
  });

  it("one adds a seat, another takes one out: both come true", () => {
    const mine = seats((list) => [...list, { seat: "4", fields: { name: "Zoë" } }]);
    const theirs = seats((list) => list.filter(({ seat }) => seat !== "2"));
    const { value, collisions } = merge(base, mine, theirs);
    expect(collisions).toEqual([]);
    expect((value as typeof base).seats.map(({ seat }) => seat).sort()).toEqual(["1", "3", "4"]);
  });

  it("one changes what another takes out: asked about, not decided", () => {
    const theirs = seats((list) => list.filter(({ seat }) => seat !== "2"));
    expect(merge(base, named(1, "Bob"), theirs).collisions).toHaveLength(1);
  });

  it("a database that keeps keys in another order has changed nothing", () => {
    const turned = JSON.parse(
      JSON.stringify({
        steps: base.steps,
        seats: base.seats.map(({ seat, fields }) => ({ fields, seat })),
        title: base.title,
      }),
    );
    expect(merge(base, named(0, "Inès"), turned)).toMatchObject({
      value: named(0, "Inès"),
      collisions: [],
    });
  });

  const record = fc.record({
    a: fc.integer({ min: 0, max: 3 }),
    b: fc.integer({ min: 0, max: 3 }),
    c: fc.integer({ min: 0, max: 3 }),
  });
  const list = fc.uniqueArray(
    fc.record({ id: fc.constantFrom("x", "y", "z", "w"), value: record }),
    { selector: ({ id }) => id, maxLength: 4 },
  );
  it("whoever changed nothing gets the other's; without collision every field is somebody's own", () => {
    fc.assert(
      fc.property(list, list, (one, other) => {
        expect(merge(one, one, other).value).toEqual(other);
        expect(merge(one, other, one).value).toEqual(other);
      }),
      { seed: 906, numRuns: 300 },
    );
    fc.assert(
      fc.property(record, record, record, (from, mine, theirs) => {
        const { value, collisions } = merge(from, mine, theirs);
        const both = (["a", "b", "c"] as const).filter(
          (key) =>
            mine[key] !== from[key] && theirs[key] !== from[key] && mine[key] !== theirs[key],
        );
        expect(collisions.map(({ path }) => path).sort()).toEqual(both);
        for (const key of ["a", "b", "c"] as const)
          if (!both.includes(key))
            expect((value as typeof from)[key]).toBe(
              mine[key] !== from[key] ? mine[key] : theirs[key],
            );
      }),
      { seed: 907, numRuns: 500 },
    );
  });
});
