"use client";

import { frontSize } from "@elm-basket/core/blanks/shape-size.ts";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { showSize } from "@/ui/figures.ts";
import { FilmDot } from "@/ui/marks.tsx";
import { RenewLink } from "@/ui/renew-link.tsx";
import { shapeWords } from "../frame/shape-words.ts";
import { decide, setNamesLocked } from "./choice-actions.ts";
import type { ChoicesProps } from "./choices-panel.tsx";
import { choicesBodyWords } from "./words.ts";

/** What participants are offered and what they asked for: the host takes it or not. */
export function ChoicesBody({
  classId,
  choices,
  labels,
  vinyls,
  things,
  unit,
  offered,
  onOffer,
}: ChoicesProps) {
  const say = choicesBodyWords();
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
    <div aria-busy={busy}>
      <p className="text-soft text-sm">{say.eachParticipantSeesTheirOwn(offered.length)}</p>
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
          {say.onlyThisComputerCanOpen(choices.reach)}
          <Link href="/room" className="verb">
            {say.letThePhonesInPhones(choices.reach)}
          </Link>
        </p>
      )}
      <p className="mt-1">
        <RenewLink classId={classId} kind="choose" />
      </p>
      <fieldset className="mt-2">
        <legend className="text-soft text-sm">{say.coloursTheyMayChoose}</legend>
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
                  say.coloursOnOffer,
                )
              }
            />
            <FilmDot colour={vinyl.colour} /> {vinyl.name}
          </label>
        ))}
      </fieldset>
      <p className="mt-1">
        {say.namesAreLockedNames(choices.locked)}
        <button
          type="button"
          className="verb"
          disabled={busy}
          onClick={() => run(() => setNamesLocked(classId, !choices.locked))}
        >
          {say.openThemAgainLock(choices.locked)}
        </button>
      </p>
      {choices.open.length > 0 && (
        <ul className="mt-2 border-rule border-t">
          {choices.open.map(({ id, seat, choice }) => (
            <li key={id} className="border-rule border-b py-2">
              <b>{say.seat(labels[seat], seat)}</b> {say.asksFor}{" "}
              {[
                ...Object.entries(choice.fields).map(([slot, text]) => `${slot} “${text}”`),
                ...(choice.vinyl
                  ? [vinyls.find((vinyl) => vinyl.id === choice.vinyl)?.name ?? choice.vinyl]
                  : []),
                ...(choice.hand ? [say.theHand(choice.hand)] : []),
                ...Object.values(choice.choices ?? {}).map((thing) => say.toMake(titleOf(thing))),
                ...(choice.brings
                  ? [
                      say.aDesignOnTheOwn(
                        titleOf(choice.brings.thing),
                        shapeWords()[choice.brings.shape.kind],
                        showSize(frontSize(choice.brings.shape), unit),
                      ),
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
                {say.takeIt}
              </button>
              {" · "}
              <button
                type="button"
                className="verb"
                disabled={busy}
                onClick={() => run(() => decide(classId, id, false))}
              >
                {say.keepIt}
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
    </div>
  );
}
