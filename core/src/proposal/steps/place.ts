/**
 * Laying a decal down and taking the tape off: by the shape it lies on, its length and its ground.
 */

import { isCup, isRound } from "../../blanks/shape-size.ts";
import { isRough, isSmooth } from "../../blanks/woods.ts";
import { MINUTES, span } from "../minutes.ts";
import type { Situation } from "../situation.ts";
import { type Told, words } from "../told.ts";
import type { Transfer } from "../transfers.ts";

export const BACKING_OFF =
  "Turn it over and fold the backing flat back on itself, pulling it off the tape slowly: the backing from the tape, not the tape from the backing. What stays behind is laid down and rubbed again.";

/** Above about this length a hinge alone does not keep film level: a slip sheet, mm. */
export const SLIP_SHEET_MM = 300;
/** Held between two fingers it wanders while the film is laid, mm. */
const SMALL_MM = 90;

export type Ground = "wall" | "ball" | "soft" | "long" | "small" | "flat";

export function groundShape({ blank, facts }: Pick<Situation, "blank" | "facts">): Ground {
  if (blank.material === "balloon") return "soft";
  if (blank.shape.kind === "ball") return "ball";
  if (isRound(blank.shape)) return "wall";
  if (Math.max(facts.width, facts.height) > SLIP_SHEET_MM) return "long";
  const { shape } = blank;
  const longest =
    "diameter" in shape
      ? shape.diameter
      : "width" in shape
        ? Math.max(shape.width, shape.height)
        : Math.max(facts.width, facts.height) * 1.3;
  return longest < SMALL_MM ? "small" : "flat";
}

/** Gaps in the tape let it follow a wall that bends both ways. */
const bendsTwice = ({ blank }: Pick<Situation, "blank">): boolean =>
  blank.shape.kind === "bulgedCup" || blank.shape.kind === "ball";

interface Laid {
  readonly say: string;
  readonly check: string;
  readonly doIt: string;
  readonly slip: string;
  readonly because: string;
}

const OVERHANG = "What would hang over an edge is cut off with its tape and set anew inside.";
const OFF_BY_A_LITTLE =
  "Off by a little: while it is on the tape it can be lifted and set again once.";

const LAID: Readonly<Record<Ground, (s: Situation) => Laid>> = {
  wall: (s) => ({
    say: words(
      `${BACKING_OFF} The piece lies in a cradle or a rolled towel${s.blank.handle ? ", the handle straight up or down, looked at from above" : ""}; one holds, one places.`,
      "Hold the tape's lines level with the foot. Press straight down on the middle of the letters first, then out to each side with finger or card; the roller is for flat things.",
      bendsTwice(s) &&
        "Snip the tape between the letters up to the film and lay each tab down by itself, without pulling.",
    ),
    check: words(
      "Level seen from above, no crease,",
      isCup(s.blank.shape) ? "the rim clear." : "each tab down.",
      s.blank.shape.kind === "taperedCup" &&
        "The foot of the letters is as far from the rim at both ends.",
    ),
    doIt: words(
      "Lay it in the cradle. Peel the backing off the tape. Press the middle of the letters down first, then smooth out to each side.",
      bendsTwice(s) && "Snip the tape between the letters and lay each tab by itself.",
    ),
    slip: words(
      "An end that touched first puts a crease in: lift that side up to the middle, hold it off, smooth again.",
      OFF_BY_A_LITTLE,
    ),
    because:
      "On a round wall the middle goes first: an end that touches first leaves too much film before it.",
  }),
  ball: () => ({
    say: `${BACKING_OFF} The ball sits in a ring or a bowl with a cloth. Press the middle of the letters down first. Snip the tape from its edge up to the film, between the letters, and lay each tab down by itself, without pulling.`,
    check: "Every tab is down and no letter is pulled.",
    doIt: "Set it in the bowl. Peel the backing off the tape. Press the middle first. Snip the tape between the letters, lay each tab by itself.",
    slip: "A crease in a closed ring cannot be smoothed away: cut it through where nobody looks, and lay the ends over each other.",
    because:
      "A ball bends both ways; tape and film do not. Open arms follow, a closed ring or a wide plate creases.",
  }),
  soft: () => ({
    say: `${BACKING_OFF} Somebody holds it between two flat hands. Touch the middle down first, no pressing against the air, then stroke outwards with a cloth.`,
    check: "Nothing pulls the skin into folds.",
    doIt: "Let somebody hold it. Peel the backing off the tape. Touch the middle down first, then stroke outwards softly.",
    slip: "Too much tape on the skin tears it: lift the tape nearly flat, a finger's breadth at a time.",
    because: "A soft skin gives way under the scraper, and bends both ways.",
  }),
  long: (s) => ({
    say: words(
      "Chalk a mark for each corner before the backing comes off, the same gap left and right.",
      s.facts.parts > 1 &&
        s.schools.longParts === "single" &&
        "The lower part first, its foot along the board's edge; the next by its last line.",
      "Press the first end on its marks. Slip a sheet of parchment under the rest, or pull the backing away bit by bit, and rub as you go; a helper or a tape holds the free end up.",
    ),
    check: "On its marks at both ends before the second is pressed; no bubbles.",
    doIt: "Chalk the corners. Press the first end on its marks. Pull the backing away bit by bit and rub along, somebody holds the other end.",
    slip: "A part that lies wrong is cut off with its tape and set again.",
    because: `It is ${Math.round(s.facts.width)} mm long: over about ${SLIP_SHEET_MM} mm film falls where it likes unless it is led.`,
  }),
  small: () => ({
    say: `${BACKING_OFF} Fix the piece on the table with a bit of tape, so that it neither turns nor slides. Lay the tape's printed lines along its edge, fix the middle, look from straight above, then smooth outwards.`,
    check: `Level with the edge, equal gaps left and right. ${OVERHANG}`,
    doIt: "Fix your piece on the table with a bit of tape. Peel the backing off the tape, line its grid up with the edge, press the middle, smooth outwards.",
    slip: OFF_BY_A_LITTLE,
    because: "A small piece wanders under the hand: held still it is as easy as a large one.",
  }),
  flat: () => ({
    say: `${BACKING_OFF} Lay the tape's printed lines along a straight edge. Hinge: one edge or the middle is fixed first, gaps measured left and right, then it is folded down and smoothed away from there.`,
    check: `Level, equal gaps left and right. ${OVERHANG}`,
    doIt: "Peel the backing off the tape. Measure the gap left and right, fix the middle, smooth outwards.",
    slip: OFF_BY_A_LITTLE,
    because: "Equal gaps on opposite sides look right; with one edge fixed the rest cannot wander.",
  }),
};

export function placed(s: Situation, transfer: Transfer, n: number): Told[] {
  const ground = groundShape(s);
  const laid = LAID[ground](s);
  const suffix = n === 0 ? "" : `-${n + 1}`;
  const film = transfer.layers.map(({ name }) => name).join(", ");
  const isPiece = s.technique !== "mask";
  const round = ground === "wall" || ground === "ball" || ground === "soft";
  const inPairs = round && s.inRoom && s.seats > 1;
  return [
    {
      id: `place${suffix}`,
      title: transfer.alone ? (isPiece ? "Place and press" : "Place the letters") : `Place ${film}`,
      minutes: span(MINUTES.place(s, round) * (inPairs ? 2 : 1), "hands", s),
      say: words(
        n > 0 && "By the first film: its edges and the picture on the card say where.",
        s.handsOver === "taped" &&
          n === 0 &&
          "The tape is on already: rub it once more, front and back.",
        laid.say,
      ),
      check: laid.check,
      ...(s.blank.material === "glass"
        ? { care: "Glass breaks under pressure: smooth it down, do not lean on it." }
        : {}),
      slip: laid.slip,
      doIt: words(n > 0 && "Look at the card where it goes.", laid.doIt),
      because: words(
        laid.because,
        inPairs && "In pairs, one holds and one places, then the other: two turns.",
      ),
    },
  ];
}

/** Glue begins to hold on glass in half a minute; a schedule counts whole ones. */
const GLASS_REST_MINUTES = 1;

export function peeled(s: Situation, transfer: Transfer, n: number): Told[] {
  const suffix = n === 0 ? "" : `-${n + 1}`;
  const smooth = isSmooth(s.blank.material);
  const coarse = isRough(s.surface);
  return [
    {
      id: `peel${suffix}`,
      title: transfer.alone
        ? "Peel the tape"
        : `Peel the tape of ${transfer.layers.map(({ name }) => name).join(", ")}`,
      minutes: span(MINUTES.peel(s), "hands", s),
      ...(smooth ? { after: [{ step: `place${suffix}`, wait: GLASS_REST_MINUTES }] } : {}),
      say: words(
        smooth && "Half a minute of rest first, so that the glue begins to hold.",
        coarse && "Rub with a cloth and the thumb into the ground, and again after a minute.",
        "Back on itself, flat, slowly. Look at every letter as the tape leaves it: what lifts goes back and is pressed.",
        s.technique === "decal" &&
          "Tape that is used again goes back on the shiny side of its liner.",
      ),
      check: "Nothing came along with the tape; edges are rubbed down once more.",
      slip: "A letter rides on the tape: lay the tape back, rub that place, go on from the other side.",
      doIt: words(
        smooth && "Wait half a minute.",
        "Peel the tape back on itself, slowly. Press down again what lifts.",
      ),
      because: words(
        smooth && "Film slides on so smooth a ground until its glue has begun to hold.",
        "Pulled up straight the tape lifts what it pulls at; folded back flat it leaves it lying.",
      ),
    },
  ];
}
