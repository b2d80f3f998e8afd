import { instantOf } from "@elm-basket/core/calendar/zones.ts";
import { isSpare } from "@elm-basket/core/document/kit-ref.ts";
import { withStudio } from "@/data/client.ts";
import { studioPace } from "@/data/pace.ts";
import { labelsOf } from "@/stations/frame/labels.ts";
import { loadPlanned } from "@/stations/frame/load.ts";
import { LinkButton } from "@/ui/button.tsx";
import { rehearseStationWords } from "../words.ts";
import { RehearseBench } from "./rehearse-bench.tsx";

/** The class played through before it happens. */
export async function RehearseStation({ id }: { id: string }) {
  const say = rehearseStationWords();
  const data = await loadPlanned(id);
  if (!data) return null;
  const { planned, host, kits } = data;
  const { document, plan } = planned;
  if (document.steps.length === 0 || document.seats.length === 0)
    return (
      <div className="grid max-w-xl gap-4">
        <h2 className="text-2xl">{say.nothingToRehearseYet}</h2>
        <p>{say.theClassHasNoSteps(document.steps.length)}</p>
        <LinkButton
          tone="main"
          href={`/classes/${id}/${document.steps.length === 0 ? "teach" : "letter"}`}
          className="justify-self-start"
        >
          {say.toTeachToLetter(document.steps.length)}
        </LinkButton>
      </div>
    );
  const { share } = await withStudio(host.studioId, studioPace);
  return (
    <RehearseBench
      classId={id}
      document={document}
      version={planned.versions.class}
      schools={host.studio.settings.schools}
      opens={instantOf(document.when.date, document.when.time, document.when.zone)}
      clock={host.studio.settings.clock}
      facts={plan.facts}
      weedMinutes={kits.filter(({ seat }) => !isSpare(seat)).map(({ weedMinutes }) => weedMinutes)}
      share={share}
      labels={labelsOf(plan)}
    />
  );
}
