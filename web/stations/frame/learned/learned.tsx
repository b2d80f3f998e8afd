import Link from "next/link";
import type { Host } from "@/account/session.ts";
import type { ModelView } from "@/planning/seen.ts";
import { showDate, todayIn } from "@/ui/dates.ts";
import { learnedWords } from "../words.ts";
import { OfferRow } from "./offer-row.tsx";

/**
 * What the studio's log says otherwise than its classes reckon with; nothing where it says nothing
 * new.
 */
export function Learned({ host, views }: { host: Host; views: readonly ModelView[] }) {
  const say = learnedWords();
  if (views.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="text-lg">{say.whatYourLogSays}</h2>
      <ModelRows host={host} views={views} />
      <p className="mt-2">
        <Link href="/logbook" className="verb">
          {say.allThatItKnows}
        </Link>
      </p>
    </section>
  );
}

export function ModelRows({ host, views }: { host: Host; views: readonly ModelView[] }) {
  return views.map(({ offer, asks, since, refused }) => (
    <OfferRow
      key={offer.model}
      offer={offer}
      asks={asks}
      refused={refused}
      since={since && showDate(todayIn(host.studio.zone, since), "short")}
    />
  ));
}
