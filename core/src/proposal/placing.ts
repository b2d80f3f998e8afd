/** Where and in which order a decal or stencil goes on: said for the hand, with the reason. */
import { isCup } from "../blanks/shape-size.ts";
import type { Situation } from "./situation.ts";
import { groundShape, SLIP_SHEET_MM } from "./steps/place.ts";
import { transfersOf } from "./transfers.ts";

export interface PlacingAdvice {
  readonly what:
    | "order"
    | "start"
    | "hinge"
    | "slipSheet"
    | "snips"
    | "holder"
    | "marks"
    | "level"
    | "side"
    | "back"
    | "face";
  readonly text: string;
  readonly because: string;
}

const row = (what: PlacingAdvice["what"], text: string, because: string): PlacingAdvice => ({
  what,
  text,
  because,
});

const SEEN = "An eye sees a millimetre off level over a hand's breadth.";
/** A hand's breadth, mm: over it a millimetre is seen. */
const HAND = 100;

/**
 * How far both ends of the design may differ before it is seen; nobody measures finer than half a
 * millimetre.
 */
function levelWords(width: number, from: "edge" | "rim"): string {
  const seen = Math.max(0.5, Math.floor((2 * width) / HAND) / 2);
  return `Both ends as far from the ${from}, within ${seen} mm: more is seen over these ${Math.round(width)} mm.`;
}

export function placingOf(s: Situation): PlacingAdvice[] {
  const { blank, facts } = s;
  const ground = groundShape(s);
  const transfers = transfersOf(s);
  const out: PlacingAdvice[] = [];
  const round = ground === "wall" || ground === "ball";
  if (round)
    out.push(
      row(
        "holder",
        "In a cradle or a rolled towel, held by a second person.",
        "What rolls is never level.",
      ),
    );
  if (blank.handle) {
    out.push(
      row(
        "holder",
        "Handle propped and looked at from above; or the cup upright, looked at from the front.",
        "Propped one sees level by eye; upright one sees it as the drinker does.",
      ),
    );
    const sides = {
      drinker: "On the side that faces the drinker.",
      guest: "On the side that faces the person opposite.",
      both: "On both sides: twice the film.",
    } as const;
    out.push(
      row(
        "side",
        sides[blank.handle.school],
        "Your way for cups; facing the drinker, facing the guest and both sides are all in use.",
      ),
    );
  }
  if (s.technique === "ironOnStencil")
    return [
      row(
        "marks",
        "Gaps measured left and right, a pin at each corner of the film.",
        "Pressed on it is not moved any more.",
      ),
      row(
        "face",
        "Glue down, shiny liner up: cut mirrored, the letters read the right way now.",
        "Seen through the liner they must be readable.",
      ),
      ...(facts.parts > 1
        ? [
            row(
              "order",
              `${facts.parts} parts, pressed on one after the other, cross on cross.`,
              "Each is cool before the next meets it.",
            ),
          ]
        : []),
    ];
  if (ground === "long") {
    out.push(
      row(
        "marks",
        "A chalk mark for each corner before the backing comes off.",
        "Straight at both ends is straight between.",
      ),
    );
    out.push(
      row(
        "slipSheet",
        "One end first; parchment or the backing between film and ground, drawn out bit by bit.",
        `It is longer than ${SLIP_SHEET_MM} mm.`,
      ),
    );
  } else if (round || ground === "soft")
    out.push(
      row(
        "start",
        "Middle first, then out to each side.",
        "An end that touches first puts creases in.",
      ),
    );
  else
    out.push(
      row(
        "hinge",
        "One edge or the middle fixed first, gaps measured left and right, then folded down.",
        "Fixed at one place it cannot wander.",
      ),
    );
  if (blank.shape.kind === "bulgedCup" || blank.shape.kind === "ball")
    out.push(
      row(
        "snips",
        "The tape snipped from its edge up to the film, between letters; each tab laid by itself.",
        "The ground bends both ways, tape does not.",
      ),
    );
  if (ground === "flat" || ground === "small")
    out.push(
      row(
        "level",
        `The tape's printed lines along a straight edge of the piece; where it has none, along a chalked line. ${levelWords(facts.width, "edge")}`,
        SEEN,
      ),
    );
  if (round) out.push(row("level", levelWords(facts.width, "rim"), SEEN));
  if (transfers.length > 1 || transfers.some(({ layers }) => layers.length > 1)) {
    const names = transfers.map(({ layers }) => layers.map(({ name }) => name).join(" with "));
    out.push(
      row(
        "order",
        transfers.length === 1
          ? `Gathered on one tape: the top layer first, the lowest last; then laid as one.`
          : `In this order: ${names.join(", then ")}.`,
        transfers.length === 1
          ? "Gathered the layers lie exact; small parts may also be set singly with the hook, by the picture."
          : "Each film lies on what is under it; glitter and thick-backed film take a tape of their own.",
      ),
    );
  }
  if (facts.parts > 1)
    out.push(
      s.schools.longParts === "joined"
        ? row(
            "order",
            `${facts.parts} parts, joined cross on cross with small tapes front and back, then laid as one.`,
            "Joined it is exact; laid one after the other no join is needed.",
          )
        : row(
            "order",
            "The lower part first, its foot on the blank's edge; the next by its last line.",
            "No join is needed; joined by their crosses they would be laid as one, and exact.",
          ),
    );
  if (isCup(blank.shape) && blank.shape.rimClearance > 0)
    out.push(
      row(
        "level",
        `Not nearer to the rim than ${Math.round(blank.shape.rimClearance)} mm.`,
        "Vinyl is no food-contact material.",
      ),
    );
  if (s.technique === "decal" && (blank.material === "glass" || blank.material === "clearPlastic"))
    out.push(
      row(
        "back",
        "Seen through, the film's back shows on the far side: wanted, or a second film under it as backing.",
        "Clear things show both faces of a decal.",
      ),
    );
  if (blank.material === "clearPlastic")
    out.push(
      row(
        "face",
        "Protective film off the front before the decal, off the back before it is painted.",
        "Both faces have one; left on, it takes the decal along.",
      ),
    );
  return out;
}
