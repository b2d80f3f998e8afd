import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { seatsFromRoster } from "../document/seats.ts";
import { csvText, decodeText, escapeCell, parseRoster, unescapeCell } from "./roster.ts";

const names = (text: string) =>
  parseRoster(text, ["name", "word"]).rows.map(({ fields }) => fields.name);

describe("parseRoster", () => {
  it("reads pasted names, one a line", () => {
    expect(names("Zoë-Maëlys O'Hara\nNguyễn Thị Ánh\r\nØyvind\n")).toEqual([
      "Zoë-Maëlys O'Hara",
      "Nguyễn Thị Ánh",
      "Øyvind",
    ]);
  });

  it.each([
    ["commas", "name,word\nInes,Kale\nBo,Dill"],
    ["semicolons", "Name;Word\nInes;Kale\nBo;Dill"],
    ["tabs, no headings", "Ines\tKale\nBo\tDill"],
    ["a mark and quotes", '\uFEFF"First name","word"\n"Ines","Kale"\n"Bo","Dill"'],
  ])("understands %s", (_, text) => {
    const roster = parseRoster(text, ["name", "word"]);
    expect(roster.rows.map(({ fields }) => [fields.name, fields.word])).toEqual([
      ["Ines", "Kale"],
      ["Bo", "Dill"],
    ]);
  });

  it("keeps quoted commas and line breaks", () => {
    expect(
      parseRoster('name,word\n"O\'Hara, Ines","two\nlines"', ["name", "word"]).rows[0]?.fields,
    ).toEqual({ name: "O'Hara, Ines", word: "two lines" });
  });

  it("names empty lines, extra cells, seats given twice", () => {
    const roster = parseRoster("seat,name\n1,Ines\n\n1,Bo\n2,Al,extra", ["name"]);
    expect(roster.findings.map(({ line, code }) => [line, code])).toEqual([
      [3, "emptyLine"],
      [5, "extraCells"],
      [4, "sameSeat"],
    ]);
    expect(roster.rows).toHaveLength(3);
  });

  it("takes out signs that cannot be cut, and says so", () => {
    const roster = parseRoster("In\u0007es\nBo\u202Erb", ["name"]);
    expect(roster.rows.map(({ fields }) => fields.name)).toEqual(["Ines", "Borb"]);
    expect(roster.findings.map(({ code }) => code)).toEqual([
      "controlCharacters",
      "controlCharacters",
    ]);
  });

  it("cuts off at three thousand seats, with a finding", () => {
    const roster = parseRoster(Array.from({ length: 3005 }, (_, i) => `N${i}`).join("\n"), [
      "name",
    ]);
    expect(roster.rows).toHaveLength(3000);
    expect(roster.findings.at(-1)).toMatchObject({ code: "tooManyRows", text: "3005" });
  });

  it("nothing gives nothing", () => {
    expect(parseRoster("", ["name"]).rows).toEqual([]);
    expect(parseRoster("\n\n", ["name"]).rows).toEqual([]);
  });
});

describe("decodeText", () => {
  it.each([
    ["UTF-8", new TextEncoder().encode("Zoë")],
    ["UTF-8 with a mark", new Uint8Array([0xef, 0xbb, 0xbf, ...new TextEncoder().encode("Zoë")])],
    ["UTF-16", new Uint8Array([0xff, 0xfe, 0x5a, 0, 0x6f, 0, 0xeb, 0])],
    ["Latin-1", new Uint8Array([0x5a, 0x6f, 0xeb])],
  ])("reads %s", (_, bytes) => {
    expect(decodeText(bytes)).toBe("Zoë");
  });
});

describe("cells", () => {
  it("escapes what a spreadsheet would run, and restores it; a person's own apostrophe stays", () => {
    expect(escapeCell("=1+1")).toBe("'=1+1");
    expect(unescapeCell("'=1+1")).toBe("=1+1");
    expect(unescapeCell("'t Hooft")).toBe("'t Hooft");
    fc.assert(
      fc.property(fc.string(), (cell) => {
        expect(unescapeCell(escapeCell(cell))).toBe(cell);
      }),
      { seed: 1 },
    );
  });

  it("writes RFC 4180", () => {
    expect(
      csvText([
        ["a,b", 'say "x"', 3],
        ["=cmd", "", "é"],
      ]),
    ).toBe(`"a,b","say ""x""",3\r\n'=cmd,,é\r\n`);
  });
});

describe("seatsFromRoster", () => {
  it("numbers seats that have none, round those taken", () => {
    const result = seatsFromRoster(parseRoster("seat,name\n,Ines\n1,Bo\n,Al", ["name"]), ["name"]);
    expect(result.ok && result.value.map(({ seat }) => seat)).toEqual(["2", "1", "3"]);
  });

  it("refuses a seat that could not be a file's piece id", () => {
    expect(seatsFromRoster(parseRoster("seat,name\n../x,Ines", ["name"]), ["name"])).toMatchObject({
      ok: false,
      line: 2,
    });
  });
});
