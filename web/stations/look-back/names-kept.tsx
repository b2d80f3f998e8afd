import Link from "next/link";
import { showDate } from "@/ui/dates.ts";
import { SureButton } from "@/ui/sure-button.tsx";
import { eraseNamesNow } from "./look-back-actions.ts";
import { namesKeptWords } from "./words.ts";

interface Props {
  readonly classId: string;
  /** Whether its day is past. */
  readonly over: boolean;
  /** The day on which they go; null where the studio keeps them. */
  readonly until: string | null;
}

/** How long what participants typed is kept, and the way to be rid of it at once. */
export function NamesKept({ classId, over, until }: Props) {
  const say = namesKeptWords();
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-lg">{say.names}</h2>
      <p>
        {until === null ? say.namesAndTheTexts : say.namesAndTheTexts2(showDate(until))}{" "}
        {say.minutesCountsAndNotesStay}{" "}
        <Link className="verb" href="/settings">
          {say.howLongTheyAreKept}
        </Link>
      </p>
      {over && (
        <SureButton
          label={say.eraseTheNames}
          warning={say.namesTextsTheDrawings}
          yes={say.eraseThem}
          no={say.keepThem}
          act={eraseNamesNow.bind(null, classId)}
        />
      )}
    </section>
  );
}
