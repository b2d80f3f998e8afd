import { revalidatePath } from "next/cache";
import { after } from "next/server";
import { benchOf } from "@/bench/access.ts";
import { boundedText } from "@/bench/bounded-text.ts";
import { tellBench } from "@/bench/marks.ts";
import { toldSchema } from "@/bench/marks-schema.ts";
import { withoutStudio } from "@/data/client.ts";
import { attemptAllowed } from "@/data/sign-in.ts";
import { plannedClass } from "@/planning/planned-class.ts";

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
  const { key } = await params;
  const bench = await benchOf(key);
  if (!bench) return new Response("This link is not in use.", { status: 404 });
  const text = await boundedText(request, MOST_BYTES);
  if (text === null) return new Response("Too much at once.", { status: 413 });
  const told = toldSchema.safeParse(parsed(text));
  if (!told.success)
    return new Response(
      `This is no mark of a bench: ${told.error.issues[0]?.path.join(".")} ${told.error.issues[0]?.message}`,
      { status: 400 },
    );
  if (
    bench.host === null &&
    !(await withoutStudio((sql) =>
      attemptAllowed(sql, `bench:${key}:${told.data.hands}`, MOST_TELLINGS, 600),
    ))
  )
    return new Response("Too many tries. Wait a few minutes.", { status: 429 });
  const { answers, films, again } = await tellBench(bench, told.data);
  if (told.data.marks.length > 0) revalidatePath(`/classes/${bench.workshopId}`, "layout");
  // A mark never waits for a plan; what is to be cut again is laid right after it.
  if (again) after(() => plannedClass(bench.studioId, bench.workshopId));
  return Response.json(
    { now: Date.now(), answers, films },
    { headers: { "cache-control": "no-store" } },
  );
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
