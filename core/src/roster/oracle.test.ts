/**
 * Rosters as people really paste them: whatever is in a cell comes through unchanged, or is said.
 */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { seatsFromRoster } from "../document/seats.ts";
import { csvText, decodeText, LONGEST_FIELD, parseRoster } from "./roster.ts";
import { tidyName } from "./tidy.ts";

const name = fc
  .array(
    fc.constantFrom(
      "Zoë",
      "O'Hara",
      "Nguyễn",
      "Thị",
      "Øyvind",
      "李",
      "d'Arcy",
      "von",
      "Ahlen-",
      "B.",
      "=SUM",
      "+1",
      "-x",
      "@home",
      '"Q"',
      "a;b",
      "a,b",
      "Ek\tBo",
    ),
    { minLength: 1, maxLength: 4 },
  )
  .map((parts) => parts.join(" ").replace(/\t/gu, " "))
  .filter((text) => text.length <= LONGEST_FIELD);
const word = fc.constantFrom("Kale", "Runner beans", "Leek; young", "3", "");
const rows = fc.array(fc.tuple(name, word), { minLength: 2, maxLength: 30 });

describe("a list written as CSV comes back", () => {
  it("cell by cell, whatever is in it", () => {
    fc.assert(
      fc.property(rows, (list) => {
        const text = csvText([["name", "word"], ...list]);
        const read = parseRoster(text, ["name", "word"]);
        expect(read.rows.map(({ fields }) => [fields.name, fields.word ?? ""])).toEqual(
          list.map(([a, b]) => [a.trim(), b.trim()]),
        );
      }),
      { seed: 81, numRuns: 120 },
    );
  });

  it("also with semicolons, tabs, a mark, and line ends of every machine", () => {
    const plain = fc.array(fc.constantFrom("Ines", "Bo", "Zoë-Maëlys", "Øyvind", "Mette"), {
      minLength: 2,
      maxLength: 20,
    });
    fc.assert(
      fc.property(
        plain,
        fc.constantFrom(";", "\t", ","),
        fc.constantFrom("\n", "\r\n"),
        fc.boolean(),
        (list, mark, end, bom) => {
          const text = `${bom ? "\uFEFF" : ""}${[`name${mark}word`, ...list.map((one, i) => `${one}${mark}w${i}`)].join(end)}${end}`;
          const read = parseRoster(text, ["name", "word"]);
          expect(read.rows.map(({ fields }) => fields.name)).toEqual(list);
          expect(read.findings).toEqual([]);
        },
      ),
      { seed: 82, numRuns: 80 },
    );
  });

  it("in every encoding a spreadsheet saves", () => {
    fc.assert(
      fc.property(fc.constantFrom("Zoë-Maëlys", "Øyvind Ek", "Façade", "Ruairí"), (text) => {
        const utf16 = new Uint8Array(2 + text.length * 2);
        utf16.set([0xff, 0xfe]);
        for (let i = 0; i < text.length; i++)
          utf16.set([text.charCodeAt(i) & 0xff, text.charCodeAt(i) >> 8], 2 + i * 2);
        const swapped = new Uint8Array(utf16.length);
        for (let i = 0; i < utf16.length; i += 2)
          swapped.set([utf16[i + 1] as number, utf16[i] as number], i);
        const latin = new Uint8Array([...text].map((letter) => letter.charCodeAt(0)));
        for (const bytes of [new TextEncoder().encode(text), utf16, swapped, latin])
          expect(decodeText(bytes)).toBe(text);
      }),
      { seed: 83 },
    );
  });
});

describe("nothing is lost without a word", () => {
  it("every line is a row or a finding", () => {
    const line = fc.constantFrom(
      "Ines",
      "",
      "   ",
      "Bo,Kale",
      "Mette,Leek,more",
      ",",
      "李",
      "x".repeat(200),
      "\u0007",
    );
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 25 }), (lines) => {
        const read = parseRoster(lines.join("\n"), ["name", "word"]);
        const told = new Set([
          ...read.rows.map((row) => row.line),
          ...read.findings.map((finding) => finding.line),
        ]);
        const last = lines.reduce(
          (at, text, i) => (text.trim().replace(/,/gu, "") === "" ? at : i + 1),
          0,
        );
        for (let i = 1; i <= last; i++)
          expect(told.has(i), `line ${i} of ${JSON.stringify(lines)}`).toBe(true);
      }),
      { seed: 84, numRuns: 150 },
    );
  });

  it("seats are all different, whatever numbers were given", () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom("", "1", "2", "7", "A-4"), { minLength: 1, maxLength: 12 }),
        (seats) => {
          const read = parseRoster(
            ["seat,name", ...seats.map((seat, i) => `${seat},N${i}`)].join("\n"),
            ["name"],
          );
          const made = seatsFromRoster(read, ["name"]);
          const given = seats.filter((seat) => seat !== "");
          if (new Set(given).size < given.length)
            expect(read.findings.some(({ code }) => code === "sameSeat")).toBe(true);
          else if (made.ok) {
            const ids = made.value.map(({ seat }) => seat);
            expect(new Set(ids).size).toBe(ids.length);
            seats.forEach((seat, i) => {
              if (seat !== "") expect(ids[i]).toBe(seat);
            });
          }
        },
      ),
      { seed: 85, numRuns: 150 },
    );
  });

  it("a name tidied once is tidy", () => {
    fc.assert(
      fc.property(name, (text) => {
        expect(tidyName(tidyName(text))).toBe(tidyName(text));
        expect(tidyName(text, true).replace(/\s/gu, "")).toBe(text.replace(/\s/gu, ""));
        expect(tidyName(text).toLowerCase().replace(/\s/gu, "")).toBe(
          text.toLowerCase().replace(/\s/gu, ""),
        );
      }),
      { seed: 86, numRuns: 200 },
    );
  });
});
