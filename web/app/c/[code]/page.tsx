import { slotsOf } from "@elm-basket/core/lettering/recipe-reads.ts";
import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { Choose } from "@/stations/choose/choose.tsx";
import { choosingClass } from "@/stations/choose/choosing.ts";
import { chooseWords } from "@/stations/choose/words.ts";
import { readersLanguage } from "@/ui/readers-language.ts";

export const generateMetadata = async (): Promise<Metadata> => ({
  title: chooseWords(await readersLanguage()).title,
  robots: { index: false, follow: false },
});
export const dynamic = "force-dynamic";

export default async function ChoosePage({ params }: { params: Promise<{ code: string }> }) {
  const { code } = await params;
  const found = await choosingClass(code);
  if (!found) notFound();
  const { document, labels, locked } = found;
  const slots = [...new Set(document.things.flatMap(({ design }) => slotsOf(design)))];
  const choiceNames = [...new Set(document.things.flatMap(({ choice }) => choice ?? []))];
  return (
    <Choose
      code={code}
      language={await readersLanguage()}
      title={document.title}
      locked={locked}
      slots={slots}
      unit={found.unit}
      alternatives={choiceNames.map((choice) => ({
        choice,
        options: document.things
          .filter((thing) => thing.choice === choice)
          .map(({ id, title }) => ({ thing: id, title })),
      }))}
      brought={document.things
        .filter(({ brought }) => brought)
        .map(({ id, title, choice }) => ({ thing: id, title, choice: choice ?? null }))}
      handled={document.things.some(({ blank }) => blank.handle !== undefined)}
      seats={document.seats.map((seat) => ({
        seat: seat.seat,
        label: labels.get(seat.seat) ?? "",
        fields: Object.fromEntries(slots.map((slot) => [slot, seat.fields[slot] ?? ""])),
        hand: seat.hand ?? "right",
        choices: seat.choices ?? {},
      }))}
      colours={document.vinyls
        .filter(({ id }) => document.things.some(({ design }) => design.offered.includes(id)))
        .map(({ id, name, colour }) => ({ id, name, colour }))}
    />
  );
}
