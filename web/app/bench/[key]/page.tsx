import { notFound } from "next/navigation";
import { benchWords } from "@/app/words.ts";
import { benchOf } from "@/bench/access.ts";
import { toWire } from "@/bench/wire.ts";
import { filmsOfClass } from "@/data/class-goods.ts";
import { withStudio } from "@/data/client.ts";
import { benchFacts, giveBackLapsed, listFilms, sweepMarks } from "@/data/films.ts";
import { earlierDays } from "@/data/parcels.ts";
import { studioWays } from "@/data/sign-in.ts";
import { isId, plannedClass } from "@/planning/planned-class.ts";
import { Bench } from "@/stations/weed/bench/bench.tsx";

export const generateMetadata = () => ({
  title: benchWords().weed,
  robots: { index: false, follow: false },
});
export const dynamic = "force-dynamic";

export default async function BenchPage({
  params,
  searchParams,
}: {
  params: Promise<{ key: string }>;
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  const { key } = await params;
  const bench = await benchOf(key);
  if (!bench) notFound();
  const { film = "", seat = "", order = "" } = await searchParams;
  // A host may come here before any other station has planned the class.
  if (isId(key)) await plannedClass(bench.studioId, bench.workshopId);
  const found = await withStudio(bench.studioId, async (sql) => {
    await giveBackLapsed(sql, bench.workshopId);
    await sweepMarks(sql);
    const early = await earlierDays(sql, bench.workshopId);
    return {
      early,
      facts: await benchFacts(sql, bench.workshopId),
      films: await listFilms(sql, bench.workshopId),
      vinyls: await filmsOfClass(sql, bench.workshopId),
      ways: await studioWays(sql),
    };
  });
  if (!found.facts) notFound();
  return (
    <Bench
      bench={key}
      host={bench.host}
      facts={found.facts}
      earlier={Object.fromEntries(found.early)}
      vinyls={found.vinyls.map(({ id, name, colour }) => ({ id, name, colour }))}
      clock={found.ways.clock}
      wire={found.films.map(toWire)}
      version={found.films.reduce((most, row) => Math.max(most, row.version), 0)}
      now={Date.now()}
      first={film || (found.films.find((row) => row.seat === seat)?.film ?? "")}
      order={order === "hard" || order === "due" ? order : "load"}
    />
  );
}
