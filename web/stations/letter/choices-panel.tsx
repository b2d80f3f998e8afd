"use client";

import type { Thing } from "@elm-basket/core/document/document.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import dynamic from "next/dynamic";
import type { OpenChoice } from "@/data/choices.ts";
import { Fetching } from "@/ui/fetched.tsx";
import { Fold } from "@/ui/fold.tsx";
import { insist } from "@/ui/insist.ts";
import { choicesPanelWords } from "./words.ts";

/** Asked for when it is opened. */
const ChoicesBody = dynamic(
  () => insist(() => import("./choices-body.tsx")).then((all) => all.ChoicesBody),
  { loading: Fetching },
);

export interface ChoicesOfClass {
  readonly link: string;
  /** Who can open it: only this computer, whoever is in the room, anybody. */
  readonly reach: "alone" | "room" | "all";
  readonly locked: boolean;
  readonly open: readonly OpenChoice[];
}

export interface ChoicesProps {
  readonly classId: string;
  readonly choices: ChoicesOfClass;
  readonly labels: Readonly<Record<string, string>>;
  readonly vinyls: readonly Vinyl[];
  readonly things: readonly Pick<Thing, "id" | "title">[];
  readonly unit: LengthUnit;
  readonly offered: readonly string[];
  readonly onOffer: (offered: string[], label: string) => void;
}

/**
 * The link by which participants choose for themselves, and what they asked for: shut until
 * somebody asked for something.
 */
export function ChoicesPanel(props: ChoicesProps) {
  const say = choicesPanelWords();
  const { open, locked } = props.choices;
  return (
    <Fold
      className="border-rule border-t pt-2"
      open={open.length > 0}
      summary={
        <summary className="flex min-h-11 items-center justify-between gap-3 font-bold font-head text-lg">
          <span>{say.participantsChoose}</span>
          <span className="font-normal font-text text-soft text-sm">
            {say.toAnswerLocked(open.length, locked)}
          </span>
        </summary>
      }
    >
      <ChoicesBody {...props} />
    </Fold>
  );
}
