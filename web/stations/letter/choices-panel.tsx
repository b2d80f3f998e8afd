"use client";

import { frontSize } from "@elm-basket/core/blanks/shape-size.ts";
import type { Thing } from "@elm-basket/core/document/document.ts";
import { type LengthUnit, showSize } from "@elm-basket/core/units/length.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import type { OpenChoice } from "@/data/choices.ts";
import { FilmDot } from "@/ui/marks.tsx";
import { RenewLink } from "@/ui/renew-link.tsx";
import { SHAPE_WORDS } from "../frame/shape-words.ts";
import { decide, setNamesLocked } from "./choice-actions.ts";

export interface ChoicesOfClass {
  readonly link: string;
  /** Who can open it: only this computer, whoever is in the room, anybody. */
  readonly reach: "alone" | "room" | "all";
  readonly locked: boolean;
  readonly open: readonly OpenChoice[];
}

interface Props {
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
 * The link by which participants choose for themselves, and what they asked for: the host takes it
 * or not.
 */
export function ChoicesPanel({
  classId,
  choices,
  labels,
  vinyls,
  things,
  unit,
  offered,
  onOffer,
}: Props) {
  const titleOf = (id: string) => things.find((thing) => thing.id === id)?.title ?? id;
  const router = useRouter();
  const [busy, start] = useTransition();
  const [trouble, setTrouble] = useState<string>();
  const run = (work: () => Promise<{ ok: boolean; message: string }>) =>
    start(async () => {
      const answer = await work();
      setTrouble(answer.ok ? undefined : answer.message);
      router.refresh();
    });
  return (
    <details className="border-rule border-t pt-2" aria-busy={busy} open={choices.open.length > 0}>
      <summary className="flex min-h-11 items-center justify-between gap-3 font-bold font-head text-lg">
        <span>Participants choose</span>
        <span className="font-normal font-text text-soft text-sm">
          {choices.open.length > 0
            ? `${choices.open.length} to answer`
            : choices.locked
              ? "locked"
              : "by a link"}
        </span>
      </summary>
      <p className="text-soft text-sm">
        Each participant sees their own decal, and asks for a spelling
        {offered.length > 0 ? ", a colour" : ""} and a hand. Nothing changes until you take it.
      </p>
      <p className="mt-1">
        <a
          className="verb [overflow-wrap:anywhere]"
          href={choices.link}
          data-choose-link
          target="_blank"
          rel="noreferrer"
        >
          {choices.link.replace(/^https?:\/\//u, "")}
        </a>
      </p>
      {choices.reach !== "all" && (
        <p className="mt-1 bg-ochre-tint px-3 py-2 text-sm">
          {choices.reach === "alone"
            ? "Only this computer can open this address, no phone. "
            : "This address is known in the room only, not at home. "}
          <Link href="/room" className="verb">
            {choices.reach === "alone" ? "Let the phones in" : "Phones in the room"}
          </Link>
        </p>
      )}
      <p className="mt-1">
        <RenewLink classId={classId} kind="choose" />
      </p>
      <fieldset className="mt-2">
        <legend className="text-soft text-sm">Colours they may choose from</legend>
        {vinyls.map((vinyl) => (
          <label key={vinyl.id} className="mr-4 inline-flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              checked={offered.includes(vinyl.id)}
              onChange={(event) =>
                onOffer(
                  event.target.checked
                    ? [...offered, vinyl.id]
                    : offered.filter((id) => id !== vinyl.id),
                  `Colours on offer`,
                )
              }
            />
            <FilmDot colour={vinyl.colour} /> {vinyl.name}
          </label>
        ))}
      </fieldset>
      <p className="mt-1">
        {choices.locked ? "Names are locked. " : "Names are open. "}
        <button
          type="button"
          className="verb"
          disabled={busy}
          onClick={() => run(() => setNamesLocked(classId, !choices.locked))}
        >
          {choices.locked ? "Open them again" : "Lock the names"}
        </button>
      </p>
      {choices.open.length > 0 && (
        <ul className="mt-2 border-rule border-t">
          {choices.open.map(({ id, seat, choice }) => (
            <li key={id} className="border-rule border-b py-2">
              <b>{labels[seat] ?? `Seat ${seat}`}</b> asks for{" "}
              {[
                ...Object.entries(choice.fields).map(([slot, text]) => `${slot} “${text}”`),
                ...(choice.vinyl
                  ? [vinyls.find((vinyl) => vinyl.id === choice.vinyl)?.name ?? choice.vinyl]
                  : []),
                ...(choice.hand ? [`the ${choice.hand} hand`] : []),
                ...Object.values(choice.choices ?? {}).map(
                  (thing) => `to make the ${titleOf(thing)}`,
                ),
                ...(choice.brings
                  ? [
                      `a design on the own ${titleOf(choice.brings.thing)}: ${SHAPE_WORDS[choice.brings.shape.kind]}, ${showSize(frontSize(choice.brings.shape), unit)}`,
                    ]
                  : []),
              ].join(", ")}
              .{" "}
              <button
                type="button"
                className="verb"
                disabled={busy}
                onClick={() => run(() => decide(classId, id, true))}
              >
                Take it
              </button>
              {" · "}
              <button
                type="button"
                className="verb"
                disabled={busy}
                onClick={() => run(() => decide(classId, id, false))}
              >
                Keep it as it was
              </button>
            </li>
          ))}
        </ul>
      )}
      {trouble && (
        <p role="alert" className="text-brick">
          {trouble}
        </p>
      )}
    </details>
  );
}
