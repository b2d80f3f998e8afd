"use server";

import { cleanArt } from "@elm-basket/core/art/clean.ts";
import { LEAST_SCRAP_MM2, scrapSchema } from "@elm-basket/core/document/scrap.ts";
import { scrapPolygon } from "@elm-basket/core/document/scrap-polygon.ts";
import { VINYL_FAMILIES } from "@elm-basket/core/weeding/families.ts";
import { vinylColour } from "@elm-basket/core/weeding/vinyl.ts";
import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { changeScrap, freeLabel, newScrap, throwAway } from "@/data/scraps.ts";
import { act, no, takes } from "@/requests/act.ts";
import { scrapActionsWords } from "./words.ts";

const givenSchema = z.strictObject({
  label: z.string().max(20),
  film: z.object({
    name: z.string().min(1).max(80),
    family: z.enum(VINYL_FAMILIES),
    colour: vinylColour,
  }),
  outline: scrapSchema.shape.outline,
  holes: scrapSchema.shape.holes,
  bought: scrapSchema.shape.bought,
});
export type ScrapAnswer = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** A new scrap for the box, or what was changed of one that is in it. */
export const putScrap = act(
  [takes.text.nullable(), takes.anything],
  no,
  async (before: string | null, given: unknown): Promise<ScrapAnswer> => {
    const say = scrapActionsWords();
    const host = await requireHost();
    const read = givenSchema.safeParse(given);
    if (!read.success) return { ok: false, message: say.notUsable(read.error.issues[0]?.message) };
    const cleaned = cleanArt([scrapPolygon(read.data)]);
    const [polygon] = cleaned.polygons;
    if (!polygon || cleaned.polygons.length > 1 || cleaned.repaired)
      return {
        ok: false,
        message: say.theOutlineCrossesItselfGive,
      };
    return withStudio(host.studioId, async (sql): Promise<ScrapAnswer> => {
      const label = read.data.label || before || (await freeLabel(sql, read.data.film.name));
      const checked = scrapSchema.safeParse({
        label,
        vinyl: "film",
        outline: read.data.outline,
        holes: read.data.holes,
        ...(read.data.bought ? { bought: read.data.bought } : {}),
      });
      if (!checked.success)
        return {
          ok: false,
          message:
            checked.error.issues[0]?.path[0] === "label"
              ? say.aLabelSuchAsK
              : say.theOutlineGoesRound(LEAST_SCRAP_MM2),
        };
      const row = {
        label,
        film: read.data.film,
        outline: checked.data.outline,
        holes: checked.data.holes,
        bought: checked.data.bought ?? null,
      };
      const done =
        before === null
          ? await newScrap(sql, host.studioId, row)
          : await changeScrap(sql, before, row);
      if (done === "taken") return { ok: false, message: say.thereIsAScrapAlready(label) };
      if (done === "gone")
        return {
          ok: false,
          message: say.thisScrapIsNoLonger,
        };
      revalidatePath("/", "layout");
      return { ok: true };
    });
  },
);

export const throwScrapAway = act(
  [takes.text],
  () => undefined,
  async (label: string): Promise<void> => {
    const host = await requireHost();
    if (typeof label !== "string" || label.length > 20) return;
    await withStudio(host.studioId, (sql) => throwAway(sql, label));
    revalidatePath("/", "layout");
  },
);
