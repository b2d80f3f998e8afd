import { filmAdvice, surfaceAdvice, tapeAdvice, type Use, type Verdict } from "@elm-basket/core/advice/film-choice.ts";
import { FAMILY_WORDS, REASON_WORDS, saySurface, sayTape, VERDICT_WORDS } from "@elm-basket/core/advice/film-words-en.ts";
import type { Material } from "@elm-basket/core/blanks/blank.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { Field } from "@/ui/field.tsx";
import { FilmDot } from "@/ui/marks.tsx";
import { SelectField } from "@/ui/select-field.tsx";

const WASHING_WORDS = { none: "is not washed", hand: "is washed by hand", dishwasher: "goes in a dishwasher" } as const;
const TONE: Record<Verdict, string> = { suits: "text-elm-dark", perhaps: "text-ochre", unsuited: "text-brick" };

interface Props {
  readonly use: Use;
  readonly material: Material;
  readonly stencil: boolean;
  readonly vinyls: readonly Vinyl[];
  readonly onChange: (use: Use, label: string) => void;
}

/** What the object will go through, which films bear that, and how to make the surface ready. */
export function SurfaceAdvice({ use, material, stencil, vinyls, onChange }: Props) {
  const judged = { ...use, paintedOver: use.paintedOver || stencil };
  return (
    <section className="border-rule border-t pt-5">
      <h2 className="mb-3 text-xl">What it will go through</h2>
      <div className="grid gap-x-10 gap-y-6 md:grid-cols-[260px_1fr]">
        <div className="grid content-start gap-3">
          <SelectField label="It" value={use.washing} words={WASHING_WORDS} onChange={(washing) => onChange({ ...use, washing }, "Washing")} />
          <Field label="Should hold, months">
            {(props) => (
              <input
                {...props}
                type="number"
                min={1}
                max={240}
                value={use.months}
                onChange={(event) => event.target.valueAsNumber >= 1 && onChange({ ...use, months: Math.min(240, Math.round(event.target.valueAsNumber)) }, "How long it holds")}
              />
            )}
          </Field>
          <label className="flex min-h-8 items-center gap-2">
            <input type="checkbox" checked={use.outdoors} onChange={(event) => onChange({ ...use, outdoors: event.target.checked }, "Outdoors")} /> stands outdoors
          </label>
          <label className="flex min-h-8 items-center gap-2">
            <input type="checkbox" checked={judged.paintedOver} disabled={stencil} onChange={(event) => onChange({ ...use, paintedOver: event.target.checked }, "Painted over")} /> is painted over
          </label>
        </div>
        <div>
          <ul className="grid gap-x-8 sm:grid-cols-2">
            {filmAdvice(judged, material).map(({ family, verdict, reasons }) => (
              <li key={family} className="border-rule border-b py-2">
                <span className="flex items-baseline justify-between gap-3">
                  <b>
                    {FAMILY_WORDS[family]}{" "}
                    {vinyls
                      .filter((vinyl) => vinyl.family === family)
                      .map((vinyl) => (
                        <FilmDot key={vinyl.id} colour={vinyl.colour} />
                      ))}
                  </b>
                  <span className={`shrink-0 font-bold text-sm ${TONE[verdict]}`}>{VERDICT_WORDS[verdict]}</span>
                </span>
                <span className="block text-soft text-sm">{reasons.map((reason) => REASON_WORDS[reason]).join(" ")}</span>
              </li>
            ))}
          </ul>
          <h3 className="mt-4 text-base">Getting it ready</h3>
          <p>{saySurface(surfaceAdvice(material))}</p>
          {vinyls.map((vinyl) => (
            <p key={vinyl.id} className="mt-1">
              <b>{vinyl.name}.</b> {sayTape(tapeAdvice(vinyl.family, material))}
            </p>
          ))}
          <p className="mt-2 text-soft text-sm">Vinyl is no food-contact material: keep it off rims and mouths. Labels of film, paint and cleaner go before this advice.</p>
        </div>
      </div>
    </section>
  );
}
