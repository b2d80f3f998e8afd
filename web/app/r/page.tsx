import type { Metadata } from "next";
import { notFound, redirect } from "next/navigation";
import { roomCaller } from "@/requests/caller.ts";
import { SHORT_LENGTH } from "@/room/passes.ts";
import { followWords } from "@/stations/live/follow-words.ts";
import { Button } from "@/ui/button.tsx";
import { readersLanguage } from "@/ui/readers-language.ts";
import { rWords } from "../words.ts";

export const generateMetadata = async (): Promise<Metadata> => ({
  title: followWords(await readersLanguage()).title,
  robots: { index: false, follow: false },
});
export const dynamic = "force-dynamic";

/** Who came to the room's address without a code types it here. */
export default async function RoomPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | undefined>>;
}) {
  if (!(await roomCaller())) notFound();
  const { code, wrong } = await searchParams;
  const typed = (code ?? "").toLowerCase().replace(/[^a-z0-9]/gu, "");
  if (typed.length === SHORT_LENGTH) redirect(`/r/${typed}`);
  const language = await readersLanguage();
  const say = followWords(language).room;
  const not = wrong ?? code ?? "";
  return (
    <main lang={language} className="mx-auto max-w-xl px-5 py-8">
      <p className="mb-5 font-bold font-head text-elm-dark text-xl">{rWords().elmBasket}</p>
      <h1 className="mb-3 text-4xl">{say.heading}</h1>
      <form action="/" method="get">
        <label className="block text-lg" htmlFor="code">
          {say.type(SHORT_LENGTH)}
        </label>
        <input
          id="code"
          name="code"
          className="mt-2 mb-3 block min-h-14 w-full text-3xl tracking-[0.2em]"
          autoComplete="off"
          autoCapitalize="none"
          spellCheck={false}
          maxLength={12}
          required
          aria-describedby={not ? "wrong" : undefined}
          aria-invalid={not ? true : undefined}
        />
        {not && (
          <p id="wrong" role="alert" className="mb-3 text-brick">
            {say.wrong(not.slice(0, 12))}
          </p>
        )}
        <Button type="submit" tone="main" className="w-full">
          {say.go}
        </Button>
      </form>
    </main>
  );
}
