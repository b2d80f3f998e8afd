import { CUTTER_PROFILES } from "../../cutting/cutter-profiles.ts";
import type { Finding } from "../../findings/finding.ts";
import type { Remedy } from "../../findings/remedy.ts";
import { type Box, boxHeight, boxOf, boxWidth, joinBoxes } from "../../geometry/polygon.ts";
import { binFor, padOf } from "../../stages/load-room.ts";
import type { PlanStages, ThingStages } from "../../stages/stages.ts";
import { isPainted } from "../../weeding/technique.ts";
import type { Vinyl } from "../../weeding/vinyl.ts";
import type { ClassRule, Rule } from "../rule.ts";

export const layoutRules: Rule = (plan) => [...tooLarge(plan), ...inParts(plan)];
export const matRules: ClassRule = (plan) => withoutMat(plan);

function tooLarge({ document, kits, laidOut, labels }: ThingStages): Finding[] {
  const lost = new Set(laidOut.unplaced.map(({ id }) => id));
  return kits.flatMap((kit): Finding[] => {
    if (!kit.pieces.some((piece) => lost.has(piece.id))) return [];
    const vinyl = document.vinyls.find(({ id }) => id === kit.vinyl);
    const bin = vinyl ? binFor(vinyl, document.cutter) : { width: 0, height: 0 };
    const longer = vinyl ? longerMat(document, vinyl, [kit.box], kit.pad) : null;
    return [
      {
        code: "kitTooLarge",
        severity: "stop",
        where: { seat: kit.seat, vinyl: kit.vinyl },
        values: {
          name: labels.get(kit.of) ?? kit.seat,
          width: boxWidth(kit.box) + 2 * kit.pad,
          height: boxHeight(kit.box) + 2 * kit.pad,
          binWidth: bin.width,
          binHeight: bin.height,
          ...(longer?.values ?? {}),
        },
        remedies: longer?.remedies ?? [],
      },
    ];
  });
}

function withoutMat({ document, kits }: PlanStages): Finding[] {
  if (!document.cutter.matless) return [];
  const thin = document.vinyls.filter(
    ({ id, family }) => family !== "thickBacked" && kits.some(({ vinyl }) => vinyl === id),
  );
  return thin.map(({ id, name }) => ({
    code: "needsMat",
    severity: "stop",
    where: { vinyl: id },
    values: { name },
    remedies: [],
  }));
}

/** One finding a vinyl: the seat with the most parts speaks for all. */
function inParts(plan: ThingStages): Finding[] {
  return plan.document.vinyls.flatMap(({ id: vinyl }): Finding[] => {
    const long = plan.kits.filter((kit) => kit.vinyl === vinyl && kit.part?.n === 1);
    const worst = [...long].sort((a, b) => (b.part?.parts ?? 0) - (a.part?.parts ?? 0))[0];
    if (!worst?.part) return [];
    const through = new Set(worst.part.seams.flatMap((seam) => seam.through)).size;
    const seats = [...new Set(long.map(({ seat }) => seat))];
    const film = plan.document.vinyls.find(({ id }) => id === vinyl);
    const longer = film
      ? longerMat(
          plan.document,
          film,
          seats.map((seat) => wholeBox(plan, vinyl, seat)),
          worst.pad,
        )
      : null;
    return [
      {
        code: "kitInParts",
        severity: through > 0 ? "check" : "tip",
        where: { seat: worst.of, vinyl },
        values: {
          parts: worst.part.parts,
          through,
          seats: seats.length,
          ...(longer?.values ?? {}),
        },
        remedies: [
          ...narrowerPad(plan, vinyl, seats),
          ...(longer?.remedies ?? []),
          ...smaller(plan, vinyl, seats),
        ],
      },
    ];
  });
}

const wholeBox = ({ kits }: ThingStages, vinyl: string, seat: string): Box =>
  joinBoxes(
    kits
      .filter((kit) => kit.seat === seat && kit.vinyl === vinyl)
      .map((kit) => boxOf(kit.pieces.map(({ polygon }) => polygon))),
  );

interface Longer {
  readonly values: Readonly<Record<string, string | number>>;
  readonly remedies: readonly Remedy[];
}

/** Film is cut off in whole centimetres. */
const ROLL_STEP_MM = 10;

/**
 * A longer mat of the same machine on which every whole would stay whole. It is offered where the
 * film at hand is long enough;
 * where it is not, it is said how long a piece off a roll must be.
 */
function longerMat(
  document: ThingStages["document"],
  vinyl: Vinyl,
  boxes: readonly Box[],
  pad: number,
): Longer | null {
  const { cutter, layout } = document;
  const turns = layout.mayTurn && vinyl.turns === "free";
  const fits = (bin: { width: number; height: number }) =>
    boxes.every((box) => {
      const [w, h] = [boxWidth(box) + 2 * pad, boxHeight(box) + 2 * pad];
      return (w <= bin.width && h <= bin.height) || (turns && h <= bin.width && w <= bin.height);
    });
  const longer = CUTTER_PROFILES.filter(
    (one) =>
      one.cutter.matless === cutter.matless &&
      one.cutter.cutWidth <= cutter.cutWidth + 1 &&
      one.cutter.cutHeight > cutter.cutHeight,
  ).sort((a, b) => a.cutter.cutHeight - b.cutter.cutHeight);
  for (const { id, cutter: mat } of longer) {
    if (fits(binFor(vinyl, mat)))
      return {
        values: {},
        remedies: [{ code: "useCutter", values: { profile: id, name: mat.name } }],
      };
    const inside = {
      width: Math.min(vinyl.stock.width, mat.cutWidth) - 2 * mat.edgeMargin,
      height: mat.cutHeight - 2 * mat.edgeMargin,
    };
    if (vinyl.stock.kind === "roll" || !fits(inside)) continue;
    const longest =
      Math.max(...boxes.map((box) => Math.max(boxWidth(box), boxHeight(box)))) +
      2 * (pad + mat.edgeMargin);
    return {
      values: { longer: mat.name, roll: Math.ceil(longest / ROLL_STEP_MM) * ROLL_STEP_MM },
      remedies: [],
    };
  }
  return null;
}

/** A blade and a hook need so much film round a kit, mm. */
const LEAST_PAD_MM = 1;

/**
 * Where less film round the kits makes every whole go into one load: that costs nothing of the
 * design.
 */
function narrowerPad(
  { document, kits }: ThingStages,
  vinyl: string,
  seats: readonly string[],
): Remedy[] {
  const film = document.vinyls.find(({ id }) => id === vinyl);
  const { layout } = document;
  if (!film || layout.mode === "tight" || isPainted(document.technique)) return [];
  const bin = binFor(film, document.cutter);
  const room = Math.min(
    ...seats.map((seat) => {
      const whole = joinBoxes(
        kits
          .filter((kit) => kit.seat === seat && kit.vinyl === vinyl)
          .map((kit) => boxOf(kit.pieces.map(({ polygon }) => polygon))),
      );
      const [w, h] = [boxWidth(whole), boxHeight(whole)];
      const upright = Math.min(bin.width - w, bin.height - h);
      return (
        Math.max(
          upright,
          layout.mayTurn && film.turns === "free"
            ? Math.min(bin.height - w, bin.width - h)
            : Number.NEGATIVE_INFINITY,
        ) / 2
      );
    }),
  );
  const mm = Math.floor(room * 10) / 10;
  return mm >= Math.max(LEAST_PAD_MM, layout.clearance / 2) && mm < padOf(document)
    ? [{ code: "lessPad", values: { mm } }]
    : [];
}

/** Less than this and nobody would read it from where it hangs. */
const LEAST_SHARE = 0.5;

/** The size at which every whole would go into one load, where one size holds for all seats. */
function smaller(
  { document, kits, lettered }: ThingStages,
  vinyl: string,
  seats: readonly string[],
): Remedy[] {
  const film = document.vinyls.find(({ id }) => id === vinyl);
  const scale = lettered.seats.find(({ seat }) => seat === seats[0])?.scale;
  if (
    !film ||
    !scale ||
    (document.design.school !== "longest" && document.design.school !== "fixedHeight")
  )
    return [];
  const bin = binFor(film, document.cutter);
  const round = 2 * padOf(document);
  const ways = [
    [bin.width - round, bin.height - round],
    [bin.height - round, bin.width - round],
  ] as const;
  const fits = seats.map((seat) => {
    const own = kits.filter((kit) => kit.seat === seat && kit.vinyl === vinyl);
    const whole = joinBoxes(own.map((kit) => boxOf(kit.pieces.map(({ polygon }) => polygon))));
    return Math.max(...ways.map(([w, h]) => Math.min(w / boxWidth(whole), h / boxHeight(whole))));
  });
  const share = Math.floor(Math.min(...fits) * 1000) / 1000;
  return share >= LEAST_SHARE && share < 1
    ? [{ code: "setSize", values: { scale: scale * share, share } }]
    : [];
}
