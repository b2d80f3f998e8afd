/**
 * Remedies as edits of the class document: applied with one press, undone by putting the old
 * document back.
 */

import { isCup } from "../blanks/shape-size.ts";
import { CUTTER_PROFILES } from "../cutting/cutter-profiles.ts";
import type { ClassDocument } from "../document/document.ts";
import { type ThingDocument, thingDocument, withThing } from "../document/thing-document.ts";
import type { Remedy } from "../findings/finding.ts";
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

export function partOf(remedy: Remedy): DocumentPart {
  switch (remedy.code) {
    case "useFont":
    case "setSchool":
    case "setTracking":
    case "narrowLine":
    case "thicken":
    case "openCounters":
    case "treatMarks":
    case "openRings":
    case "slitPlates":
    case "setSize":
    case "growLine":
    case "bridgeIslands":
    case "useVinyl":
    case "lessBorder":
    case "filmToBlank":
      return "design";
    case "tidyNames":
    case "useFontHere":
    case "breakLine":
    case "ownSize":
    case "removeSeat":
      return "seats";
    case "raiseRim":
    case "warp":
      return "blank";
    case "endLater":
    case "addTool":
    case "tapeBefore":
    case "weedBefore":
    case "groundBefore":
    case "pauseHere":
    case "helper":
    case "setFamily":
    case "plainFilm":
    case "lessPad":
    case "useCutter":
    case "leaveIt":
      return "class";
  }
}

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
  const view = thingDocument(
    document,
    remedy.values.thing === undefined ? undefined : String(remedy.values.thing),
  );
  const changed = applied(view, remedy);
  return changed === view ? document : withThing(document, changed);
}

function applied(document: ThingDocument, remedy: Remedy): ThingDocument {
  const text = (key: string) => String(remedy.values[key] ?? "");
  const number = (key: string) => Number(remedy.values[key] ?? 0);
  switch (remedy.code) {
    case "useFont":
      return withItem(document, text("item"), (item) => ({
        ...item,
        font: text("font"),
        join: studioFont(text("font"))?.joined ?? item.join,
      }));
    case "setTracking":
      return withItem(document, text("item"), (item) => ({
        ...item,
        trackingEm: number("trackingEm"),
      }));
    case "narrowLine":
      return withItem(document, text("item"), (item) => ({ ...item, mayNarrow: true }));
    case "thicken":
      return withThickened(document, text("item"), number("mm"));
    case "openCounters":
      return withItem(document, text("item"), (item) => ({
        ...item,
        openCountersMm: number("mm"),
      }));
    case "treatMarks":
      return withItem(document, text("item"), (item) => ({
        ...item,
        marks: MARKS.find((rule) => rule === text("marks")) ?? item.marks,
      }));
    case "openRings":
      return { ...document, design: openedRings(document.design, text("item")) };
    case "slitPlates":
      return { ...document, design: slitPlates(document.design, text("item"), number("share")) };
    case "growLine":
      return number("size") > 0
        ? { ...document, design: withSize(document.design, text("item"), number("size")) }
        : document;
    case "setSize":
      return number("scale") > 0
        ? {
            ...document,
            design: { ...document.design, school: "fixedHeight", fixedScale: number("scale") },
          }
        : document;
    case "bridgeIslands":
      return {
        ...document,
        design: {
          ...document.design,
          stencil: { ...USUAL_STENCIL, ...document.design.stencil, islands: "bridged" },
        },
      };
    case "tidyNames": {
      const slot = text("slot");
      return {
        ...document,
        seats: document.seats.map((seat) =>
          seat.fields[slot] === undefined
            ? seat
            : {
                ...seat,
                fields: {
                  ...seat.fields,
                  [slot]: tidyName(seat.fields[slot], number("spacesOnly") === 1),
                },
              },
        ),
      };
    }
    case "useFontHere":
      return withOwn(document, text("seat"), text("item"), { font: text("font") });
    case "breakLine":
      return withOwn(
        document,
        text("seat"),
        text("item"),
        number("at") > 0 ? { breakAt: number("at") } : { breakAfter: Math.max(1, number("words")) },
      );
    case "ownSize": {
      const lines = document.design.items.flatMap((item) =>
        item.kind === "text" && item.slot ? [item.id] : [],
      );
      const sized = (own: Exception | undefined): Exception => ({
        ...own,
        size: Math.max(0.2, Math.round((own?.size ?? 1) * number("share") * 1000) / 1000),
      });
      return text("seats")
        .split(" ")
        .reduce(
          (all, seat) =>
            lines.reduce(
              (next, line) =>
                withOwn(
                  next,
                  seat,
                  line,
                  sized(next.seats.find((row) => row.seat === seat)?.own?.[line]),
                ),
              all,
            ),
          document,
        );
    }
    case "setFamily": {
      const family = VINYL_FAMILIES.find((one) => one === text("family"));
      return family
        ? {
            ...document,
            vinyls: document.vinyls.map((vinyl) =>
              vinyl.id === text("vinyl") ? { ...vinyl, family } : vinyl,
            ),
          }
        : document;
    }
    case "plainFilm":
      return {
        ...document,
        vinyls: document.vinyls.map((vinyl) => (vinyl.id === text("vinyl") ? plain(vinyl) : vinyl)),
      };
    case "useVinyl": {
      const [from, into] = [text("from"), text("into")];
      if (!document.vinyls.some(({ id }) => id === into)) return document;
      const items = document.design.items.map((item) =>
        item.id === text("item")
          ? (withVinyls({ ...document.design, items: [item] }, (id) => (id === from ? into : id))
              .items[0] as RecipeItem)
          : item,
      );
      return { ...document, design: { ...document.design, items } };
    }
    case "lessBorder":
      return {
        ...document,
        design: {
          ...document.design,
          stencil: {
            ...USUAL_STENCIL,
            ...document.design.stencil,
            filmMargin: number("mm"),
          },
        },
      };
    case "filmToBlank":
      return {
        ...document,
        design: {
          ...document.design,
          stencil: { ...USUAL_STENCIL, ...document.design.stencil, film: "blank" },
        },
      };
    case "useCutter": {
      const found = CUTTER_PROFILES.find(({ id }) => id === text("profile"));
      return found ? { ...document, cutter: found.cutter } : document;
    }
    case "lessPad":
      return { ...document, layout: { ...document.layout, weedPad: number("mm") } };
    case "warp": {
      const { shape } = document.blank;
      return shape.kind === "taperedCup"
        ? { ...document, blank: { ...document.blank, shape: { ...shape, warp: true } } }
        : document;
    }
    case "setSchool":
      return text("school") in schools
        ? { ...document, design: { ...document.design, school: text("school") as SizingSchool } }
        : document;
    case "removeSeat":
      return { ...document, seats: document.seats.filter(({ seat }) => seat !== text("seat")) };
    case "endLater":
      return { ...document, when: { ...document.when, minutes: number("minutes") } };
    case "tapeBefore":
    case "weedBefore":
      return {
        ...document,
        ...handedOver(document, remedy.code === "tapeBefore" ? "taped" : "weeded"),
      };
    case "groundBefore":
      return document;
    case "pauseHere":
      return { ...document, steps: pausedAfter(document, text("after"), number("minutes")) };
    case "helper":
      return {
        ...document,
        setting: { ...document.setting, helpers: (document.setting.helpers ?? 0) + 1 },
      };
    case "addTool":
      return {
        ...document,
        tools: document.tools.map((tool) =>
          tool.id === text("tool") ? { ...tool, count: tool.count + 1 } : tool,
        ),
      };
    case "raiseRim": {
      const { shape } = document.blank;
      return isCup(shape)
        ? {
            ...document,
            blank: { ...document.blank, shape: { ...shape, rimClearance: number("mm") } },
          }
        : document;
    }
    case "leaveIt":
      return { ...document, accepted: [...new Set([...document.accepted, text("key")])] };
  }
}

/**
 * The same colour in a film that bears thinner strokes; what it costs and how much is there is not
 * known of it.
 */
function plain({
  stock,
  adhesive: _,
  proved: __,
  finish: ___,
  ...vinyl
}: ClassDocument["vinyls"][number]): ClassDocument["vinyls"][number] {
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
