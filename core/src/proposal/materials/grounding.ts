/** What it takes to make blanks ready before any film lies on them. */
import { GROUND_WORDS } from "../../blanks/readiness-words-en.ts";
import { faceAreaMm2 } from "../../blanks/shape-size.ts";
import { isWood } from "../../blanks/woods.ts";
import type { Situation } from "../situation.ts";
import { words } from "../told.ts";
import { paintFor, sayPaint } from "./paint.ts";
import { type ProposedSupply, supply } from "./proposed-supply.ts";

const GROUND_NAMES = {
  paint: "Paint for the blanks",
  stain: "Wood stain",
  seal: "Water-based clear coat to seal the wood",
} as const;

export function grounding(s: Situation): ProposedSupply[] {
  const { ground, blank } = s;
  if (ground.what === "none" || ground.by === "bought") return [];
  const { what } = ground;
  const area = faceAreaMm2(blank.shape) * (ground.faces === "both" ? 2 : 1);
  const need = paintFor(area, ground.coats, what);
  return [
    supply(
      "ground",
      GROUND_NAMES[what],
      "seat",
      need.ml,
      words(GROUND_WORDS[ground.why], sayPaint(need, what)),
      {
        unit: "ml",
        pack: { size: what === "paint" ? 120 : 250 },
        ...(what === "stain" ? { substitute: "watered-down acrylic paint" } : {}),
      },
    ),
    supply(
      "ground-brush",
      what === "stain"
        ? "Cloth or wiped brush for the stain"
        : "Brush or foam roller for the blanks",
      "shared",
      1,
      "Thin, along the grain.",
      { uses: 10, spares: false },
    ),
    ...(what === "stain"
      ? [
          supply("gloves", "Gloves", "shared", 2, "Stain stays on hands for days.", {
            spares: false,
          }),
        ]
      : []),
    ...(isWood(blank.material) && ground.sand
      ? [
          supply(
            "sandpaper",
            "Sandpaper, coarse and fine",
            "every",
            2,
            "Along the grain, cut ends across.",
            { seats: 4, unit: "sheet" },
          ),
          supply(
            "sanding-mask",
            "Dust mask and eye protection",
            "shared",
            1,
            "Dust is not breathed, and flies into eyes.",
            { uses: 10, spares: false },
          ),
        ]
      : []),
  ];
}
