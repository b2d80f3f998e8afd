/**
 * The table of docs/proposals.md: what is proposed for each blank, technique and film, from the
 * rules themselves.
 */

import { MATERIALS, type Material } from "../blanks/blank-kinds.ts";
import type { ClassDocument } from "../document/document.ts";
import { MATERIAL_WORDS } from "../films/film-words-en.ts";
import { type Proposal, propose } from "../proposal/propose.ts";
import { starterClass } from "../proposal/starter.ts";
import { VINYL_FAMILIES, type VinylFamily } from "../weeding/families.ts";
import { TECHNIQUE_WORDS } from "../weeding/technique-words-en.ts";
import { TECHNIQUES, type Technique } from "../weeding/techniques.ts";
import { demoClass } from "./documents.ts";

const film = (family: VinylFamily) => ({
  ...(demoClass("seed-tins").vinyls[0] as ClassDocument["vinyls"][number]),
  id: "film",
  name: "Film",
  family,
});

function proposalFor(technique: Technique, material: Material, family: VinylFamily): Proposal {
  return propose(
    starterClass({
      title: "Table",
      when: { date: "2027-03-06", time: "14:00", zone: "Europe/London", minutes: 120 },
      setting: { kind: "room", place: "" },
      blankName: "Piece",
      material,
      blankColour: "#8A6A4B",
      shape:
        material === "balloon"
          ? { kind: "ball", diameter: 260, wrapAngle: 90 }
          : { kind: "flat", width: 200, height: 140 },
      technique,
      films: [film(family)],
      seats: Array.from({ length: 12 }, (_, i) => ({
        seat: String(i + 1),
        fields: { name: "Rosa" },
      })),
    }),
  );
}

const tapeOf = ({ materials }: Proposal): string =>
  /tack|medium|strong/u
    .exec(materials.find(({ name }) => name.startsWith("Transfer tape"))?.name ?? "none")?.[0]
    ?.replace("tack", "low") ?? "none";

/** Films that are carried by the same tape stand together. */
function tapes(technique: Technique, material: Material): string {
  const groups = new Map<string, VinylFamily[]>();
  for (const family of VINYL_FAMILIES) {
    const tape = tapeOf(proposalFor(technique, material, family));
    groups.set(tape, [...(groups.get(tape) ?? []), family]);
  }
  const [first, ...others] = [...groups].sort((a, b) => b[1].length - a[1].length);
  return [
    first?.[0] ?? "none",
    ...others.map(([tape, families]) => `${tape}: ${families.join(", ")}`),
  ].join("; ");
}

export function proposalTable(): string {
  const lines: string[] = [];
  for (const technique of TECHNIQUES) {
    lines.push(
      `## ${TECHNIQUE_WORDS[technique].name}`,
      "",
      "| On | Before the class | Cleaned with | Tape | Steps | Minutes | Cautions of its own | Care |",
      "|---|---|---|---|---|---|---|---|",
    );
    for (const material of MATERIALS) {
      const proposal = proposalFor(
        technique,
        material,
        technique === "ironOnStencil"
          ? "ironOn"
          : technique === "decal"
            ? "permanentGloss"
            : "stencil",
      );
      const { steps, preparation, materials, cautions, care } = proposal;
      const cleaner = materials.find(({ id }) => id === "wipe" || id === "brush")?.name ?? "";
      lines.push(
        `| ${[
          MATERIAL_WORDS[material],
          preparation.map(({ title }) => title.replace(/: Piece$/u, "").toLowerCase()).join(", ") ||
            "nothing",
          cleaner.toLowerCase(),
          technique === "ironOnStencil" ? "none: its liner carries it" : tapes(technique, material),
          steps.map(({ id }) => id).join(", "),
          String(steps.reduce((sum, { minutes }) => sum + minutes, 0)),
          cautions
            .filter(({ at }) => at.length === 0)
            .map(({ text }) => text.split(/[:.;]/u)[0])
            .join("; "),
          care[0]?.participant ?? "",
        ].join(" | ")} |`,
      );
    }
    lines.push("");
  }
  return `${lines.join("\n").trim()}\n`;
}
