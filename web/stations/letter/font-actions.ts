"use server";

import { PlanFault } from "@elm-basket/core/faults/plan-fault.ts";
import { isWholeFont } from "@elm-basket/core/lettering/whole-font.ts";
import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { insertFont, MOST_FONTS } from "@/data/fonts.ts";
import { fontShare } from "@/planning/compute.ts";
import { act, no, takes } from "@/requests/act.ts";
import { faultWords } from "@/ui/craft/faults.ts";
import { fontActionsWords } from "./words.ts";

export interface FontAnswer {
  readonly ok: boolean;
  readonly message: string;
}

const noWholeFont = () => fontActionsWords().thatIsNoTtf;
const MOST_BYTES = 4 * 1024 * 1024;
const formSchema = z.object({
  family: z.string().trim().min(1).max(80),
  licence: z.string().trim().min(1).max(200),
});

/** Takes a font in if the shaper can read it and it has letters; what is wrong is said. */
export const addFont = act(
  [takes.before<FontAnswer | null>(), takes.form],
  no,
  async (_before: FontAnswer | null, form: FormData): Promise<FontAnswer> => {
    const w = fontActionsWords();
    const host = await requireHost();
    const file = form.get("file");
    const named = formSchema.safeParse({
      family: form.get("family"),
      licence: form.get("licence"),
    });
    if (!named.success)
      return {
        ok: false,
        message: w.giveTheFontAName,
      };
    if (!(file instanceof File) || file.size === 0)
      return { ok: false, message: w.chooseATtfOrOtf };
    if (file.size > MOST_BYTES) return { ok: false, message: w.thatFileIsLarger };
    const bytes = new Uint8Array(await file.arrayBuffer());
    if (!isWholeFont(bytes)) return { ok: false, message: noWholeFont() };
    const thinShare = await fontShare(bytes).catch((error: unknown) => {
      if (error instanceof PlanFault) return error;
      throw error;
    });
    if (thinShare instanceof PlanFault)
      return { ok: false, message: w.thatFontWasNotRead(faultWords().sayFault(thinShare.fault)) };
    if (thinShare === null)
      return {
        ok: false,
        message: w.thatIsNoFont,
      };
    const font = { ...named.data, joined: form.get("joined") === "on", thinShare };
    const id = await withStudio(host.studioId, (sql) =>
      insertFont(sql, host.studioId, font, bytes),
    );
    if (!id)
      return {
        ok: false,
        message: w.thereIsAFont(MOST_FONTS),
      };
    revalidatePath("/classes", "layout");
    return { ok: true, message: w.isAmongYourOwnFonts(font.family) };
  },
);
