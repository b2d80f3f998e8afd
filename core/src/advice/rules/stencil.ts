import { blankOutline } from "../../blanks/read-face.ts";
import type { Finding } from "../../findings/finding.ts";
import type { Remedy } from "../../findings/remedy.ts";
import { boxOfPoints } from "../../geometry/polygon.ts";
import { vinylsOf } from "../../lettering/recipe-reads.ts";
import { LEAST_BORDER_MM, padOf, partSize } from "../../stages/load-room.ts";
import { fits } from "../../stages/parts.ts";
import type { ThingStages } from "../../stages/stages.ts";
import { goesOf, needsTape } from "../../weeding/technique.ts";
import { leaveIt, type Rule } from "../rule.ts";

/**
 * Islands ride on the tape; with many in one kit, beginners lose or shift some. Those of iron-on
 * film keep to its liner.
 */
const MANY_ISLANDS = 6;

export const stencilRules: Rule = (plan) => [
  ...looseIslands(plan),
  ...narrowBorder(plan),
  ...borderOverFace(plan),
];

function looseIslands({ document, lettered }: ThingStages): Finding[] {
  if (
    goesOf(document.technique) !== "out" ||
    !needsTape(document.technique) ||
    document.design.stencil?.islands === "bridged"
  )
    return [];
  const counted = lettered.seats.map((seat) => ({
    seat: seat.seat,
    islands: [...seat.layers.values()].flat().reduce((sum, polygon) => sum + polygon.length - 1, 0),
  }));
  const worst = counted.reduce<(typeof counted)[number] | null>(
    (a, b) => (a && a.islands >= b.islands ? a : b),
    null,
  );
  if (!worst || worst.islands < MANY_ISLANDS) return [];
  const where = { seat: worst.seat };
  return [
    {
      code: "looseIslands",
      severity: "tip",
      where,
      values: {
        islands: worst.islands,
        kits: counted.filter(({ islands }) => islands >= MANY_ISLANDS).length,
      },
      remedies: [{ code: "bridgeIslands", values: {} }, leaveIt({ code: "looseIslands", where })],
    },
  ];
}

/**
 * One load leaves less film round the stencil than is wanted: the letters stay whole, and paint
 * must be kept off otherwise.
 */
function narrowBorder({ document, kits }: ThingStages): Finding[] {
  const wanted = padOf(document);
  const narrow = kits.filter(
    (kit) => goesOf(document.technique) === "out" && kit.film === null && kit.pad < wanted - 1e-9,
  );
  const least = narrow.reduce<(typeof narrow)[number] | null>(
    (a, b) => (a && a.pad <= b.pad ? a : b),
    null,
  );
  if (!least) return [];
  const where = { seat: least.of, vinyl: least.vinyl };
  return [
    {
      code: "narrowBorder",
      severity: "check",
      where,
      values: { mm: least.pad, wanted, seats: new Set(narrow.map(({ of }) => of)).size },
      remedies: [leaveIt({ code: "narrowBorder", where })],
    },
  ];
}

/**
 * Film that is larger than a flat face: inside a frame it does not lie down. What it must be
 * trimmed to, and the border that fits.
 */
function borderOverFace({ document, face, lettered, kits }: ThingStages): Finding[] {
  if (
    goesOf(document.technique) !== "out" ||
    face.cup ||
    lettered.seats.length === 0 ||
    kits.some(({ film }) => film !== null)
  )
    return [];
  const pad = Math.max(0, ...kits.map((kit) => kit.pad));
  const widest = Math.max(...lettered.seats.map(({ width }) => width));
  const tallest = Math.max(...lettered.seats.map(({ height }) => height));
  const over = { width: widest + 2 * pad - face.width, height: tallest + 2 * pad - face.height };
  if (Math.max(over.width, over.height) <= 0.05) return [];
  const across = over.width > 0.05 && over.width >= over.height;
  const room = Math.floor((Math.min(face.width - widest, face.height - tallest) / 2) * 10) / 10;
  const where = {};
  return [
    {
      code: "borderOverFace",
      severity: "check",
      where,
      values: {
        width: widest + 2 * pad,
        height: tallest + 2 * pad,
        faceWidth: face.width,
        faceHeight: face.height,
        trim: across ? face.width : face.height,
        across: across ? 1 : 0,
      },
      remedies: [
        ...(room >= LEAST_BORDER_MM ? [{ code: "lessBorder" as const, values: { mm: room } }] : []),
        ...toBlank(document),
        leaveIt({ code: "borderOverFace", where }),
      ],
    },
  ];
}

/**
 * Film of the blank's own size lies edge to edge; only where one load takes it, and nothing of the
 * face is kept free.
 */
function toBlank({ blank, vinyls, cutter, layout, design }: ThingStages["document"]): Remedy[] {
  const outline = blankOutline(blank);
  const film = vinyls.find(({ id }) => vinylsOf(design).includes(id));
  const size = film ? partSize(film, { cutter, layout: { ...layout, split: true } }, 0) : null;
  return outline && size && blank.reserve.length === 0 && fits(boxOfPoints(outline), size)
    ? [{ code: "filmToBlank", values: {} }]
    : [];
}
