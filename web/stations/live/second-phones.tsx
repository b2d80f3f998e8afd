import type { StageState } from "@/live/live-class.ts";
import type { StageAct } from "@/live/perform.ts";
import { secondPhonesWords } from "./words.ts";

interface Props {
  readonly phones: StageState["phones"];
  readonly name: (seat: string) => string;
  readonly onAct: (act: StageAct) => void;
}

const MOST_SHOWN = 3;
const VERB = "min-h-11 underline underline-offset-4";

/**
 * Two phones that go by one name: a battery that died, or somebody's joke. The host knows which.
 */
export function SecondPhones({ phones, name, onAct }: Props) {
  const say = secondPhonesWords();
  const decide = (seat: string | null, letIn: boolean) => onAct({ act: "phone", seat, letIn });
  return (
    <section className="mb-4 text-lg" aria-label={say.secondPhones}>
      <ul>
        {phones.slice(0, MOST_SHOWN).map(({ seat }) => (
          <li key={seat} className="border-stage-rule border-b py-2" data-phone={seat}>
            <span className="block">
              {say.aSecondPhoneGoes} <b>{name(seat)}</b>
            </span>
            <span className="flex flex-wrap gap-x-5 text-base">
              <button
                type="button"
                className={`${VERB} font-bold`}
                aria-label={say.letTheSecondPhone(name(seat))}
                onClick={() => decide(seat, true)}
              >
                {say.letItInInstead}
              </button>
              <button
                type="button"
                className={VERB}
                aria-label={say.keepTheFirstPhone(name(seat))}
                onClick={() => decide(seat, false)}
              >
                {say.keepTheFirst}
              </button>
            </span>
          </li>
        ))}
      </ul>
      {phones.length > 1 && (
        <p className="flex flex-wrap items-baseline gap-x-5 py-2 text-base">
          <span className="text-stage-soft">{say.ask(phones.length)}</span>
          <button type="button" className={VERB} onClick={() => decide(null, true)}>
            {say.letAll}
          </button>
          <button type="button" className={VERB} onClick={() => decide(null, false)}>
            {say.keepAllTheFirst}
          </button>
        </p>
      )}
    </section>
  );
}
