import { creaseOf } from "../../blanks/crease.ts";
import { endRise } from "../../blanks/tapered-cup.ts";
import type { Finding } from "../../findings/finding.ts";
import type { Remedy } from "../../findings/remedy.ts";
import type { RecipeItem } from "../../lettering/recipe.ts";
import { vinylsOfItem } from "../../lettering/recipe-reads.ts";
import { leaveIt, type Rule } from "../rule.ts";

/** Ends that run off level by more than this are seen from across a table, mm. */
const SEEN_RISE_MM = 1;
/**
 * A smaller design is offered down to this share of its size; below it is another design that is
 * wanted.
 */
const LEAST_SHARE = 0.4;

/** Tapered: a straight cut runs off level. Bulged: wide plates and closed rings crease. */
export const curveRules: Rule = (plan) =>
  groupsOf(plan).flatMap((group) => [...offLevel(plan, group), ...creases(plan, group)]);

type Plan = Parameters<Rule>[0];

/** Seats on pieces of one shape; a piece that somebody brings is a group of its own. */
interface Group {
  readonly face: Plan["face"];
  readonly seats: Plan["lettered"]["seats"];
  readonly kits: Plan["kits"];
  /** Whose own piece it is. */
  readonly seat: string | null;
}

function groupsOf({ face, ownFaces, lettered, kits }: Plan): Group[] {
  const own = [...ownFaces].map(
    ([seat, ownFace]): Group => ({
      face: ownFace,
      seats: lettered.seats.filter((row) => row.seat === seat),
      kits: kits.filter((kit) => kit.of === seat),
      seat,
    }),
  );
  return [
    {
      face,
      seats: lettered.seats.filter(({ seat }) => !ownFaces.has(seat)),
      kits: kits.filter(({ of }) => !ownFaces.has(of)),
      seat: null,
    },
    ...own,
  ];
}

function offLevel(_: Plan, { face, seats, seat }: Group): Finding[] {
  const { taper } = face;
  if (!taper || taper.warped) return [];
  const widest = Math.max(0, ...seats.map(({ width }) => width));
  const rise = endRise(taper.baseline, widest);
  if (rise < SEEN_RISE_MM) return [];
  const where = { field: "warp", ...(seat === null ? {} : { seat }) };
  return [
    {
      code: "offLevel",
      severity: "check",
      where,
      values: { rise, width: widest },
      remedies: [
        ...(seat === null ? [{ code: "warp" as const, values: {} }] : []),
        leaveIt({ code: "offLevel", where }),
      ],
    },
  ];
}

function creases({ document }: Plan, { face, seats, kits, seat }: Group): Finding[] {
  const { bulge } = face;
  if (!bulge || !Number.isFinite(bulge.largestPatch)) return [];
  const read = kits.flatMap((kit) =>
    kit.pieces.map((piece) => ({
      seat: kit.seat,
      vinyl: kit.vinyl,
      piece: piece.id,
      ...creaseOf(piece.polygon, bulge.largestPatch),
    })),
  );
  const worst = (verdict: "creases" | "borderline") =>
    read
      .filter((row) => row.verdict === verdict)
      .reduce<(typeof read)[number] | null>((a, b) => (a && a.patch >= b.patch ? a : b), null);
  const bad = worst("creases");
  const found = bad ?? worst("borderline");
  if (!found) return [];
  const where = { seat: found.seat, piece: found.piece, vinyl: found.vinyl };
  const values = {
    patch: found.patch,
    limit: bulge.largestPatch,
    pieces: read.filter((row) => row.verdict === found.verdict).length,
  };
  const share = bulge.largestPatch / found.patch;
  const scale = Math.max(0, ...seats.map((row) => row.scale));
  const parts = document.design.items.filter((item) => vinylsOfItem(item).includes(found.vinyl));
  const rings =
    found.cause === "ring"
      ? parts.filter(mayHoldRing).map((item) => ({
          code: "openRings" as const,
          values: { item: item.id, name: nameOf(item) },
        }))
      : [];
  const plates =
    found.cause === "plate"
      ? parts
          .filter(({ kind }) => kind === "art")
          .map((item) => ({
            code: "slitPlates" as const,
            values: { item: item.id, name: nameOf(item), share },
          }))
      : [];
  const code = bad ? "creases" : "mayCrease";
  return [
    {
      code,
      severity: bad ? "check" : "tip",
      where,
      values,
      remedies: [...rings, ...plates, ...smaller(share, scale, seat), leaveIt({ code, where })],
    },
  ];
}

/** Of one's own piece only that seat is set smaller. */
function smaller(share: number, scale: number, seat: string | null): Remedy[] {
  if (share < LEAST_SHARE || share >= 1 || scale <= 0) return [];
  if (seat !== null) return [{ code: "ownSize", values: { seats: seat, share } }];
  return [{ code: "setSize", values: { scale: Math.floor(scale * share * 1000) / 1000, share } }];
}

const mayHoldRing = (item: RecipeItem): boolean =>
  item.kind === "art" || (item.kind === "shape" && (item.form === "ring" || item.form === "frame"));

function nameOf(item: RecipeItem): string {
  if (item.kind === "art") return item.name;
  return item.kind === "shape" ? item.form : item.id;
}
