/**
 * Remedies as edits of the class document: applied with one press, undone by putting the old
 * document back.
 */

import { isCup } from "../blanks/shape-size.ts";
import { CUTTER_PROFILES } from "../cutting/cutter-profiles.ts";
import type { ClassDocument } from "../document/document.ts";
import { type ThingDocument, thingDocument, withThing } from "../document/thing-document.ts";
import type { Remedy, RemedyCode, RemedyValues } from "../findings/remedy.ts";
import { type SizingSchool, schools } from "../fitting/schools.ts";
import { openedRings, slitPlates } from "../lettering/open-rings.ts";
import type { Exception, RecipeItem, TextItem } from "../lettering/recipe.ts";
import { MARKS, USUAL_STENCIL } from "../lettering/recipe-kinds.ts";
import { withSize, withVinyls } from "../lettering/recipe-reads.ts";
import { studioFont } from "../lettering/studio-fonts.ts";
import { groundBefore } from "../proposal/ground-before.ts";
import { handedOver } from "../proposal/handed-over.ts";
import { pausedAfter } from "../proposal/pause.ts";
import { tidyName } from "../roster/tidy.ts";
import { VINYL_FAMILIES } from "../weeding/families.ts";

/** The part of a class a remedy changes; parts carry their own versions. */
export type DocumentPart = "class" | "blank" | "design" | "seats";

/** What a remedy does. */
interface Cure<C extends RemedyCode> {
  /** Where it changes something. */
  readonly part: DocumentPart;
  /** @returns the document as it was, where the values name nothing */
  readonly apply: (document: ThingDocument, values: RemedyValues<C>) => ThingDocument;
}

const CURES: { readonly [C in RemedyCode]: Cure<C> } = {
  useFont: {
    part: "design",
    apply: (document, { item, font }) =>
      withItem(document, item, (own) => ({
        ...own,
        font,
        join: studioFont(font)?.joined ?? own.join,
      })),
  },
  setTracking: {
    part: "design",
    apply: (document, { item, trackingEm }) =>
      withItem(document, item, (own) => ({ ...own, trackingEm })),
  },
  narrowLine: {
    part: "design",
    apply: (document, { item }) => withItem(document, item, (own) => ({ ...own, mayNarrow: true })),
  },
  thicken: {
    part: "design",
    apply: (document, { item, mm }) => withThickened(document, item, mm),
  },
  openCounters: {
    part: "design",
    apply: (document, { item, mm }) =>
      withItem(document, item, (own) => ({ ...own, openCountersMm: mm })),
  },
  treatMarks: {
    part: "design",
    apply: (document, { item, marks }) =>
      withItem(document, item, (own) => ({
        ...own,
        marks: MARKS.find((rule) => rule === marks) ?? own.marks,
      })),
  },
  openRings: {
    part: "design",
    apply: (document, { item }) => ({ ...document, design: openedRings(document.design, item) }),
  },
  slitPlates: {
    part: "design",
    apply: (document, { item, share }) => ({
      ...document,
      design: slitPlates(document.design, item, share),
    }),
  },
  growLine: {
    part: "design",
    apply: (document, { item, size }) =>
      size > 0 ? { ...document, design: withSize(document.design, item, size) } : document,
  },
  setSize: {
    part: "design",
    apply: (document, { scale }) =>
      scale > 0
        ? {
            ...document,
            design: { ...document.design, school: "fixedHeight", fixedScale: scale },
          }
        : document,
  },
  setSchool: {
    part: "design",
    apply: (document, { school }) =>
      school in schools
        ? { ...document, design: { ...document.design, school: school as SizingSchool } }
        : document,
  },
  bridgeIslands: {
    part: "design",
    apply: (document) => withStencil(document, { islands: "bridged" }),
  },
  lessBorder: {
    part: "design",
    apply: (document, { mm }) => withStencil(document, { filmMargin: mm }),
  },
  filmToBlank: {
    part: "design",
    apply: (document) => withStencil(document, { film: "blank" }),
  },
  useVinyl: { part: "design", apply: withOtherVinyl },
  tidyNames: { part: "seats", apply: withTidyNames },
  useFontHere: {
    part: "seats",
    apply: (document, { seat, item, font }) => withOwn(document, seat, item, { font }),
  },
  breakLine: {
    part: "seats",
    apply: (document, { seat, item, at = 0, words = 0 }) =>
      withOwn(document, seat, item, at > 0 ? { breakAt: at } : { breakAfter: Math.max(1, words) }),
  },
  ownSize: { part: "seats", apply: withOwnSizes },
  removeSeat: {
    part: "seats",
    apply: (document, { seat: gone }) => ({
      ...document,
      seats: document.seats.filter(({ seat }) => seat !== gone),
    }),
  },
  raiseRim: {
    part: "blank",
    apply: (document, { mm }) => {
      const { shape } = document.blank;
      return isCup(shape)
        ? { ...document, blank: { ...document.blank, shape: { ...shape, rimClearance: mm } } }
        : document;
    },
  },
  warp: {
    part: "blank",
    apply: (document) => {
      const { shape } = document.blank;
      return shape.kind === "taperedCup"
        ? { ...document, blank: { ...document.blank, shape: { ...shape, warp: true } } }
        : document;
    },
  },
  setFamily: {
    part: "class",
    apply: (document, { vinyl, family: asked }) => {
      const family = VINYL_FAMILIES.find((one) => one === asked);
      return family ? withFilm(document, vinyl, (film) => ({ ...film, family })) : document;
    },
  },
  plainFilm: {
    part: "class",
    apply: (document, { vinyl }) => withFilm(document, vinyl, plain),
  },
  lessPad: {
    part: "class",
    apply: (document, { mm }) => ({ ...document, layout: { ...document.layout, weedPad: mm } }),
  },
  useCutter: {
    part: "class",
    apply: (document, { profile }) => {
      const found = CUTTER_PROFILES.find(({ id }) => id === profile);
      return found ? { ...document, cutter: found.cutter } : document;
    },
  },
  endLater: {
    part: "class",
    apply: (document, { minutes }) => ({ ...document, when: { ...document.when, minutes } }),
  },
  tapeBefore: {
    part: "class",
    apply: (document) => ({ ...document, ...handedOver(document, "taped") }),
  },
  weedBefore: {
    part: "class",
    apply: (document) => ({ ...document, ...handedOver(document, "weeded") }),
  },
  /** Of the whole class: `applyRemedy`. */
  groundBefore: { part: "class", apply: (document) => document },
  pauseHere: {
    part: "class",
    apply: (document, { after, minutes }) => ({
      ...document,
      steps: pausedAfter(document, after, minutes),
    }),
  },
  helper: {
    part: "class",
    apply: (document) => ({
      ...document,
      setting: { ...document.setting, helpers: (document.setting.helpers ?? 0) + 1 },
    }),
  },
  addTool: {
    part: "class",
    apply: (document, { tool: id }) => ({
      ...document,
      tools: document.tools.map((tool) =>
        tool.id === id ? { ...tool, count: tool.count + 1 } : tool,
      ),
    }),
  },
  leaveIt: {
    part: "class",
    apply: (document, { key }) => ({
      ...document,
      accepted: [...new Set([...document.accepted, key])],
    }),
  },
};

export const partOf = ({ code }: Pick<Remedy, "code">): DocumentPart => CURES[code].part;

/**
 * Things whose blanks it changes beside the class: what is stained at home is no step of the class
 * any more.
 */
export const blanksOf = (document: Pick<ClassDocument, "things">, remedy: Remedy): string[] =>
  remedy.code === "groundBefore"
    ? document.things.flatMap(({ id, blank }) => (blank.ground?.by === "class" ? [id] : []))
    : [];

/**
 * The document with the remedy applied to the thing it names, or the first; values that name
 * nothing leave it as it was.
 */
export function applyRemedy(document: ClassDocument, remedy: Remedy): ClassDocument {
  if (remedy.code === "groundBefore") return { ...document, ...groundBefore(document) };
  const view = thingDocument(document, remedy.values.thing);
  const changed = applied(view, remedy);
  return changed === view ? document : withThing(document, changed);
}

const applied = <C extends RemedyCode>(document: ThingDocument, remedy: Remedy<C>): ThingDocument =>
  CURES[remedy.code].apply(document, remedy.values);

const withStencil = (
  document: ThingDocument,
  part: Partial<NonNullable<ThingDocument["design"]["stencil"]>>,
): ThingDocument => ({
  ...document,
  design: {
    ...document.design,
    stencil: { ...USUAL_STENCIL, ...document.design.stencil, ...part },
  },
});

type Film = ClassDocument["vinyls"][number];

const withFilm = (
  document: ThingDocument,
  id: string,
  change: (film: Film) => Film,
): ThingDocument => ({
  ...document,
  vinyls: document.vinyls.map((film) => (film.id === id ? change(film) : film)),
});

function withOtherVinyl(
  document: ThingDocument,
  { item, from, into }: RemedyValues<"useVinyl">,
): ThingDocument {
  if (!document.vinyls.some(({ id }) => id === into)) return document;
  const other = (id: string) => (id === from ? into : id);
  const items = document.design.items.map((own) =>
    own.id === item
      ? (withVinyls({ ...document.design, items: [own] }, other).items[0] as RecipeItem)
      : own,
  );
  return { ...document, design: { ...document.design, items } };
}

function withTidyNames(
  document: ThingDocument,
  { slot, spacesOnly }: RemedyValues<"tidyNames">,
): ThingDocument {
  const seats = document.seats.map((seat) => {
    const name = seat.fields[slot];
    return name === undefined
      ? seat
      : { ...seat, fields: { ...seat.fields, [slot]: tidyName(name, spacesOnly === 1) } };
  });
  return { ...document, seats };
}

const LEAST_OWN_SIZE = 0.2;

function withOwnSizes(
  document: ThingDocument,
  { seats, share }: RemedyValues<"ownSize">,
): ThingDocument {
  const lines = document.design.items.flatMap((item) =>
    item.kind === "text" && item.slot ? [item.id] : [],
  );
  let next = document;
  for (const seat of seats.split(" "))
    for (const line of lines) {
      const own = next.seats.find((row) => row.seat === seat)?.own?.[line];
      const size = Math.max(LEAST_OWN_SIZE, Math.round((own?.size ?? 1) * share * 1000) / 1000);
      next = withOwn(next, seat, line, { ...own, size });
    }
  return next;
}

/**
 * The same colour in a film that bears thinner strokes; what it costs and how much is there is not
 * known of it.
 */
function plain({ stock, adhesive: _, proved: __, finish: ___, ...vinyl }: Film): Film {
  const { price: ____, ...form } = stock;
  return {
    ...vinyl,
    name: `${vinyl.name.slice(0, 70)}, plain`,
    family: "permanentMatte",
    stock: { ...form, have: 0 },
  };
}

function withOwn(
  document: ThingDocument,
  seat: string,
  item: string,
  own: Exception,
): ThingDocument {
  return {
    ...document,
    seats: document.seats.map((row) =>
      row.seat === seat
        ? { ...row, own: { ...row.own, [item]: { ...row.own?.[item], ...own } } }
        : row,
    ),
  };
}

function withThickened(document: ThingDocument, id: string, thickenMm: number): ThingDocument {
  const items = document.design.items.map(
    (item): RecipeItem =>
      (item.kind === "text" || item.kind === "art") && item.id === id
        ? { ...item, thickenMm }
        : item,
  );
  return { ...document, design: { ...document.design, items } };
}

function withItem(
  document: ThingDocument,
  id: string,
  change: (item: TextItem) => TextItem,
): ThingDocument {
  const items = document.design.items.map(
    (item): RecipeItem => (item.kind === "text" && item.id === id ? change(item) : item),
  );
  return { ...document, design: { ...document.design, items } };
}
