/**
 * Lists as people really send them: whatever the headings, nobody is lost and no heading becomes a
 * person.
 */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { columnOf, plainHeading } from "./columns.ts";
import { parseRoster, type Roster, rosterOfTable } from "./roster.ts";
import { sayRosterFinding } from "./words-en.ts";

const SLOTS = ["name", "word"];
const people = ({ rows }: Roster) =>
  rows.map(({ fields }) => [fields.name ?? "", fields.word ?? ""]);
const read = (text: string) => parseRoster(text, SLOTS);

describe("headings", () => {
  it.each([
    ["Full name,Crop word", "Maren Holt,Kale"],
    ["Attendee name,Word", "Maren Holt,Kale"],
    ["Participant,Crop word", "Maren Holt,Kale"],
    ["Teilnehmer;Wort", "Maren Holt;Kale"],
    ["Nombre;Palabra", "Maren Holt;Kale"],
    ["Nom et prénom\tMot", "Maren Holt\tKale"],
    ["Imię,Słowo", "Maren Holt,Kale"],
    ["Navn;Ord", "Maren Holt;Kale"],
    ["NAME , WORD", "Maren Holt,Kale"],
  ])("“%s” is no participant", (header, row) => {
    const roster = read(`${header}\n${row}`);
    expect(people(roster)).toEqual([["Maren Holt", "Kale"]]);
    expect(roster.header).not.toBeNull();
  });

  it("a list of “Name 1”, “Name 2” loses nobody: where the next line reads like a heading, too, both are people", () => {
    expect(people(read("Name 1\nName 2\nName 3")).map(([name]) => name)).toEqual([
      "Name 1",
      "Name 2",
      "Name 3",
    ]);
    expect(people(read("Guest 1,Word 1\nGuest 2,Word 2"))).toEqual([
      ["Guest 1", "Word 1"],
      ["Guest 2", "Word 2"],
    ]);
    expect(people(read("Name\nName 1\nName 2")).map(([name]) => name)).toEqual([
      "Name 1",
      "Name 2",
    ]);
    expect(people(read("Name\nMaren")).map(([name]) => name)).toEqual(["Maren"]);
  });

  it("a title and a blank line above them are passed over", () => {
    expect(people(read("Saturday class, allotment hut\n\nName,Word\nMaren Holt,Kale"))).toEqual([
      ["Maren Holt", "Kale"],
    ]);
  });

  it("a list without headings begins with its first person, a person called Major too", () => {
    expect(people(read("Maren Holt,Kale\nMajor Bo,Dill"))).toEqual([
      ["Maren Holt", "Kale"],
      ["Major Bo", "Dill"],
    ]);
  });

  it("columns the host assigns hold against any heading", () => {
    const roster = parseRoster("Code,Who,What\n17,Maren Holt,Kale", SLOTS, {
      columns: ["", "name", "word"],
      headed: true,
    });
    expect(people(roster)).toEqual([["Maren Holt", "Kale"]]);
  });

  it("are compared without marks, case and signs", () => {
    expect(plainHeading("  Prénom / NOM ")).toBe(plainHeading("prenom nom"));
    expect(columnOf("First name", SLOTS)).toBe("name");
    expect(columnOf("Seat no.", SLOTS)).toBe("seat");
    expect(columnOf("Shoe size", SLOTS)).toBeNull();
  });
});

describe("rows that are not as the others", () => {
  it("one short row leaves the semicolon what it is", () => {
    expect(people(read("Name;Word\nMaren Holt;Kale\nBo\nMette;Dill"))).toEqual([
      ["Maren Holt", "Kale"],
      ["Bo", ""],
      ["Mette", "Dill"],
    ]);
    expect(people(read("Name;Word\nBo"))).toEqual([["Bo", ""]]);
  });

  it("a quote that is never closed swallows nobody", () => {
    const roster = read('Name,Word\n"Maren Holt,Kale\nBo,Dill\nMette,Sage');
    expect(people(roster).map(([name]) => name?.replace('"', ""))).toEqual([
      "Maren Holt",
      "Bo",
      "Mette",
    ]);
    expect(roster.findings.length).toBeGreaterThan(0);
  });

  it("a line break in a cell becomes a space, not MarenHolt", () => {
    const roster = read('Name,Word\n"Maren\nHolt",Kale');
    expect(people(roster)).toEqual([["Maren Holt", "Kale"]]);
    expect(roster.findings.some(({ code }) => code === "lineBreak")).toBe(true);
  });

  it("findings tell the line of the text, also below a cell of several lines", () => {
    const roster = read('name,word\n"Maren\nHolt",Kale\n\nBo,Dill,extra');
    expect(roster.findings.map(({ code, line }) => [code, line])).toEqual(
      expect.arrayContaining([["extraCells", 5]]),
    );
    expect(roster.rows.map(({ line }) => line)).toEqual([2, 5]);
  });

  it("apostrophes, commas in quotes and double names stay whole", () => {
    expect(people(read('Name,Word\n"O\'Hara, Zoë",Kale\nNguyễn Thị Ánh,Dill'))).toEqual([
      ["O'Hara, Zoë", "Kale"],
      ["Nguyễn Thị Ánh", "Dill"],
    ]);
  });

  it("an empty list is nobody, and says so", () => {
    for (const text of ["", "\n\n", "Name,Word\n"]) expect(read(text).rows).toEqual([]);
  });
});

describe("a thousand and more", () => {
  it("come through whole, from text and from a spreadsheet alike", () => {
    const rows = Array.from({ length: 1800 }, (_, i) => [`Person ${i}`, `Word ${i}`]);
    expect(read(rows.map((row) => row.join("\t")).join("\n")).rows).toHaveLength(1800);
    expect(rosterOfTable([["Name", "Word"], ...rows], SLOTS).rows).toHaveLength(1800);
  });

  const cell = fc
    .stringMatching(/^[A-ZÀ-Ö][a-zà-ö' -]{0,18}[a-zà-ö]$/u)
    .filter((text) => columnOf(text, SLOTS) === null);
  it("whatever the separator, as many people as rows, in order", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 40 }),
        fc.constantFrom(",", ";", "\t"),
        (rows, mark) => {
          const roster = read(
            `${["Name", "Word"].join(mark)}\n${rows.map((row) => row.join(mark)).join("\r\n")}`,
          );
          expect(people(roster)).toEqual(rows.map((row) => row.map((text) => text.trim())));
        },
      ),
      { seed: 919, numRuns: 200 },
    );
  });

  it("every finding has words, with its line", () => {
    const roster = read('name,word\n"Maren\nHolt",Kale\n\nBo,Dill,extra\nx\u0007y,z');
    for (const finding of roster.findings) expect(sayRosterFinding(finding)).toMatch(/\w{3}/u);
  });
});
