"use server";

import { requireHost } from "@/account/session.ts";
import { withStudio } from "@/data/client.ts";
import { addPicture, MOST_PICTURES } from "@/data/pictures.ts";
import { act, no, takes } from "@/requests/act.ts";
import { smallPicture } from "./small.ts";
import { keepWords } from "./words.ts";

export type PictureAnswer =
  | { readonly ok: true; readonly id: string }
  | { readonly ok: false; readonly message: string };

/** Keeps a picture of the host's studio. */
export const keepPicture = act([takes.form], no, async (form: FormData): Promise<PictureAnswer> => {
  const say = keepWords();
  const host = await requireHost();
  const file = form.get("picture");
  if (!(file instanceof File) || file.size === 0)
    return { ok: false, message: say.chooseAPictureFirst };
  const small = await smallPicture(new Uint8Array(await file.arrayBuffer()));
  if (!small)
    return {
      ok: false,
      message: say.thatIsNoPicture,
    };
  const id = await withStudio(host.studioId, (sql) => addPicture(sql, host.studioId, small));
  return id ? { ok: true, id } : { ok: false, message: say.picturesAreKeptTakeSome(MOST_PICTURES) };
});
