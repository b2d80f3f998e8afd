/**
 * Art that may not be used, that was drawn crossing itself, and pictures that a seat asks for and
 * nobody has.
 */
import { cleanArt } from "../../art/clean.ts";
import type { Finding } from "../../findings/finding.ts";
import type { ArtItem } from "../../lettering/recipe.ts";
import { leaveIt, type Rule } from "../rule.ts";

const PERSONAL = /personal|private|non-?commercial|not for sale|no resale|privat|personnel/iu;

export const artRules: Rule = (plan) =>
  plan.document.design.items.flatMap((item): Finding[] =>
    item.kind === "art" ? [...rights(item), ...repaired(item), ...unknownPictures(plan, item)] : [],
  );

/** A class that people pay for is commercial. */
function rights(item: ArtItem): Finding[] {
  return [item, ...item.others].flatMap(({ name, licence }): Finding[] => {
    if (!PERSONAL.test(licence)) return [];
    const where = { field: `${item.id} ${name}` };
    return [
      {
        code: "personalUseOnly",
        severity: "check",
        where,
        values: { name, licence },
        remedies: [leaveIt({ code: "personalUseOnly", where })],
      },
    ];
  });
}

function repaired(item: ArtItem): Finding[] {
  return [item, ...item.others].flatMap(({ name, layers }): Finding[] => {
    if (!layers.some(({ polygons }) => cleanArt(polygons).repaired)) return [];
    const where = { field: `${item.id} ${name}` };
    return [
      {
        code: "artRepaired",
        severity: "tip",
        where,
        values: { name },
        remedies: [leaveIt({ code: "artRepaired", where })],
      },
    ];
  });
}

function unknownPictures({ document }: Parameters<Rule>[0], item: ArtItem): Finding[] {
  const { slot } = item;
  if (!slot) return [];
  const known = [item.name, ...item.others.map(({ name }) => name)];
  const lost = document.seats.filter(({ fields }) => {
    const wanted = (fields[slot] ?? "").trim().toLowerCase();
    return wanted !== "" && !known.some((name) => name.toLowerCase() === wanted);
  });
  const first = lost[0];
  if (!first) return [];
  const where = { seat: first.seat, field: slot };
  return [
    {
      code: "unknownPicture",
      severity: "check",
      where,
      values: {
        text: first.fields[slot] ?? "",
        known: known.join(", "),
        instead: item.name,
        seats: lost.length,
      },
      remedies: [leaveIt({ code: "unknownPicture", where })],
    },
  ];
}
