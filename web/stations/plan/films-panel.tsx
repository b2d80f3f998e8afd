"use client";

import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { usesVinyl } from "@elm-basket/core/document/swap.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import dynamic from "next/dynamic";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { flushParts } from "@/stations/frame/pending.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { filmWords } from "@/ui/craft/films.ts";
import { Fetching } from "@/ui/fetched.tsx";
import { decimal, moneyText, showSize } from "@/ui/figures.ts";
import { insist } from "@/ui/insist.ts";
import { FilmDot } from "@/ui/marks.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { filmName, freeFilmId, isAmong, newFilm } from "../frame/new-film.ts";
import { replaceVinyl } from "./swap-actions.ts";
import { filmsPanelWords } from "./words.ts";

/** Asked for when a film is opened. */
const FilmFields = dynamic(
  () => insist(() => import("@/stations/frame/film-fields.tsx")).then((all) => all.FilmFields),
  { loading: Fetching },
);

interface Props {
  readonly classId: string;
  readonly document: ClassDocument;
  readonly version: number;
  readonly unit: LengthUnit;
  /** Null where there is no plan. */
  readonly use:
    | readonly {
        readonly vinyl: string;
        readonly usedMm2: number;
        readonly loads: number;
      }[]
    | null;
  /** Films the studio has used before. */
  readonly shelf: readonly Vinyl[];
}

type Films = Pick<ClassDocument, "vinyls">;
const dm2 = (mm2: number): string => filmsPanelWords().dm(decimal(mm2 / 10_000, 1));

/** The films of the class: each is a row, and the row in hand has its words as fields. */
export function FilmsPanel({ classId, document, version, unit, use, shelf }: Props) {
  const say = filmsPanelWords();
  const router = useRouter();
  const editor = usePart<Films>(
    classId,
    "class",
    { vinyls: document.vinyls },
    version,
    (answer) => ({ vinyls: (answer.document as ClassDocument).vinyls }),
  );
  const [open, setOpen] = useState<string | null>(null);
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const films = editor.value.vinyls;
  const put = (next: Vinyl[], label: string) => editor.change({ vinyls: next }, label);
  const add = (film: Vinyl) => {
    put([...films, film], say.added(film.name));
    setOpen(film.id);
  };
  const fromShelf = shelf.filter((film) => !isAmong(films, film));
  const replace = (from: string, into: string) =>
    start(async () => {
      if (!(await flushParts())) return setSaid(say.notEverythingIsSavedYet);
      setSaid(say.replacedThroughoutUndoPuts(await replaceVinyl(classId, from, into)));
      router.refresh();
    });
  return (
    <section aria-label={say.films} aria-busy={busy}>
      <h2 className="mt-8 mb-2 text-lg">{say.films}</h2>
      <ul className="border-rule border-t">
        {films.map((film) => {
          const entry = use?.find(({ vinyl }) => vinyl === film.id);
          const used = usesVinyl({ ...document, vinyls: films }, film.id);
          const inHand = open === film.id;
          return (
            <li
              key={film.id}
              className={`border-rule border-b py-2 ${inHand ? "-mx-3 bg-paper px-3" : ""}`}
            >
              <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
                <FilmDot colour={film.colour} size={26} />
                <span className="min-w-40 flex-1">
                  <span className="block font-bold">{film.name}</span>
                  <span className="block text-soft text-sm">
                    {filmWords().FAMILY_WORDS[film.family]} · {say.rollSheet(film.stock.kind)}
                    {showSize(film.stock, unit)} ·{" "}
                    {film.stock.price === undefined
                      ? say.priceNotKnown
                      : moneyText(film.stock.price, document.prices.currency)}
                  </span>
                </span>
                <span className="text-soft text-sm">
                  {entry
                    ? say.text(dm2(entry.usedMm2), entry.loads)
                    : use === null
                      ? ""
                      : say.notUsed}
                </span>
                <button
                  type="button"
                  className="verb min-h-11"
                  aria-expanded={inHand}
                  aria-label={say.text2(inHand, film.name)}
                  onClick={() => setOpen(inHand ? null : film.id)}
                >
                  {say.closeChange(inHand)}
                </button>
                {!used && films.length > 1 && (
                  <button
                    type="button"
                    className="verb min-h-11"
                    aria-label={say.remove(film.name)}
                    onClick={() =>
                      put(
                        films.filter(({ id }) => id !== film.id),
                        say.removed(film.name),
                      )
                    }
                  >
                    {say.remove2}
                  </button>
                )}
              </div>
              {inHand && (
                <div className="grid gap-3 pt-3 pb-2">
                  <FilmFields
                    film={film}
                    unit={unit}
                    currency={document.prices.currency}
                    onChange={(next, label) =>
                      put(
                        films.map((old) => (old.id === film.id ? next : old)),
                        label,
                      )
                    }
                  />
                  <p className="text-soft text-sm">{say.whatIsSaidHere}</p>
                  {used && films.length > 1 && (
                    <div className="max-w-72">
                      <SelectField
                        label={say.replaceItThroughout}
                        value=""
                        words={[
                          ["", say.leaveIt] as const,
                          ...films
                            .filter(({ id }) => id !== film.id)
                            .map(({ id, name }) => [id, name] as const),
                        ]}
                        onChange={(into) => into && replace(film.id, into)}
                      />
                    </div>
                  )}
                </div>
              )}
            </li>
          );
        })}
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
        {films.length < 12 && (
          <>
            <button type="button" className="verb min-h-11" onClick={() => add(newFilm(films))}>
              {say.addANewFilm}
            </button>
            {fromShelf.length > 0 && (
              <div className="w-64">
                <SelectField
                  label={say.addOneFromTheShelf}
                  value=""
                  words={[
                    ["", "choose"] as const,
                    ...fromShelf.map((film, i) => [String(i), filmName(film, shelf)] as const),
                  ]}
                  onChange={(at) => {
                    const film = fromShelf[Number(at)];
                    if (at !== "" && film) add({ ...film, id: freeFilmId(films, film.name) });
                  }}
                />
              </div>
            )}
          </>
        )}
        <SaveNote editor={editor} />
      </div>
      <p role="status" className="text-soft text-sm">
        {say.replacing(busy, said)}
      </p>
    </section>
  );
}
