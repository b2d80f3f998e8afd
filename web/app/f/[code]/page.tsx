import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { withoutStudio } from "@/data/client.ts";
import { workshopForCode } from "@/data/tokens.ts";
import { keptClass } from "@/live/kept.ts";
import { followed, publicState } from "@/live/live-class.ts";
import { stageState } from "@/live/state.ts";
import { Follow } from "@/stations/live/follow.tsx";
import { followWords } from "@/stations/live/follow-words.ts";
import { readersLanguage } from "@/ui/readers-language.ts";

export const generateMetadata = async (): Promise<Metadata> => ({
  title: followWords(await readersLanguage()).title,
  robots: { index: false, follow: false },
});
export const dynamic = "force-dynamic";

export default async function FollowPage({ params }: { params: Promise<{ code: string }> }) {
  const { code } = await params;
  const found = await withoutStudio((sql) => workshopForCode(sql, code, "follow"));
  if (!found) notFound();
  const live = await keptClass(found.studioId, found.workshopId);
  if (!live) notFound();
  const state = await stageState(found.studioId, found.workshopId, live);
  return (
    <Follow
      code={code}
      language={await readersLanguage()}
      live={followed(live)}
      initial={publicState(state)}
    />
  );
}
