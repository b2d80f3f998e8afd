/** What is put on a thing in the end, and its frame. */
import type { Finishing, Frame } from "../../blanks/finishing.ts";
import { type FinishingRead, loopMm } from "../../blanks/finishing-of.ts";
import { frameStrips, lengthsToBuy } from "../../blanks/frame-strips.ts";
import { FINISHING_WORDS } from "../../blanks/readiness-words-en.ts";
import { frontSize } from "../../blanks/shape-size.ts";
import type { Situation } from "../situation.ts";
import { words } from "../told.ts";
import { paintFor, sayPaint } from "./paint.ts";
import { type ProposedSupply, supply } from "./proposed-supply.ts";

const sayFinishing = ({ why }: FinishingRead): string => (why ? FINISHING_WORDS[why] : "");
const sayLength = (given: number | undefined, mm: number): string =>
  given === undefined
    ? `Three times the longer side, at least 250 mm: ${mm} mm.`
    : `${mm} mm each.`;

type PutOn = {
  readonly [K in Finishing["kind"]]: (
    part: Extract<Finishing, { kind: K }>,
    s: Situation,
  ) => ProposedSupply[];
};

const PUT_ON: PutOn = {
  rings: ({ tassel }, s) => [
    supply(
      "ring-large",
      "Jump ring, large",
      "seat",
      1,
      words(
        sayFinishing(s.finishing),
        "Through the blank and the key ring; metal as the key ring's.",
      ),
    ),
    supply("key-ring", "Key ring", "seat", 1, "Metal as the jump rings'."),
    ...(tassel
      ? [
          supply("ring-small", "Jump ring, small", "seat", 1, "Carries the tassel."),
          supply(
            "tassel",
            "Tassel",
            "seat",
            1,
            "On the small ring; let each choose a colour beforehand.",
          ),
        ]
      : []),
    supply(
      "pliers",
      "Pliers",
      s.inRoom ? "every" : "seat",
      2,
      "A ring is opened with one in each hand.",
      {
        ...(s.inRoom ? { seats: 2 } : {}),
        uses: 500,
        spares: false,
        substitute: "two pairs of sturdy tweezers for thin rings",
      },
    ),
  ],
  twine: ({ mm: given, beads }, s) => {
    const mm = given ?? loopMm(s.blank.shape);
    return [
      supply(
        "twine",
        "Twine or cord",
        "seat",
        mm / 1000,
        words(sayFinishing(s.finishing), sayLength(given, mm)),
        { unit: "m" },
      ),
      ...(beads > 0
        ? [supply("bead", "Bead", "seat", beads, "On both ends, a knot behind the last.")]
        : []),
    ];
  },
  ribbon: ({ mm: given }, s) => {
    const mm = given ?? loopMm(s.blank.shape);
    return [
      supply(
        "ribbon",
        "Ribbon",
        "seat",
        mm / 1000,
        words(sayFinishing(s.finishing), sayLength(given, mm)),
        { unit: "m" },
      ),
    ];
  },
  hanger: (_, s) => [
    supply("hanger", "Hanger with its screws or pad", "seat", 1, sayFinishing(s.finishing)),
  ],
};

export function finishing(s: Situation): ProposedSupply[] {
  const { shape } = s.blank;
  const parts = s.finishing.parts.flatMap((part) => PUT_ON[part.kind](part as never, s));
  const { frame } = s;
  if (!frame || frame.by === "bought") return parts;
  const strips = frameStrips(frontSize(shape), frame);
  const faces = strips.reduce(
    (sum, { mm, count }) => sum + mm * count * frame.strip * STRIP_FACES,
    0,
  );
  const lengths = lengthsToBuy(strips, s.pieces, frame);
  return [
    ...parts,
    supply(
      "frame-strip",
      `Frame strip ${frame.strip} mm wide, lengths of ${(frame.sold / 1000).toFixed(1)} m`,
      "shared",
      lengths,
      `Each frame: ${strips.map(({ mm, count }) => `${count} x ${Math.round(mm)} mm`).join(", ")}; the saw takes ${frame.kerf} mm a cut; ${s.pieces} frames from ${lengths} lengths.`,
      { unit: "length", spares: false },
    ),
    ...(frame.finish === "raw" ? [] : [finishOf(frame, faces)]),
    ...(frame.fixed === "glued"
      ? [
          supply("glue", "Wood glue", "every", 1, "A thin line for each frame.", {
            seats: 20,
            unit: "bottle",
          }),
          supply("clamp-pad", "Card under the clamps", "seat", 4, "Clamps mark raw wood."),
        ]
      : []),
  ];
}

/** A strip is seen from the front and from its two edges. */
const STRIP_FACES = 3;

function finishOf({ finish }: Frame, mm2: number): ProposedSupply {
  const kind = finish === "stained" ? "stain" : "paint";
  const need = paintFor(mm2, kind === "stain" ? 1 : 2, kind);
  return supply(
    `frame-${kind}`,
    kind === "stain" ? "Wood stain for the strips" : "Paint for the strips",
    "seat",
    need.ml,
    words("Before the strips are put together: glue keeps stain out.", sayPaint(need, kind)),
    {
      unit: "ml",
      ...(kind === "stain" ? { substitute: "watered-down acrylic paint" } : {}),
    },
  );
}
