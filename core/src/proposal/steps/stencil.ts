/**
 * Painting through film or round it: laid, pressed, masked beyond, sealed, painted thin and dry,
 * peeled, touched up.
 */
import { isMatt, isWood } from "../../blanks/woods.ts";
import type { Schools } from "../../studio/settings.ts";
import { fixed, MINUTES, span } from "../minutes.ts";
import type { Situation } from "../situation.ts";
import { type Told, words } from "../told.ts";
import { SHARP } from "./film.ts";
import { BACKING_OFF, groundShape } from "./place.ts";

/** Ready or not, a stencil is looked at the other way round from a decal. */
export function lettersOut(s: Situation): Told[] {
  if (s.handsOver === "taped") return [];
  const { facts } = s;
  const count = facts.counted
    ? ` ${facts.pieces} letters and parts are out, ${facts.insides === 0 ? "no insides" : facts.insides === 1 ? "1 inside stays" : `${facts.insides} insides stay`}.`
    : "";
  const ready = s.handsOver === "weeded";
  return [
    {
      id: "weed",
      title: ready ? "Look over the stencil" : "Take the letters out",
      minutes: ready
        ? span(MINUTES.look(s), "hands", s)
        : span(facts.weedHalf, "hands", s, facts.weedSlow),
      say: words(
        ready
          ? "The letters are out already; their insides and the field stay."
          : "The letters go, their insides and the field stay: the other way round from a sticker.",
        !ready && "Hold the insides down with a finger while the letter round them is lifted.",
        "What is bare is what will be painted.",
      ),
      check:
        facts.counted && facts.insides === 0
          ? `All letters are out.${count}`
          : `Every inside is still there.${count}`,
      care: SHARP,
      slip: "An inside came along with its letter: straight back down; lost, there is one in the spare kit.",
      doIt: ready
        ? "Compare your stencil with the card: letters are out, their insides are there."
        : "Lift the letters out. Their insides and the film round them stay.",
      because: ready
        ? "The host took the letters out beforehand; a lost inside is found now."
        : "Of a stencil the waste is the letters.",
    },
  ];
}

export function tapedStencil(s: Situation): Told[] {
  if (s.handsOver === "taped") return [];
  return [
    {
      id: "tape",
      title: "Lay the transfer tape",
      minutes: span(
        MINUTES.tape({
          ...s,
          facts: { ...s.facts, width: s.facts.filmWidth, height: s.facts.filmHeight },
        }),
        "plain",
        s,
      ),
      say: "The tape carries film and insides together; wrinkles in it do not matter here, as they would for a decal.",
      show: "Rub the insides well.",
      check: "Every inside sticks to the tape.",
      doIt: "Lay the tape over all. Rub the insides well.",
      because: "Insides have nothing that joins them to the field: they ride on the tape.",
    },
  ];
}

export function laidStencil(s: Situation): Told[] {
  const own = s.thing.design.stencil?.film === "blank";
  const long = groundShape(s) === "long";
  return [
    {
      id: "place",
      title: "Lay the stencil",
      minutes: span(
        MINUTES.place(
          { ...s, facts: { ...s.facts, width: s.facts.filmWidth } },
          groundShape(s) === "wall",
        ),
        "hands",
        s,
      ),
      say: words(
        `${BACKING_OFF} An inside that stayed on the backing is lifted with the hook and set on the tape before the stencil is laid.`,
        long &&
          "Press the first end on its marks, then pull the backing away bit by bit and rub along; a tape holds the free end.",
        own
          ? "Film and blank have one outline: edge on edge it centres itself."
          : "Measure left and right, lay it level, then take the tape off flat.",
      ),
      check: "Insides came along; gaps left and right are equal; no bubbles: paint runs into them.",
      slip: "Askew: it may be lifted and laid again once, before it is rubbed.",
      doIt: words(
        "Peel the backing off the tape and lay the stencil level.",
        long && "First one end, then bit by bit.",
        "Rub all of it, then take the tape off.",
      ),
      because: "Whatever lies askew now is painted askew.",
    },
  ];
}

/** A roller or sponge is wider than a border of less than this, mm. */
const SPONGE_MM = 60;

export function pressedAndMasked(s: Situation): Told[] {
  const matt = isMatt(s.surface);
  const border = s.thing.design.stencil?.filmMargin ?? 0;
  const isOpen = s.technique === "openStencil";
  const masked = isOpen && border < SPONGE_MM && s.thing.design.stencil?.film !== "blank";
  return [
    {
      id: "press",
      title: masked ? "Press every edge, mask the border" : "Press every edge",
      minutes: span(MINUTES.press(s) + (masked ? MINUTES.border(s) : 0), "plain", s),
      say: words(
        "A nail along every edge, bubbles rubbed out.",
        matt &&
          "On a matt ground film holds less: rub again round every letter, just before sealing.",
        masked &&
          `Tape or paper beyond the film: its border of ${Math.round(border)} mm is narrower than a sponge or roller.`,
        s.technique === "mask" && "What is to stay its own colour beyond the ground is taped off.",
      ),
      check: words("No edge stands up.", masked && "Nothing bare beside the film."),
      slip: "An edge that will not lie: warm it with a finger, press again; on dust it never holds.",
      doIt: words("Press every edge with a nail.", masked && "Cover what lies beyond the film."),
      because: words(
        "Paint creeps under an edge that stands up.",
        masked && "A sponge is wider than the border, and slips.",
      ),
    },
  ];
}

const SEALED: Readonly<
  Record<Exclude<Schools["edgeSeal"], "none">, { say: string; because: string }>
> = {
  ground: {
    say: "A thin coat in the ground's colour over every edge: it closes the gaps where nobody sees it. Let it dry.",
    because:
      "What creeps under the edge has the ground's own colour and is not seen; others seal with a thin coat of clear matte medium. Left out, paint runs under: the commonest ruin of such work.",
  },
  medium: {
    say: "A thin coat of matte medium over every edge: it dries clear. Never a glossy one: it glues the film down and lifts paint.",
    because:
      "Clear medium closes the edges whatever the ground's colour is; others take a first coat in that colour. Left out, paint runs under: the commonest ruin of such work.",
  },
  clearCoat: {
    say: "A thin water-based clear coat over every edge; some films cloud under it, so one is tried first.",
    because:
      "A clear coat closes the edges and protects the ground; others take matte medium or the ground's colour. Left out, paint runs under: the commonest ruin of such work.",
  },
};

export const SEAL_DRIES = 15;
export const COAT_DRIES = 20;
const FAN =
  "A fan makes the wait shorter; a heat gun shorter still: one person at a time, never aimed at people.";

/** Light paint over dark wants a coat more. */
export function coatsOf(s: Situation): number {
  return s.technique === "openStencil" &&
    s.blank.material === "rawWood" &&
    s.schools.edgeSeal === "none"
    ? 1
    : 2;
}

const ORDINAL = ["First", "Second", "Third"] as const;

export function painted(s: Situation): Told[] {
  const { edgeSeal } = s.schools;
  const isMask = s.technique === "mask";
  const area = isMask ? maskArea(s) : s.facts.lettersMm2;
  const coats = coatsOf(s);
  const what = isMask ? "the ground" : "the letters";
  const sealed: Told[] =
    edgeSeal === "none"
      ? []
      : [
          {
            id: "seal-edges",
            title: "Seal the edges",
            minutes: span(isMask ? MINUTES.coat(area) : MINUTES.seal(s), "plain", s),
            after: [{ step: "press", wait: 0 }],
            say:
              isMask && edgeSeal === "ground"
                ? "Over the stuck letters a coat in the colour that lies under them: it closes their edges, and is gone with the letters. Not to be skipped."
                : SEALED[edgeSeal].say,
            check: "Every edge is wet, nothing pools.",
            slip: "It pools in an inside: take it up with a dry corner of the sponge.",
            doIt:
              isMask && edgeSeal === "ground"
                ? "Dab a thin coat in the letters' colour over all edges. Let it dry."
                : "Dab a thin coat over every edge. Let it dry.",
            because: SEALED[edgeSeal].because,
          },
        ];
  const rows: Told[] = Array.from({ length: coats }, (_, i) => ({
    id: `coat-${i + 1}`,
    title: coats === 1 ? "One coat" : `${ORDINAL[i]} coat`,
    minutes: span(MINUTES.coat(area), "plain", s),
    after: [
      i > 0
        ? { step: `coat-${i}`, wait: COAT_DRIES }
        : edgeSeal === "none"
          ? { step: "press", wait: 0 }
          : { step: "seal-edges", wait: SEAL_DRIES },
    ],
    say:
      i === 0
        ? words(
            "The sponge nearly dry: dab straight down and thin. A brush folds and pushes paint under; a small roller does one careful coat, away from the film's border.",
            edgeSeal === "none" &&
              "Without a seal paint runs under in places: that is the worn look, taken on purpose.",
          )
        : "Only when the one before is dry to the touch. Thin again: two thin coats cover better than a thick one.",
    check:
      i === coats - 1
        ? "Nothing shines through, seen from the side."
        : "Thin all over, nothing pools at an edge.",
    care: i === 0 ? "Paint: open a window, cover the table, follow its label." : FAN,
    slip: "Too wet: it runs under. Take it up with a dry sponge before it does.",
    doIt:
      i === 0
        ? `Dab ${what} thinly. Nearly dry sponge, no brushing.`
        : `When it is dry to the touch: dab ${what} once more, thinly.`,
    because:
      i === 0
        ? "A nearly dry sponge leaves paint where it touches and nowhere else."
        : `Each coat dries ${COAT_DRIES} min with moving air; a light paint over dark wants a coat more.`,
  }));
  const [first, ...more] = rows;
  return first ? [...sealed, first, ...(more.length > 0 ? [tidied(s)] : []), ...more] : sealed;
}

/** What fills the wait while the first coat dries. */
function tidied(s: Situation): Told {
  return {
    id: "tidy",
    title: "Tidy while it dries",
    minutes: fixed(8),
    after: [{ step: "coat-1", wait: 0 }],
    say: "Sponges rinsed and pressed nearly dry, pots closed, backing paper and tape off the table. Nobody touches a wet face.",
    check: s.inRoom
      ? "A free place to dry for every piece."
      : "The piece lies flat, away from sleeves.",
    doIt: "Rinse your sponge and press it nearly dry. Clear your place. Do not touch the paint.",
    because: "The wait is there anyway; afterwards nobody stays to tidy.",
  };
}

export const maskArea = ({ facts }: Pick<Situation, "facts">): number =>
  facts.filmWidth * facts.filmHeight - facts.lettersMm2;

export function filmOff(s: Situation): Told[] {
  const damp = s.schools.peel === "damp";
  const isMask = s.technique === "mask";
  const last = `coat-${coatsOf(s)}`;
  const wood = isWood(s.surface);
  return [
    {
      id: "peel-film",
      title: isMask ? "Peel the letters" : "Peel the film",
      minutes: span(MINUTES.peelFilm(s, isMask ? s.facts.pieces : 0), "hands", s),
      after: [{ step: last, wait: damp ? 5 : COAT_DRIES }],
      say: words(
        damp
          ? "While the last coat is still a little damp."
          : "Only when the last coat is dry: nothing smears then.",
        isMask
          ? "Lift each letter by a corner with the hook, low and slowly."
          : words(
              "Insides first, each from its middle and not its edge; then the rest in one go.",
              wood && "Try a corner: along or across the grain, whichever lifts less.",
            ),
      ),
      check: "Edges are crisp.",
      care: SHARP,
      slip: wood
        ? "It tears or lifts fibres: go on from the other side, across the grain."
        : "It tears: go on from the other side, lower and slower.",
      doIt: words(
        damp ? "While the paint is still a little damp." : "When the paint is quite dry.",
        isMask
          ? "Lift each letter by a corner with the hook, low and slowly."
          : "Insides first, from their middle. Then the rest, low and slowly.",
      ),
      because: damp
        ? "Damp paint parts along the edge: crisper, and less tears. Others wait until it is dry, so that nothing smears."
        : "Dry paint does not smear. Others peel while it is a little damp: crisper edges, less tearing.",
    },
    {
      id: "touch-up",
      title: "Touch up",
      minutes: span(MINUTES.touchUp(s), "plain", s),
      say: `A tiny brush and the ground's colour where paint ran under${s.blank.material === "stainedWood" ? " (the stain, kept for this)" : ""}; then the letters' colour where the touch-up ran over.`,
      check: "Seen at arm's length it is done: nobody looks nearer.",
      slip: "Too wet a touch-up runs: dry the brush on paper first.",
      doIt: "Mend what ran under with the tiny brush and the ground's colour. Little paint.",
      because: "Every stencil runs somewhere; a tiny brush hides it.",
    },
  ];
}
