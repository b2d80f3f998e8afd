import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, weekdayOf } from "../calendar/dates.ts";
import { isTaken, readAddresses } from "./address-list.ts";
import { destinationsOf } from "./destinations.ts";
import { eraseOn, postBy } from "./post-days.ts";
import { addressSchema, postingSchema } from "./posting.ts";
import { sayAddressFinding } from "./words-en.ts";

const usual = postingSchema.parse({});
// A Saturday.
const CLASS = "2027-01-02";

describe("when a parcel has to go", () => {
  it("where the way is not known, so many days before as the class says", () => {
    expect(postBy(usual, CLASS, 10, "")).toBe("2026-12-23");
  });

  it("where it is known: the way and the reserve before the class", () => {
    const posting = { ...usual, reserveDays: 2, travel: [{ country: "Éire", days: 7 }] };
    expect(postBy(posting, CLASS, 10, "eire ")).toBe("2026-12-24");
    expect(postBy(posting, CLASS, 10, "Norway")).toBe("2026-12-23");
  });

  it("never on a Sunday without post, and never later than the way allows", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 120 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 1500 }),
        fc.boolean(),
        (days, reserveDays, from, noSundays) => {
          const date = addDays("2026-01-01", from);
          const by = postBy(
            { reserveDays, noSundays, travel: [{ country: "", days }] },
            date,
            10,
            "",
          );
          const latest = addDays(date, -(days + reserveDays));
          expect(by === latest || (noSundays && by === addDays(latest, -1))).toBe(true);
          if (noSundays) expect(weekdayOf(by)).not.toBe(6);
        },
      ),
      { seed: 2031, numRuns: 200 },
    );
  });

  it("addresses are gone the day after the last on which they are kept", () => {
    expect(eraseOn({ keepDays: 30 }, "2026-12-05")).toBe("2027-01-05");
    expect(eraseOn({ keepDays: 0 }, "2026-12-05")).toBe("2026-12-06");
  });

  it("destinations: what has to go first, first; one country however it is written", () => {
    const to = (seat: string, country: string, posted = false) => ({
      seat,
      address: addressSchema.parse({ name: seat, lines: ["1 Reed Lane"], country }),
      posted,
    });
    const parcels = [
      to("1", ""),
      to("2", "Norway"),
      to("3", "norway ", true),
      { seat: "4", address: null, posted: false },
    ];
    const found = destinationsOf(
      parcels,
      { ...usual, travel: [{ country: "NORWAY", days: 12 }] },
      CLASS,
      10,
    );
    expect(found).toEqual([
      { country: "Norway", parcels: 2, left: 1, postBy: "2026-12-18", known: true },
      { country: "", parcels: 1, left: 1, postBy: "2026-12-23", known: false },
    ]);
  });
});

describe("a list of addresses", () => {
  const seats = [
    { seat: "1", name: "Zoë-Maëlys" },
    { seat: "2", name: "Mette" },
    { seat: "3", name: "Mette" },
    { seat: "4", name: "O'Hara" },
    { seat: "5", name: "Jo" },
  ];

  it("by seat or by name, parts in the order of the list, a house number with its street", () => {
    const text =
      "Name;House number;Street;Postcode;Town;Country\r\nzoe-maelys;12;Reed Lane;EM4 2QQ;Elmford;\r\nO’HARA;;Quay Court;0150;Fjordby;Norway\r\n";
    const { rows, findings } = readAddresses(text, seats);
    expect(findings).toEqual([]);
    expect(rows.map(({ seat, address }) => [seat, address])).toEqual([
      ["1", { name: "zoe-maelys", lines: ["12 Reed Lane", "EM4 2QQ", "Elmford"], country: "" }],
      ["4", { name: "O’HARA", lines: ["Quay Court", "0150 Fjordby"], country: "Norway" }],
    ]);
  });

  it("with German headings is read whole, ß and all", () => {
    const text = "Platz;Straße;PLZ;Ort;Land\n2;Am Kai 3;12345;Elmfurt;Deutschland\n";
    const { rows, findings } = readAddresses(text, seats);
    expect(findings).toEqual([]);
    expect(rows[0]?.address.lines).toEqual(["Am Kai 3", "12345 Elmfurt"]);
    expect(rows[0]?.address.country).toBe("Deutschland");
  });

  it("a cell of several lines stays several lines", () => {
    const { rows } = readAddresses('seat,address\n2,"The Net Loft\n3 Quay Road\nElmford"\n', seats);
    expect(rows[0]?.address).toEqual({
      name: "Mette",
      lines: ["The Net Loft", "3 Quay Road", "Elmford"],
      country: "",
    });
  });

  it("whose parcel is not certain is not taken, and said", () => {
    const text =
      "seat,name,street\n,Mette,1 A Street\n9,,2 B Street\n,Nobody,3 C Street\n5,,\n4,,4 D Street\n4,,5 E Street\n";
    const { rows, findings } = readAddresses(text, seats);
    expect(rows.map(({ seat, address }) => [seat, address.lines])).toEqual([["4", ["4 D Street"]]]);
    expect(findings.map(({ line, code }) => [line, code])).toEqual([
      [2, "ambiguous"],
      [3, "noSuchSeat"],
      [4, "nobody"],
      [5, "noAddress"],
      [7, "twice"],
    ]);
    expect(sayAddressFinding(findings[1] ?? { line: 0, code: "nobody", text: "" })).toBe(
      "Line 3: there is no seat 9.",
    );
  });

  it("a whole name finds the seat by its first name alone only where that is one, and says so", () => {
    const text = "first name,surname,town\nJo,Reed,Elmford\nMette,Quay,Elmford\n";
    const { rows, findings } = readAddresses(text, seats);
    expect(rows.map(({ seat, address }) => [seat, address.name])).toEqual([["5", "Jo Reed"]]);
    expect(findings.map(({ code }) => [code, isTaken(code)])).toEqual([
      ["guessed", true],
      ["ambiguous", false],
    ]);
  });

  it("of a shop's list the address to which it is sent is taken, no e-mail printed, and what is left out is said", () => {
    const head =
      "Email Address,Billing Name,Billing Address1,Shipping Name,Shipping Address1,Shipping Address2,Shipping City,Shipping Zip,Shipping Province,Shipping Country,Gift wrap";
    const { rows, findings } = readAddresses(
      `${head}\na@b.example,Somebody Else,9 Pay Street,Jo,12 Reed Lane,Upper Flat,Elmford,EM4 2QQ,Rushshire,Norway,yes\n`,
      seats,
    );
    expect(rows.map(({ seat, address }) => [seat, address])).toEqual([
      [
        "5",
        {
          name: "Jo",
          lines: ["12 Reed Lane", "Upper Flat", "Elmford", "EM4 2QQ", "Rushshire"],
          country: "Norway",
        },
      ],
    ]);
    expect(findings.map(({ code, text }) => [code, text])).toEqual([
      ["unusedColumn", "Email Address"],
      ["unusedColumn", "Billing Name"],
      ["unusedColumn", "Billing Address1"],
      ["unusedColumn", "Gift wrap"],
    ]);
  });

  it("without headings nothing is guessed; nothing is nothing", () => {
    expect(readAddresses("Jo,1 A Street,Elmford", seats)).toEqual({
      rows: [],
      findings: [{ line: 1, code: "noHeadings", text: "" }],
    });
    expect(readAddresses("", seats)).toEqual({ rows: [], findings: [] });
  });

  it("whatever comes, every address kept is a usable one of a seat that is there, once", () => {
    const cell = fc.oneof(
      fc.constantFrom(
        "Jo",
        "Mette",
        "1",
        "4",
        "99",
        "",
        "=HYPERLINK(1)",
        "‮evil",
        '"',
        "a".repeat(200),
      ),
      fc.string({ maxLength: 12 }),
    );
    fc.assert(
      fc.property(
        fc.array(fc.tuple(cell, cell, cell, cell), { maxLength: 12 }),
        fc.constantFrom(",", ";", "\t"),
        (table, mark) => {
          const quoted = (text: string) => `"${text.replaceAll('"', '""')}"`;
          const text = [["seat", "name", "street", "country"], ...table]
            .map((row) => row.map(quoted).join(mark))
            .join("\n");
          const { rows } = readAddresses(text, seats);
          expect(new Set(rows.map(({ seat }) => seat)).size).toBe(rows.length);
          for (const { seat, address } of rows) {
            expect(seats.some((row) => row.seat === seat)).toBe(true);
            expect(addressSchema.parse(address)).toEqual(address);
            expect(JSON.stringify(address)).not.toMatch(/\u202e/u);
          }
        },
      ),
      { seed: 77, numRuns: 200 },
    );
  });
});
