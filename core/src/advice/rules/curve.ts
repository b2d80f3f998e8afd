import { creaseOf } from "../../blanks/crease.ts";
import { endRise } from "../../blanks/tapered-cup.ts";
import { type RecipeItem, vinylsOfItem } from "../../lettering/recipe.ts";
import type { Finding } from "../finding.ts";
import { leaveIt, type Rule } from "../rule.ts";

/** Ends that run off level by more than this are seen from across a table, mm. */
const SEEN_RISE_MM = 1;
/** A smaller design is offered down to this share of its size; below it is another design that is wanted. */
const LEAST_SHARE = 0.4;

/** Tapered: a straight cut runs off level. Bulged: wide plates and closed rings crease. */
export const curveRules: Rule = (plan) => [...offLevel(plan), ...creases(plan)];

type Plan = Parameters<Rule>[0];

function offLevel({ face, lettered }: Plan): Finding[] {
  const { taper } = face;
  if (!taper || taper.warped) return [];
  const widest = Math.max(0, ...lettered.seats.map(({ width }) => width));
  const rise = endRise(taper.baseline, widest);
  if (rise < SEEN_RISE_MM) return [];
  return [
    {
      code: "offLevel",
      severity: "check",
      where: { field: "warp" },
      values: { rise, width: widest },
      remedies: [{ code: "warp", values: {} }, leaveIt({ code: "offLevel", where: { field: "warp" } })],
    },
  ];
}

function creases({ face, lettered, document, kits }: Plan): Finding[] {
  const { bulge } = face;
  if (!bulge || !Number.isFinite(bulge.largestPatch)) return [];
  const read = kits.flatMap((kit) => kit.pieces.map((piece) => ({ seat: kit.seat, vinyl: kit.vinyl, piece: piece.id, ...creaseOf(piece.polygon, bulge.largestPatch) })));
  const worst = (verdict: "creases" | "borderline") => read.filter((row) => row.verdict === verdict).reduce<(typeof read)[number] | null>((a, b) => (a && a.patch >= b.patch ? a : b), null);
  const bad = worst("creases");
  const found = bad ?? worst("borderline");
  if (!found) return [];
  const where = { seat: found.seat, piece: found.piece, vinyl: found.vinyl };
  const values = { patch: found.patch, limit: bulge.largestPatch, pieces: read.filter((row) => row.verdict === found.verdict).length };
  const share = bulge.largestPatch / found.patch;
  const scale = Math.max(0, ...lettered.seats.map((seat) => seat.scale));
  const parts = document.design.items.filter((item) => vinylsOfItem(item).includes(found.vinyl));
  const rings = found.cause === "ring" ? parts.filter(mayHoldRing).map((item) => ({ code: "openRings" as const, values: { item: item.id, name: nameOf(item) } })) : [];
  const plates = found.cause === "plate" ? parts.filter(({ kind }) => kind === "art").map((item) => ({ code: "slitPlates" as const, values: { item: item.id, name: nameOf(item), share } })) : [];
  const smaller = share >= LEAST_SHARE && share < 1 && scale > 0 ? [{ code: "setSize" as const, values: { scale: Math.floor(scale * share * 1000) / 1000, share } }] : [];
  const code = bad ? "creases" : "mayCrease";
  return [{ code, severity: bad ? "check" : "tip", where, values, remedies: [...rings, ...plates, ...smaller, leaveIt({ code, where })] }];
}

const mayHoldRing = (item: RecipeItem): boolean => item.kind === "art" || (item.kind === "shape" && (item.form === "ring" || item.form === "frame"));

function nameOf(item: RecipeItem): string {
  if (item.kind === "art") return item.name;
  return item.kind === "shape" ? item.form : item.id;
}
