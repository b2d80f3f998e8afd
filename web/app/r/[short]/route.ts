import { notFound, redirect } from "next/navigation";
import { withoutStudio } from "@/data/client.ts";
import { attemptAllowed } from "@/data/sign-in.ts";
import { followCodeFor } from "@/data/tokens.ts";
import { roomCaller } from "@/requests/caller.ts";
import { SHORT_CODE } from "@/room/passes.ts";

export const dynamic = "force-dynamic";

/** Wrong codes in ten minutes, of one phone and of all: 28 million are too many to try. */
const [MOST_OF_PHONE, MOST_OF_ROOM] = [40, 4000];

/** Five signs of the link, typed in the room: elsewhere they are too few to be a secret. */
export async function GET(
  _: Request,
  { params }: { params: Promise<{ short: string }> },
): Promise<Response> {
  const caller = await roomCaller();
  const short = (await params).short.toLowerCase();
  if (!caller) notFound();
  const code = await withoutStudio(async (sql) => {
    const allowed =
      (await attemptAllowed(sql, `room:${caller.address}`, MOST_OF_PHONE, 600)) &&
      (await attemptAllowed(sql, "room", MOST_OF_ROOM, 600));
    return allowed && SHORT_CODE.test(short) ? followCodeFor(sql, short) : null;
  });
  redirect(code ? `/f/${code}` : `/r?wrong=${short}`);
}
