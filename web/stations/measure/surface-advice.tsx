import type { Material } from "@elm-basket/core/blanks/blank-kinds.ts";
import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import type { Use } from "@elm-basket/core/document/use.ts";
import { foodCaution } from "@elm-basket/core/films/cautions.ts";
import {
  adviseOn,
  adviseOnFilm,
  filmAdvice,
  foodOf,
  surfaceAdvice,
  type Tack,
  tapeAdvice,
  type Verdict,
} from "@elm-basket/core/films/film-choice.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import { OUTCOME_WORDS, sayRounds, trialsOf, worstOf } from "@elm-basket/core/trials/rounds.ts";
import { isPainted, needsTape } from "@elm-basket/core/weeding/technique.ts";
import { TECHNIQUES, type Technique } from "@elm-basket/core/weeding/techniques.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import type { TrialRow } from "@/data/trials.ts";
import { filmWords } from "@/ui/craft/films.ts";
import { layingWords } from "@/ui/craft/laying.ts";
import { techniqueWords } from "@/ui/craft/techniques.ts";
import { verdictWords } from "@/ui/craft/verdicts.ts";
import { NumberField } from "@/ui/fields.tsx";
import { FilmDot, SeverityMark } from "@/ui/marks.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { surfaceAdviceWords } from "./words.ts";

const washingWords = () =>
  ({
    none: surfaceAdviceWords().isNotWashed,
    hand: surfaceAdviceWords().isWashedByHand,
    dishwasher: surfaceAdviceWords().goesInADishwasher,
  }) as const;
const TONE: Record<Verdict, string> = {
  suits: "text-elm-dark",
  perhaps: "text-ochre",
  unsuited: "text-brick",
};

const foodWords = () =>
  ({
    none: surfaceAdviceWords().noFoodOrDrinkTouches,
    drink: surfaceAdviceWords().isDrunk,
    served: surfaceAdviceWords().hasFoodOnItPlate,
    worked: surfaceAdviceWords().worksWithFoodRollingPin,
  }) as const;

interface Props {
  readonly use: Use;
  readonly material: Material;
  readonly shape: BlankShape;
  readonly technique: Technique;
  readonly vinyls: readonly Vinyl[];
  /** The studio's own wear and wash tests. */
  readonly trials: readonly TrialRow[];
  /** The transfer tape the studio has. */
  readonly tack: Exclude<Tack, "none">;
  /** Its way with glitter on smooth glass. */
  readonly glitterOnGlass: Schools["glitterOnGlass"];
  readonly onChange: (use: Use, label: string) => void;
  readonly onTechnique: (technique: Technique) => void;
}

/** What the object will go through, which films bear that, and how to make the surface ready. */
export function SurfaceAdvice({
  use,
  material,
  shape,
  technique,
  vinyls,
  trials,
  tack,
  glitterOnGlass,
  onChange,
  onTechnique,
}: Props) {
  const say = surfaceAdviceWords();
  const food = foodOf(use, { shape, material });
  const caution = foodCaution(food);
  const judged = { ...use, paintedOver: use.paintedOver || isPainted(technique) };
  return (
    <section className="border-rule border-t pt-5">
      <h2 className="mb-3 text-xl">{say.whatItWillGoThrough}</h2>
      <div className="grid gap-x-10 gap-y-6 md:grid-cols-[260px_1fr]">
        <div className="grid content-start gap-3">
          <SelectField
            label={say.madeAs}
            hint={techniqueWords().TECHNIQUE_WORDS[technique].what}
            value={technique}
            words={TECHNIQUES.map(
              (one) => [one, techniqueWords().TECHNIQUE_WORDS[one].name] as const,
            )}
            onChange={onTechnique}
          />
          <SelectField
            label={say.it}
            value={use.washing}
            words={washingWords()}
            onChange={(washing) => onChange({ ...use, washing }, say.washing)}
          />
          <SelectField
            label={say.food}
            value={food}
            words={foodWords()}
            onChange={(food) => onChange({ ...use, food }, say.food)}
          />
          {caution && (
            <p className="flex items-start gap-2 text-sm">
              <SeverityMark severity="check" size={14} /> <span>{caution}</span>
            </p>
          )}
          <NumberField
            label={say.shouldHoldMonths}
            value={use.months}
            least={1}
            most={240}
            onChange={(months) => onChange({ ...use, months }, say.howLongItHolds)}
          />
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              checked={use.outdoors}
              onChange={(event) =>
                onChange({ ...use, outdoors: event.target.checked }, say.outdoors)
              }
            />{" "}
            {say.standsOutdoors}
          </label>
        </div>
        <div>
          <ul className="grid gap-x-8 sm:grid-cols-2">
            {filmAdvice(judged, material).map(({ family, verdict, reasons }) => (
              <li key={family} className="border-rule border-b py-2">
                <span className="flex items-baseline justify-between gap-3">
                  <b>
                    {filmWords().FAMILY_WORDS[family]}{" "}
                    {vinyls
                      .filter((vinyl) => vinyl.family === family)
                      .map((vinyl) => (
                        <FilmDot key={vinyl.id} colour={vinyl.colour} />
                      ))}
                  </b>
                  <span className={`shrink-0 font-bold text-sm ${TONE[verdict]}`}>
                    {verdictWords().VERDICT_WORDS[verdict]}
                  </span>
                </span>
                <span className="block text-soft text-sm">
                  {reasons.map((reason) => verdictWords().REASON_WORDS[reason]).join(" ")}
                </span>
              </li>
            ))}
          </ul>
          <h3 className="mt-4 text-base">{say.gettingItReady}</h3>
          <p>{layingWords().saySurface(surfaceAdvice(material), isPainted(technique))}</p>
          {vinyls.map((vinyl) => {
            const tape = tapeAdvice(
              needsTape(technique) ? vinyl.family : "ironOn",
              material,
              glitterOnGlass,
            );
            const own = adviseOnFilm(vinyl, judged, material);
            // Only where this very film is judged otherwise than its kind, by its glue or by what
            // was found.
            const apart = own.verdict !== adviseOn(vinyl.family, judged, material).verdict;
            return (
              <p key={vinyl.id} className="mt-1">
                <b>{vinyl.name}.</b>{" "}
                {apart && (
                  <>
                    {say.thisOne}{" "}
                    <span className={`font-bold ${TONE[own.verdict]}`}>
                      {verdictWords().VERDICT_WORDS[own.verdict]}
                    </span>
                    : {own.reasons.map((reason) => verdictWords().REASON_WORDS[reason]).join(" ")}
                    {vinyl.proved?.note ? ` (${vinyl.proved.note})` : ""}{" "}
                  </>
                )}
                {layingWords().sayTape(tape)}
                {layingWords().sayTapeAtHand(tape, tack)}
                <Tried rows={trialsOf(trials, vinyl.name, material)} />
              </p>
            );
          })}
          <p className="mt-2 text-soft text-sm">{say.labelsOfFilmPaint}</p>
        </div>
      </div>
    </section>
  );
}

const MOST_TRIED = 3;

/**
 * What the studio's own trials found of one film, beside what the rule says; on this surface first.
 */
function Tried({ rows }: { rows: readonly TrialRow[] }) {
  const say = surfaceAdviceWords();
  if (rows.length === 0) return null;
  return (
    <span className="block">
      {rows.slice(0, MOST_TRIED).map(({ id, trial }) => {
        const worst = worstOf(trial);
        return (
          <span key={id} className="block" data-tried={id}>
            {say.yourTrial(filmWords().MATERIAL_WORDS[trial.material])}{" "}
            {worst && <b>{OUTCOME_WORDS[worst]}</b>}, {sayRounds(trial)}.
          </span>
        );
      })}
      <a href="/shelf?tab=trials" className="verb">
        {say.trialsAndWhetherTheyCount}
      </a>
    </span>
  );
}
