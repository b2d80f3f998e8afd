import type { StageState } from "@/live/live-class.ts";
import type { StageAct } from "@/live/perform.ts";

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
  const decide = (seat: string | null, letIn: boolean) => onAct({ act: "phone", seat, letIn });
  return (
    <section className="mb-4 text-lg" aria-label="Second phones">
      <ul>
        {phones.slice(0, MOST_SHOWN).map(({ seat }) => (
          <li key={seat} className="border-stage-rule border-b py-2" data-phone={seat}>
            <span className="block">
              A second phone goes by <b>{name(seat)}</b>
            </span>
            <span className="flex flex-wrap gap-x-5 text-base">
              <button
                type="button"
                className={`${VERB} font-bold`}
                aria-label={`${name(seat)}: let the second phone in, in the place of the first`}
                onClick={() => decide(seat, true)}
              >
                let it in instead
              </button>
              <button
                type="button"
                className={VERB}
                aria-label={`${name(seat)}: keep the first phone`}
                onClick={() => decide(seat, false)}
              >
                keep the first
              </button>
            </span>
          </li>
        ))}
      </ul>
      {phones.length > 1 && (
        <p className="flex flex-wrap items-baseline gap-x-5 py-2 text-base">
          <span className="text-stage-soft">{phones.length} ask</span>
          <button type="button" className={VERB} onClick={() => decide(null, true)}>
            let all in
          </button>
          <button type="button" className={VERB} onClick={() => decide(null, false)}>
            keep all the first
          </button>
        </p>
      )}
    </section>
  );
}
