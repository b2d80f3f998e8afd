import Link from "next/link";
import { showDate } from "@/ui/dates.ts";
import { SureButton } from "@/ui/sure-button.tsx";
import { eraseNamesNow } from "./look-back-actions.ts";

interface Props {
  readonly classId: string;
  /** Whether its day is past. */
  readonly over: boolean;
  /** The day on which they go; null where the studio keeps them. */
  readonly until: string | null;
}

/** How long what participants typed is kept, and the way to be rid of it at once. */
export function NamesKept({ classId, over, until }: Props) {
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-lg">Names</h2>
      <p>
        {until === null
          ? "Names and the texts of decals are kept until you erase them."
          : `Names and the texts of decals are erased on ${showDate(until)}.`}{" "}
        Minutes, counts and notes stay.{" "}
        <Link className="verb" href="/settings">
          How long they are kept
        </Link>
      </p>
      {over && (
        <SureButton
          label="Erase the names of this class now"
          warning="Names, texts, the drawings of both, addresses and undo go, and the class’s links end. They cannot be brought back; kits can no longer be cut again."
          yes="Erase them"
          no="Keep them"
          act={eraseNamesNow.bind(null, classId)}
        />
      )}
    </section>
  );
}
