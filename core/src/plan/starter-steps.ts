/** The steps a class of a technique begins with: minutes for a beginners' group, waits where something dries or cools. */
import { surfaceAdvice } from "../advice/film-choice.ts";
import type { Material } from "../blanks/blank.ts";
import { type BlankShape, isRound } from "../blanks/shape.ts";
import type { Step } from "../scheduling/step.ts";
import type { Schools } from "../studio/settings.ts";
import type { Technique } from "./document.ts";
import { makingRows, placingDecal, type Row } from "./technique-steps.ts";

const WELCOME: Row = [
  "welcome",
  "Welcome, and what we make",
  8,
  {
    who: "host",
    say: "Nothing is hard, but the order matters.",
    show: "The finished piece, then the kit.",
    check: "Everybody has a kit with their own name.",
    doIt: "Look into your bag: your name, your film, your piece.",
  },
];

const CLEANING: Readonly<Record<ReturnType<typeof surfaceAdvice>["clean"], Pick<Step, "say" | "care" | "doIt">>> = {
  alcohol: {
    say: "Wipe with alcohol, let it dry, then hands off.",
    care: "Alcohol burns: no flame or heat gun near it, and a window open.",
    doIt: "Wipe your piece and let it dry. Then hands off the face.",
  },
  soapyWater: { say: "Soapy water and a soft cloth; alcohol would craze it.", care: "", doIt: "Wash it with a soft cloth and let it dry. Then hands off the face." },
  dampCloth: { say: "A damp cloth, then let it dry.", care: "", doIt: "Wipe it with the damp cloth and let it dry." },
  dryWipe: { say: "Wipe it dry and free of dust, no alcohol.", care: "", doIt: "Wipe the dust off with the dry cloth." },
  brush: { say: "Brush until nothing loose comes out.", care: "", doIt: "Brush the loose fibres out." },
};

function cleaning(material: Material): Row {
  return ["clean", "Clean the blank", 6, { ...CLEANING[surfaceAdvice(material).clean], check: "Clean and dry." }];
}

/** What stands outdoors or is handled at its edges; on these a coat holds, and no food or dishwasher comes near. */
const COATED: ReadonlySet<Material> = new Set(["rawWood", "sealedWood", "paintedWood", "metal", "paintedMetal", "powderCoat", "stone", "firedClay"]);
const WASHED_UP: ReadonlySet<Material> = new Set(["glazed", "glass", "enamel"]);

/** Where the studio has its way of finishing a decal, it is said; nothing is said of what does not concern the piece. */
function finishing(material: Material, { overCoat, dishwasher }: Schools): string {
  if (COATED.has(material)) return overCoat === "edges" ? " Outdoors, or where hands touch its edges, a clear coat over them then, as its label says." : " No coat over the film.";
  if (!WASHED_UP.has(material)) return "";
  return dishwasher === "bold" ? " Bold letters in permanent gloss may go in a dishwasher then; thin ones and everything else are washed by hand." : " Washed by hand then, never in a dishwasher.";
}

function finish(technique: Technique, material: Material, schools: Schools): Row {
  const decal = technique === "decal";
  const after = finishing(material, schools);
  return [
    "finish",
    "Finish and care",
    9,
    {
      say: decal ? `Leave it alone for two days.${after}` : "Dry overnight before it is touched much; a clear coat then if it goes outdoors.",
      check: "Hooks and blades counted back in.",
      doIt: decal ? `Give the hook back. Leave the piece alone for two days.${after}` : "Give tools back. Let the paint dry overnight.",
    },
  ];
}

/** @param shape what it is laid on: a wall is begun in the middle; a flat piece when left out */
export function starterSteps(technique: Technique, material: Material, schools: Schools, shape?: BlankShape): Step[] {
  const rows: Row[] = [WELCOME, cleaning(material), ...makingRows(technique, schools).map((row) => onPiece(row, technique, material, shape)), finish(technique, material, schools)];
  return rows.map(([id, title, minutes, more]) => ({ id, title, minutes, who: "together", say: "", show: "", check: "", care: "", doIt: "", ...more }));
}

const MATT: ReadonlySet<Material> = new Set(["paintedWood", "rawWood", "firedClay", "stone"]);

/** What differs by the piece: where a decal is begun, and how firmly film is pressed on a matt ground. */
function onPiece([id, title, minutes, more]: Row, technique: Technique, material: Material, shape: BlankShape | undefined): Row {
  if (id === "place" && technique === "decal") return [id, title, minutes, { ...more, ...placingDecal(shape !== undefined && isRound(shape)) }];
  if (id === "press" && technique !== "ironOnStencil" && MATT.has(material))
    return [id, title, minutes, { ...more, say: `${more.say ?? ""} On a matt ground film holds less: rub again round every letter, just before sealing.` }];
  return [id, title, minutes, more];
}
