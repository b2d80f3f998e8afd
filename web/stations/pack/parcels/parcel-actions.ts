"use server";

import { MOST_ADDRESSES } from "@elm-basket/core/posting/address-list.ts";
import { addressSchema, postingSchema } from "@elm-basket/core/posting/posting.ts";
import { revalidatePath } from "next/cache";
import * as z from "zod";
import { requireHost } from "@/account/session.ts";
import { type Sql, withStudio } from "@/data/client.ts";
import { eraseNow, markPosted, putAddresses, savePosting, seatsThere } from "@/data/parcels.ts";
import { isId } from "@/planning/planned-class.ts";
import { act, no, takes } from "@/requests/act.ts";
import type { ActAnswer } from "@/ui/use-act.ts";
import { parcelActionsWords } from "../words.ts";

const seatName = z.string().min(1).max(40);
const rowsSchema = z
  .array(z.strictObject({ seat: seatName, address: addressSchema.nullable() }))
  .min(1)
  .max(MOST_ADDRESSES);

/** Does something with seats that the class has; of others nothing is kept. */
async function withSeats(
  id: string,
  seats: readonly string[],
  work: (sql: Sql, studioId: string, there: ReadonlySet<string>) => Promise<void>,
): Promise<ActAnswer> {
  const say = parcelActionsWords();
  const host = await requireHost();
  if (!isId(id)) return no(say.thereIsNoSuchClass);
  const answer = await withStudio(host.studioId, async (sql) => {
    const there = await seatsThere(sql, id);
    const unknown = seats.find((seat) => !there.has(seat));
    if (unknown !== undefined) return no(say.thereIsNoSeatAny(unknown));
    await work(sql, host.studioId, there);
    return { ok: true } as const;
  });
  if (answer.ok) revalidatePath("/", "layout");
  return answer;
}

/** Writes addresses of seats; null takes one away. */
export const saveAddresses = act(
  [takes.id, takes.own<z.input<typeof rowsSchema>>()],
  no,
  async (id: string, given: z.input<typeof rowsSchema>): Promise<ActAnswer> => {
    const read = rowsSchema.safeParse(given);
    if (!read.success) {
      const [issue] = read.error.issues;
      return no(
        parcelActionsWords().notAUsableAddress(issue?.message, issue?.path.slice(2).join(" ")),
      );
    }
    return withSeats(
      id,
      read.data.map(({ seat }) => seat),
      (sql, studioId) => putAddresses(sql, studioId, id, read.data),
    );
  },
);

const markSchema = z.array(seatName).min(1).max(MOST_ADDRESSES);

/** Posted, or not posted after all. */
export const markParcels = act(
  [takes.id, takes.list, takes.on],
  no,
  async (id: string, seats: readonly string[], on: boolean): Promise<ActAnswer> => {
    const read = markSchema.safeParse(seats);
    if (!read.success || typeof on !== "boolean")
      return no(parcelActionsWords().thatCannotBeMarked);
    return withSeats(id, read.data, (sql, studioId) =>
      markPosted(sql, studioId, id, read.data, on),
    );
  },
);

export type WaysAnswer =
  | { readonly ok: true; readonly version: number }
  | { readonly ok: false; readonly message: string };

/** How the class's kits are posted. */
export const saveWays = act(
  [takes.id, takes.own<z.input<typeof postingSchema>>(), takes.version],
  no,
  async (
    id: string,
    given: z.input<typeof postingSchema>,
    version: number,
  ): Promise<WaysAnswer> => {
    const say = parcelActionsWords();
    const host = await requireHost();
    const read = postingSchema.safeParse(given);
    if (!Number.isInteger(version) || !read.success)
      return {
        ok: false,
        message: read.success
          ? say.thereIsNoSuchClass
          : say.notUsable(read.error.issues[0]?.message),
      };
    const saved = await withStudio(host.studioId, (sql) =>
      savePosting(sql, host.studioId, id, read.data, version),
    );
    revalidatePath("/", "layout");
    return saved === null
      ? {
          ok: false,
          message: say.anotherWindowChangedThisFirst,
        }
      : { ok: true, version: saved };
  },
);

export const eraseAll = act([takes.id], no, async (id: string): Promise<ActAnswer> => {
  const host = await requireHost();
  if (!isId(id)) return no(parcelActionsWords().thereIsNoSuchClass);
  await withStudio(host.studioId, (sql) => eraseNow(sql, id));
  revalidatePath("/", "layout");
  return { ok: true };
});
