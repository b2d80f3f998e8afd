/**
 * Work on the blanks before the class: what, how long for all pieces, what has to dry, and how many
 * have room at once.
 */

import { GROUND_WORDS } from "../../blanks/readiness-words-en.ts";
import { frontSize } from "../../blanks/shape-size.ts";
import { isWood } from "../../blanks/woods.ts";
import type { Task } from "../../scheduling/task.ts";
import type { Situation } from "../situation.ts";
import { words } from "../told.ts";

export interface ProposedTask extends Task {
  readonly because: string;
}

/** A kitchen table with room to walk round, and a finger's breadth between pieces, mm. */
const TABLE = { width: 1600, height: 800, gap: 30 };

/** How many pieces rest on one table. */
export function atOnceOf({ blank }: Pick<Situation, "blank">): number {
  const { width, height } = frontSize(blank.shape);
  const room = (w: number, h: number) =>
    Math.floor((TABLE.width + TABLE.gap) / (w + TABLE.gap)) *
    Math.floor((TABLE.height + TABLE.gap) / (h + TABLE.gap));
  return Math.max(1, room(width, height), room(height, width));
}

const NIGHT = 12 * 60;
/** Hours as labels of such paints, stains and glues give them, in minutes. */
export const DRIES = {
  coat: 120,
  lastCoat: NIGHT,
  stain: NIGHT,
  seal: 120,
  sealLast: NIGHT,
  inside: 24 * 60,
  glue: NIGHT,
  back: 180,
  damp: 60,
} as const;

const SANDING_CARE =
  "Sanding: eye protection and a dust mask, not where the dust drifts into living rooms; power tools only by somebody trained in them.";
const PAINT_CARE = "Ventilate, cover the table, follow the label.";
const STAIN_CARE =
  "Gloves, air, the table covered; rags that were wiped with are kept as the tin's label says: some heat up by themselves.";

/** Minutes for all pieces: a start, and so many for each dm² of it. */
const handsFor = (s: Situation, start: number, perPiece: number, perDm2: number): number => {
  const { width, height } = frontSize(s.blank.shape);
  return Math.max(1, Math.ceil(start + s.pieces * (perPiece + (perDm2 * width * height) / 10_000)));
};

interface Draft extends Partial<Pick<Task, "waitMinutes" | "atOnce" | "say" | "care">> {
  readonly id: string;
  readonly title: string;
  readonly minutes: number;
  readonly because: string;
}

/** Each follows the one before it. */
export function tasksOf(s: Situation): ProposedTask[] {
  if (s.pieces === 0 || s.thing.sideOf !== undefined) return [];
  const drafts = [...readied(s), ...grounds(s), ...frames(s), ...parts(s)];
  return drafts.map((draft, i): ProposedTask => {
    const before = drafts[i - 1];
    return {
      waitMinutes: 0,
      say: "",
      care: "",
      ...draft,
      title: draft.title,
      after: before ? [before.id] : [],
    };
  });
}

/** Labels, glue and films off; what is usual of the material before any work on it. */
function readied(s: Situation): Draft[] {
  const { material } = s.blank;
  if (
    material === "glass" ||
    material === "glazed" ||
    material === "metal" ||
    material === "enamel" ||
    material === "paintedMetal" ||
    material === "powderCoat"
  )
    return [
      {
        id: "strip-labels",
        title: "Take labels and glue off",
        minutes: handsFor(s, 2, 0.5, 0),
        say: "Warm water, a plastic scraper; rests of glue with cooking oil, then washed. Cut off what would be in the way.",
        because: "Under a label glue stays that no film holds on.",
      },
    ];
  if (material === "coir" || material === "canvas")
    return [
      {
        id: "brush-out",
        title: "Brush out and flatten",
        minutes: handsFor(s, 2, 1, 0),
        say: "Unroll, weigh the corners down overnight, brush loose fibres out.",
        waitMinutes: NIGHT,
        atOnce: atOnceOf(s),
        because: "A curled mat does not lie under the iron, and loose fibres carry the film off.",
      },
    ];
  if (material === "balloon")
    return [
      {
        id: "try-one",
        title: "Blow up and measure one",
        minutes: 5,
        say: "With the tape laid across its front: all of a set differ, so plan with the smallest.",
        because: "A set is never all of one size.",
      },
    ];
  return [];
}

function grounds(s: Situation): Draft[] {
  const { ground, blank } = s;
  if (ground.by !== "host") return [];
  const bare = isWood(blank.material) && (ground.what !== "none" || blank.material === "rawWood");
  if (!bare && ground.what === "none") return [];
  const sanded: Draft[] =
    bare && ground.sand
      ? [
          {
            id: "sand",
            title: "Sand",
            minutes: handsFor(s, 5, 1, 0.35),
            say: words(
              "Coarse, then fine, along the grain, sawn ends across. Wipe dry, then barely damp, and let it dry.",
              ground.what === "none" &&
                "Leave it out where the rough look is wanted: then brush off what is loose.",
            ),
            care: SANDING_CARE,
            waitMinutes: DRIES.damp,
            because: "Film and paint hold on what is smooth and free of dust.",
          },
        ]
      : [];
  switch (ground.what) {
    case "none":
      return sanded;
    case "seal":
      return [...sanded, ...coats(s, "seal", "Seal", DRIES.seal, DRIES.sealLast)];
    case "stain":
      return [
        ...sanded,
        {
          id: "stain",
          title: "Stain",
          minutes: handsFor(s, 5, 1, 0.3),
          say: "Thinly, with a wiped brush or a cloth, along the grain; before anything is glued on, because glue keeps stain out. Overnight before it is measured and lettered. Watered-down acrylic paint does, too.",
          care: STAIN_CARE,
          waitMinutes: DRIES.stain,
          atOnce: atOnceOf(s),
          because: GROUND_WORDS[ground.why],
        },
      ];
    case "paint":
      return ground.faces === "inside"
        ? inside(s)
        : [...sanded, ...coats(s, "paint", "Paint", DRIES.coat, DRIES.lastCoat)];
  }
}

/** A jar painted inside: poured, turned, and stood upside down for a day. */
function inside(s: Situation): Draft[] {
  return [
    {
      id: "paint-inside",
      title: "Paint the inside",
      minutes: handsFor(s, 5, 2, 0),
      say: "Pour some in, turn until all is covered, stand it upside down on a rack so that the rest runs out. About a day.",
      care: PAINT_CARE,
      waitMinutes: DRIES.inside,
      atOnce: atOnceOf(s),
      because: "Paint inside a jar dries slowly: no air gets at it. Decals go on the outside.",
    },
  ];
}

const ORDINAL = ["first", "second", "third", "fourth", "fifth", "sixth"] as const;

function coats(s: Situation, id: string, verb: string, between: number, last: number): Draft[] {
  const { ground } = s;
  const faces: readonly { readonly suffix: string; readonly words: string }[] =
    ground.faces === "both"
      ? [
          { suffix: "", words: ", one face" },
          { suffix: "-back", words: ", the other face" },
        ]
      : [{ suffix: "", words: ground.faces === "back" ? ", the back" : "" }];
  return faces.flatMap(({ suffix, words: face }, f) =>
    Array.from({ length: ground.coats }, (_, i): Draft => {
      const isLast = f === faces.length - 1 && i === ground.coats - 1;
      const turn = f === 1 && i === 0;
      return {
        id: `${id}${suffix}-${i + 1}`,
        title: `${verb}${face}${ground.coats > 1 ? `, ${ORDINAL[i]} coat` : ""}`,
        minutes: handsFor(s, 4, 0.7, 0.15),
        say: words(
          turn && "Turn it only when the first face is dry, onto a clean cloth.",
          ground.faces === "back" &&
            i === 0 &&
            "Protective film off the back first; paint behind makes light letters show.",
          "Thin, along the grain, nothing pools at the edges.",
          isLast && "Quite dry before film lies on it: overnight at least; chalky paint a day.",
        ),
        care: PAINT_CARE,
        waitMinutes: isLast ? last : between,
        atOnce: atOnceOf(s),
        because:
          i === 0
            ? GROUND_WORDS[ground.why]
            : ground.coats > 2
              ? "Light and red paints cover only in three coats."
              : "One coat shows the ground through.",
      };
    }),
  );
}

function frames(s: Situation): Draft[] {
  const { frame } = s;
  if (frame?.by !== "host") return [];
  const cut: Draft = {
    id: "cut-frame",
    title: "Cut the strips of the frames",
    minutes: handsFor(s, 10, 4, 0),
    say: "By the cut list: two along the longer sides, two between them.",
    care: "Saws and mitre boxes: clamped work, hands away from the cut, power tools only by somebody trained.",
    because: "Strips are cut to the board's own sides.",
  };
  const finish: Draft[] =
    frame.finish === "raw"
      ? []
      : [
          {
            id: "finish-frame",
            title: frame.finish === "stained" ? "Stain the strips" : "Paint the strips",
            minutes: handsFor(s, 5, 2, 0),
            say: "Before they are put together: glue keeps stain out.",
            care: frame.finish === "stained" ? STAIN_CARE : PAINT_CARE,
            waitMinutes: frame.finish === "stained" ? DRIES.stain : DRIES.lastCoat,
            because: "Stained after gluing it stays pale where glue is.",
          },
        ];
  return [
    cut,
    ...finish,
    {
      id: "glue-frame",
      title: frame.fixed === "loose" ? "Put the frames together" : "Glue the frames on",
      minutes: handsFor(s, 5, 4, 0),
      say: "Thin glue, clamps with card between: bare clamps mark raw wood. Overnight, or it goes home unglued.",
      care: "",
      waitMinutes: DRIES.glue,
      because: "Glue wants a night in its clamps.",
    },
  ];
}

/** Twine and ribbon are cut to one length before. */
function parts(s: Situation): Draft[] {
  const tied = s.finishing.parts.some(({ kind }) => kind === "twine" || kind === "ribbon");
  return tied
    ? [
        {
          id: "cut-twine",
          title: "Cut twine and ribbon to length",
          minutes: Math.max(1, Math.ceil(2 + s.pieces * 0.15)),
          because: "All hang alike, and nobody waits for scissors.",
        },
      ]
    : [];
}
