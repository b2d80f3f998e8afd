import { revalidatePath } from "next/cache";
import { after } from "next/server";
import { benchMarksWords } from "@/app/words.ts";
import { benchOf } from "@/bench/access.ts";
import { tellBench } from "@/bench/marks.ts";
import { toldSchema } from "@/bench/marks-schema.ts";
import { withoutStudio } from "@/data/client.ts";
import { attemptAllowed } from "@/data/sign-in.ts";
import { plannedClass } from "@/planning/planned-class.ts";
import { postedJson } from "@/requests/posted-json.ts";

/** Two hundred marks with the names of their pieces. */
const MOST_BYTES = 200_000;
/**
 * In ten minutes: a device tells twice a minute what it holds, each film it does, and tries again
 * every few seconds where the network comes and goes.
 */
const MOST_TELLINGS = 600;

export async function POST(
  request: Request,
  { params }: { params: Promise<{ key: string }> },
): Promise<Response> {
  const say = benchMarksWords();
  const { key } = await params;
  const bench = await benchOf(key);
  if (!bench) return new Response(say.thisLink, { status: 404 });
  const posted = await postedJson(request, toldSchema, MOST_BYTES, say.thisIsNoMark);
  if ("refused" in posted) return posted.refused;
  const told = posted.value;
  if (
    bench.host === null &&
    !(await withoutStudio((sql) =>
      attemptAllowed(sql, `bench:${key}:${told.hands}`, MOST_TELLINGS, 600),
    ))
  )
    return new Response(say.tooManyTriesWait, { status: 429 });
  const { answers, films, again } = await tellBench(bench, told);
  if (told.marks.length > 0) revalidatePath(`/classes/${bench.workshopId}`, "layout");
  // A mark never waits for a plan; what is to be cut again is laid right after it.
  if (again) after(() => plannedClass(bench.studioId, bench.workshopId));
  return Response.json(
    { now: Date.now(), answers, films },
    { headers: { "cache-control": "no-store" } },
  );
}
