/**
 * What is put on in the end, and how the class closes: tools counted back in, and how the piece is
 * cared for.
 */
import type { Finishing } from "../../blanks/finishing.ts";
import { loopMm } from "../../blanks/finishing-of.ts";
import { careOf } from "../care.ts";
import { fixed, span } from "../minutes.ts";
import type { Situation } from "../situation.ts";
import { type Told, words } from "../told.ts";

const PARTS: Readonly<{
  [K in Finishing["kind"]]: (part: Extract<Finishing, { kind: K }>, s: Situation) => Told[];
}> = {
  rings: (part, s) => [
    {
      id: "large-ring",
      title: "The large ring",
      minutes: span(1.2, "hands", s),
      say: "Two pliers: open the ring sideways, one end to you, one away, never pulled apart. Through the hole and the key ring, then close it back the same way until metal meets metal: one feels it grind.",
      check: "No gap; a thread does not slip through.",
      care: "Rings and pliers are small and sharp: children with an adult; nothing small near mouths.",
      slip: "It gapes: push the ends a little past each other, then back.",
      doIt: "Open the large ring sideways with two pliers, hook in the piece and the key ring, close it until metal grinds on metal.",
      because: "An open ring loses the piece; pulled apart it never closes again.",
    },
    ...(part.tassel
      ? [
          {
            id: "small-ring",
            title: "The small ring and the tassel",
            minutes: span(1, "hands", s),
            say: "The same with the small ring: through the tassel's loop and the key ring, closed until metal meets metal.",
            check: "Tassel and key ring hang free, both rings closed.",
            slip: "The loop sits in the gap: turn the ring until the gap is empty, then close.",
            doIt: "Open the small ring sideways, hook in the tassel and the key ring, close it.",
            because: "The small ring carries the tassel only, so that it can be changed.",
          } satisfies Told,
        ]
      : []),
  ],
  twine: (part, s) => [
    {
      id: "twine",
      title: part.beads > 0 ? "Twine and beads" : "Tie the twine",
      minutes: span(1 + 0.15 * part.beads, "hands", s),
      say: words(
        "Fold the twine in half, its loop through the hole, both ends through the loop.",
        part.beads > 0 &&
          `${part.beads} beads on both ends, a knot behind the last; a bit of tape round the end makes it a needle.`,
        "A knot at the end.",
      ),
      check: "It hangs straight.",
      slip: "The knot slips through: tie it twice, or a bead more behind it.",
      doIt: words(
        `Fold your ${part.mm ?? loopMm(s.blank.shape)} mm of twine, loop it through the hole.`,
        part.beads > 0 && "Thread the beads, knot behind them.",
      ),
      because: "Cut to one length beforehand, so that all hang alike.",
    },
  ],
  ribbon: (part, s) => [
    {
      id: "ribbon",
      title: "Tie the ribbon",
      minutes: span(1, "hands", s),
      say: "Through the eye, ends even, a knot, then a bow or a second knot for hanging.",
      check: "It hangs straight.",
      slip: "A frayed end is cut slantwise.",
      doIt: `Pull your ${part.mm ?? loopMm(s.blank.shape)} mm of ribbon through the eye and knot it.`,
      because: "Cut to one length beforehand, so that all hang alike.",
    },
  ],
  hanger: (_, s) => [
    {
      id: "hanger",
      title: "The hanger",
      minutes: span(1.5, "plain", s),
      say: "Turn the piece onto a clean cloth, its face down only when the paint is dry. Find the middle of the back, measure, press or screw the hanger on.",
      check: "It hangs level.",
      care: "Power tools only by somebody trained in them.",
      slip: "It hangs askew: the hanger is off the middle; shift it, do not bend it.",
      doIt: "Turn it onto the cloth. Fix the hanger in the middle of the back.",
      because: "What hangs is hung before it goes home, while somebody can look at it.",
    },
  ],
};

export function framed(s: Situation): Told[] {
  const { frame } = s;
  if (!frame) return [];
  if (frame.fixed === "loose")
    return [
      {
        id: "frame",
        title: "Into the frame",
        minutes: span(1, "plain", s),
        say: "From behind, loose, so that it comes out again and is turned round.",
        check: "It lies flat on the ledge and falls out by its own weight.",
        slip: "It sticks: a stroke of sandpaper along its edge, and dust wiped off.",
        doIt: "Lay the panel into the frame from behind. It stays loose.",
        because: "It is to be taken out and turned.",
      },
    ];
  if (frame.by === "host" || frame.by === "bought") return [];
  return [
    {
      id: "frame",
      title: "Glue the frame on",
      minutes: span(4, "hands", s),
      say: `Strips are ${frame.finish} already: glue keeps stain out. A thin line of glue, strips flush, clamps with card between: bare clamps mark raw wood. It stays clamped overnight, so it goes home clamped or taped.`,
      check: "Corners meet, nothing squeezes onto the face.",
      slip: "Glue on the face: a damp cloth at once.",
      doIt: "A thin line of glue, strips flush at the corners. Clamp with card between. Do not take the clamps off before tomorrow.",
      because: "Glue wants a night; nobody stands beside it that long in a class.",
    },
  ];
}

export function finished(s: Situation): Told[] {
  return [
    ...framed(s),
    ...s.finishing.parts.flatMap((part) =>
      (PARTS[part.kind] as (part: Finishing, s: Situation) => Told[])(part, s),
    ),
  ];
}

export function farewell(s: Situation): Told[] {
  const care = careOf(s);
  return [
    {
      id: "finish",
      title: "Finish and care",
      minutes: fixed(s.inRoom ? 6 : 4),
      say: care.host,
      show: s.inRoom ? "The hooks' cork with a place for each." : "",
      check: "Hooks and blades counted back in.",
      care: s.inRoom ? "" : "Cap hooks and blades before children come to look.",
      doIt: words(s.inRoom ? "Give the hook back." : "Cap the hook.", care.participant),
      because: words("Sharp things are counted out and back in.", care.because),
    },
  ];
}
