/** A stencil of film for heat: pressed on, cooled, peeled off its liner, bordered, sprayed. */
import { fixed, MINUTES, span } from "../minutes.ts";
import type { Situation } from "../situation.ts";
import { type Told, words } from "../told.ts";
import { SHARP } from "./film.ts";
import { lettersOut } from "./stencil.ts";

export function ironedOn(s: Situation): Told[] {
  const ready = s.handsOver !== "cut";
  return [
    ...lettersOut({ ...s, handsOver: ready ? "weeded" : "cut" }).map((told) => ({
      ...told,
      say: words(
        ready
          ? "The letters are out already; insides and field stay on the clear liner."
          : "The letters go; insides stay on the clear liner.",
        "Small spots that try to lift are pressed down again, one by one.",
      ),
      doIt: ready
        ? "Compare your stencil with the card; the small spots stay on the liner."
        : "Lift the letters out. Their insides stay on the clear liner.",
    })),
    {
      id: "press",
      title: "Iron the stencil on",
      minutes: fixed(4),
      who: "queue",
      tool: "iron",
      say: "Shiny liner up. Middle heat, through the cloth: press and do not slide, the small iron's point for details.",
      check: "Edges hold everywhere.",
      care: "Irons burn: one person at a time, heat-proof place, cloth between. Follow the iron's and the film's labels.",
      slip: "It slid: let it cool, peel that place, lay and press it again.",
      doIt: "Your turn at the iron: press through the cloth, do not slide.",
      because:
        "Tape finds no hold on ground as coarse as this; heat-fixed film does. Others use adhesive film with low-tack tape, and struggle.",
    },
    {
      id: "peel-liner",
      title: "Peel the liner",
      minutes: span(1.5, "hands", s),
      after: [{ step: "press", wait: 3 }],
      say: "Let it cool. Hold a cloth down beside the fold and peel at a sharp angle under it. Keep the liner: it is low-tack tape for another try.",
      check: "What lifts is pressed again, the cloth between.",
      slip: "Peeled too warm it sticks again elsewhere: wait.",
      doIt: "Wait until it is cool. Peel the liner at a sharp angle, a cloth held down beside the fold.",
      because: "Warm glue lets go with the liner; cold it holds.",
    },
    {
      id: "border",
      title: "Mask the border",
      minutes: span(MINUTES.border(s), "plain", s),
      say: "Strong tape on the film's edge, cheap tape or paper from there to the border.",
      check: "Nothing bare but the letters.",
      slip: "A gap between tape and film shows as a line of paint: overlap them.",
      doIt: "Tape the film's edge, cover all beyond it.",
      because: "Spray goes where it likes; whatever is bare gets it.",
    },
    {
      id: "spray",
      title: "Spray outdoors",
      minutes: span(2, "plain", s),
      say: "Two thin passes from a forearm away, from above, not from the side.",
      check: "Even, nothing runs.",
      care: "Spray outdoors or where the venue allows it, with air and a mask, as the can's label says.",
      slip: "Too much in one pass: leave it, and give the second only where it is thin.",
      doIt: "Outdoors: two thin passes, a forearm away.",
      because:
        "A place outdoors and its drying are planned, because it takes longer than people think.",
    },
    {
      id: "peel-film",
      title: "Pull the film off",
      minutes: span(MINUTES.peelFilm(s, 0), "hands", s),
      after: [{ step: "spray", wait: 30 }],
      say: "The film is spent: insides first, then the rest in one go.",
      check: "Edges are clean.",
      care: SHARP,
      slip: "Fibres come along: hold them down and pull the other way.",
      doIt: "When the coat is dry: insides first, then the rest in one go.",
      because: "Only when the coat is dry to the touch, half an hour outdoors: wet it strings.",
    },
  ];
}
