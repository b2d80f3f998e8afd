"use client";

import { smallestSafeCap } from "@elm-basket/core/lettering/studio-fonts.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { VinylFamily } from "@elm-basket/core/weeding/families.ts";
import { useEffect, useState } from "react";
import { Dialog } from "@/ui/dialog.tsx";
import { showLength } from "@/ui/figures.ts";
import { FontUpload } from "./font-upload.tsx";
import { type FontChoice, useFontChoices } from "./fonts.tsx";
import { fontsWords } from "./words.ts";

const kindWords = (): Record<FontChoice["kind"], string> => ({
  own: fontsWords().yourOwn,
  script: fontsWords().scriptsLettersJoinedNamesMottoes,
  hand: fontsWords().handwrittenLettersApartChildrenGardens,
  sans: fontsWords().plainWordsUnderAName,
  rounded: fontsWords().roundedSmallSizesEasy,
  slab: fontsWords().slabStencilsHouseNumbersBold,
  display: fontsWords().displaySingleLargeWords,
  stencil: fontsWords().stencilNoIslandsToLose,
});

/** Loads the faces for showing samples, only when somebody chooses. */
function useSamples(fonts: readonly FontChoice[], open: boolean): void {
  useEffect(() => {
    if (!open) return;
    for (const { id } of fonts) {
      const name = sampleFamily(id);
      if ([...document.fonts].some((face) => face.family === name)) continue;
      const face = new FontFace(name, `url(/fonts/${id}.ttf)`);
      document.fonts.add(face);
      void face.load().catch(() => undefined);
    }
  }, [fonts, open]);
}

const sampleFamily = (id: string): string => `sample-${id}`;

interface Props {
  readonly label: string;
  readonly value: string;
  readonly sample: string;
  readonly family: VinylFamily | undefined;
  readonly unit: LengthUnit;
  readonly onChange: (font: FontChoice) => void;
}

/** A font by what it is good for, with the smallest letters that the line's film bears. */
export function FontField({ label, value, sample, family, unit, onChange }: Props) {
  const say = fontsWords();
  const [open, setOpen] = useState(false);
  const fonts = useFontChoices();
  useSamples(fonts, open);
  const kinds = (Object.keys(kindWords()) as FontChoice["kind"][]).filter(
    (kind) => kind === "own" || fonts.some((font) => font.kind === kind),
  );
  const now = fonts.find(({ id }) => id === value);
  return (
    <div className="grid gap-1">
      <span className="text-soft text-sm">{label}</span>
      <button
        type="button"
        aria-haspopup="dialog"
        aria-label={say.chooseAnother(label, now?.family, value)}
        className="min-h-10 truncate rounded-card border border-edge bg-paper px-2.5 text-left hover:border-elm"
        onClick={() => setOpen(true)}
      >
        {say.aFont(now?.family)}
      </button>
      <Dialog open={open} onOpenChange={setOpen} title={label} wide>
        <p className="mb-4 text-soft">{say.theSizeBesideAFont}</p>
        {kinds.map((kind) => (
          <section key={kind} className="mb-5">
            <h3 className="mb-1 text-base">{kindWords()[kind]}</h3>
            <ul className="grid gap-x-6 sm:grid-cols-2">
              {fonts
                .filter((font) => font.kind === kind)
                .map((font) => (
                  <li key={font.id} className="border-rule border-b">
                    <button
                      type="button"
                      aria-pressed={font.id === value}
                      className={`flex min-h-14 w-full items-center justify-between gap-4 border-l-4 py-1 pl-2 text-left hover:bg-card ${font.id === value ? "border-l-elm" : "border-l-transparent"}`}
                      onClick={() => {
                        onChange(font);
                        setOpen(false);
                      }}
                    >
                      <span className="min-w-0">
                        <span
                          className="block truncate px-1 text-2xl leading-loose"
                          style={{ fontFamily: `"${sampleFamily(font.id)}", sans-serif` }}
                        >
                          {sample || font.family}
                        </span>
                        <span className="block text-soft text-sm">
                          {font.family} · {font.licence}
                        </span>
                      </span>
                      {family && (
                        <span className="shrink-0 text-sm">
                          {say.from(
                            showLength(
                              Math.ceil(smallestSafeCap(font.thinShare, family) * 2) / 2,
                              unit,
                            ),
                          )}
                        </span>
                      )}
                    </button>
                  </li>
                ))}
            </ul>
            {kind === "own" && <FontUpload />}
          </section>
        ))}
      </Dialog>
    </div>
  );
}
