"use client";

import { HANDED_OVER, type HandedOver } from "@elm-basket/core/document/document-kinds.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { SchoolName } from "@elm-basket/core/studio/settings-kinds.ts";
import { type Ways, workSo } from "@/stations/frame/proposal-actions.ts";
import { useProposalAct } from "@/stations/frame/proposal-note.tsx";
import { CheckField } from "@/ui/choice.tsx";
import { schoolWords } from "@/ui/craft/schools.ts";
import { NumberField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { WaysCompared } from "./ways-compared.tsx";
import { waysPanelWords } from "./words.ts";

interface Props {
  readonly classId: string;
  readonly handsOver: HandedOver;
  readonly practised: boolean;
  /** Each step as late as may be, to end when it is to end. */
  readonly fromEnd: boolean;
  readonly helpers: number;
  readonly schools: Schools;
  /** Those that change something in this class. */
  readonly concerned: readonly SchoolName[];
  /** Whether steps follow: they were taken from a proposal. */
  readonly follows: boolean;
}

const handedWords = (): Readonly<Record<HandedOver, string>> => ({
  cut: waysPanelWords().cutTheyWeed,
  weeded: waysPanelWords().cutAndWeeded,
  taped: waysPanelWords().weededWithTheTape,
});
const handedWhy = (): Readonly<Record<HandedOver, string>> => ({
  cut: waysPanelWords().itSavesYourEvenings,
  weeded: waysPanelWords().weedingIsWhere,
  taped: waysPanelWords().quickestInTheClass,
});

/**
 * How this class works: another way changes wording, steps and materials at once; what the host
 * changed stays.
 */
export function WaysPanel({
  classId,
  handsOver,
  practised,
  fromEnd,
  helpers,
  schools,
  concerned,
  follows,
}: Props) {
  const say = waysPanelWords();
  const { busy, said, act } = useProposalAct();
  const put = (ways: Ways, label: string) => act(() => workSo(classId, ways, label));
  return (
    <section className="mt-6" aria-busy={busy} aria-label={say.howYouWork}>
      <h2 className="mb-2 text-lg">{say.howYouWork}</h2>
      {said && (
        <p role="alert" className="mb-2 text-brick">
          {said}
        </p>
      )}
      {!follows && <p className="mb-2 text-soft text-sm">{say.theseStepsWereWrittenBefore}</p>}
      <div className="grid gap-3">
        <SelectField
          label={say.kitsAreHandedOver}
          hint={handedWhy()[handsOver]}
          value={handsOver}
          words={HANDED_OVER.map((key) => [key, handedWords()[key]] as const)}
          onChange={(value) => put({ handsOver: value }, say.howFarKitsAreMade)}
        />
        <NumberField
          label={say.helpersBeside}
          hint={say.withOneAQueue}
          value={helpers}
          least={0}
          most={20}
          onChange={(value) => put({ helpers: value }, say.helpers)}
        />
        <CheckField
          label={say.theyHaveDoneItBefore}
          checked={practised}
          onChange={(value) => put({ practised: value }, say.practisedHands)}
        />
        <CheckField
          label={say.countedBackFromTheEnd}
          checked={fromEnd}
          onChange={(value) => put({ fromEnd: value }, say.countedBackFromTheEnd)}
        />
        {concerned.map((name) => {
          const { question, ways } = schoolWords().STUDIO_SCHOOL_WORDS[name];
          const words = Object.entries(
            ways as Readonly<Record<string, { readonly name: string; readonly why: string }>>,
          );
          return (
            <div key={name}>
              <SelectField
                label={question}
                value={schools[name] as string}
                words={words.map(([way, { name: title }]) => [way, title] as const)}
                onChange={(way) => put({ school: { name, way } }, question)}
              />
              <WaysCompared
                classId={classId}
                school={name}
                question={question}
                words={Object.fromEntries(words)}
                chosen={schools[name] as string}
                onChoose={(way) => put({ school: { name, way } }, question)}
              />
              {/* Each way beside its reason: none is wrong. */}
              <ul className="mt-1 text-soft text-sm">
                {words.map(([way, { name: title, why }]) => (
                  <li key={way} className={way === schools[name] ? "text-ink" : ""}>
                    <b>{title}:</b> {why}
                  </li>
                ))}
              </ul>
            </div>
          );
        })}
      </div>
    </section>
  );
}
