"use client";

import type { Offer } from "@elm-basket/core/learning/offers.ts";
import {
  MODEL_WORDS,
  sayOffer,
  sayPart,
  sayRest,
  sayTimes,
} from "@elm-basket/core/learning/words-en.ts";
import { useState } from "react";
import { Button } from "@/ui/button.tsx";
import { type FigureWord, sayFigures, whatMoves } from "./figure-actions.ts";

interface Props {
  readonly offer: Offer;
  readonly asks: boolean;
  /** Since when its figures are in use, as it is said; null for first guesses. */
  readonly since: string | null;
  readonly refused: boolean;
}

/** What the log says of one model, what that would move, and the host's word on it. */
export function OfferRow({ offer, asks, since, refused }: Props) {
  const { model } = offer;
  const [moves, setMoves] = useState<{ word: "taken" | "guess"; lines: readonly string[] } | null>(
    null,
  );
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState("");
  const look = async (word: "taken" | "guess") => {
    setBusy(true);
    const lines = await whatMoves(model, word).catch(() => null);
    setMoves(lines && { word, lines });
    setSaid(lines ? "" : "No answer: nothing has changed. Try again.");
    setBusy(false);
  };
  const say = async (word: FigureWord) => {
    setBusy(true);
    const done = await sayFigures(model, word).catch(() => false);
    setSaid(done ? "" : "No answer: nothing has changed. Try again.");
    if (done) setMoves(null);
    setBusy(false);
  };
  return (
    <section
      className="border-rule border-b py-4"
      aria-label={MODEL_WORDS[model].title}
      aria-busy={busy}
      data-model={model}
    >
      <h3 className="text-xl">{headline(offer)}</h3>
      <p className="text-soft">
        {offer.observations > 0 && `${sayRest(offer)}. `}
        {standing(offer, since, refused)}
      </p>
      {moves ? (
        <div className="mt-2 border-rule-strong border-l-2 pl-4">
          <p className="font-bold">{moves.word === "taken" ? "What it moves" : "What goes back"}</p>
          <ul>
            {moves.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <div className="mt-2 flex flex-wrap gap-3">
            <Button tone="main" disabled={busy} onClick={() => say(moves.word)}>
              {moves.word === "taken" ? `Use ${sayTimes(offer.factor)}` : "First guess again"}
            </Button>
            <Button disabled={busy} onClick={() => setMoves(null)}>
              Cancel
            </Button>
          </div>
        </div>
      ) : (
        <div className="mt-2 flex flex-wrap gap-3">
          {offer.lacking === 0 &&
            offer.observations > 0 &&
            Math.abs(offer.factor / offer.used - 1) > 0.004 && (
              <Button tone={asks ? "main" : "plain"} disabled={busy} onClick={() => look("taken")}>
                {asks ? "Use it: see what it moves" : "See what it would move"}
              </Button>
            )}
          {asks && (
            <Button disabled={busy} onClick={() => say("refused")}>
              {since === null ? "Stay with the first guess" : "Stay as it is"}
            </Button>
          )}
          {since !== null && (
            <Button disabled={busy} onClick={() => look("guess")}>
              First guess again
            </Button>
          )}
        </div>
      )}
      {said && (
        <p role="alert" className="mt-2 text-brick">
          {said}
        </p>
      )}
      {offer.parts.length > 0 && offer.observations > 0 && <Parts offer={offer} />}
    </section>
  );
}

const headline = (offer: Offer): string =>
  offer.lacking > 0 ? MODEL_WORDS[offer.model].title : sayOffer(offer);

function standing(
  { model, lacking, used, worth }: Offer,
  since: string | null,
  refused: boolean,
): string {
  const now =
    since === null
      ? "Classes use the first guess."
      : `In use since ${since}: ${sayTimes(used)} times.`;
  if (lacking > 0)
    return `${now} ${lacking} more ${LACKS[model][lacking === 1 ? 0 : 1]} before your own figure is offered.`;
  if (refused) return `${now} You left it so; it is offered again when more has been seen.`;
  return worth ? now : `${now} Too near to it, or too unsure still, to be worth a change.`;
}
const LACKS: Readonly<Record<Offer["model"], readonly [string, string]>> = {
  weeding: ["kit weeded with the clock", "kits weeded with the clock"],
  cutting: ["load cut from here", "loads cut from here"],
  steps: ["step taught from the stage", "steps taught from the stage"],
  drying: ["coat touched on the stage", "coats touched on the stage"],
};

function Parts({ offer: { model, parts } }: { offer: Offer }) {
  const digits = model === "weeding" ? 2 : undefined;
  const show = (value: number) => (digits === undefined ? sayTimes(value) : value.toFixed(digits));
  return (
    <details className="mt-2">
      <summary className="verb min-h-11 py-2">How far each figure moved</summary>
      <table className="w-full max-w-xl text-left tabular-nums">
        <thead className="text-soft text-sm">
          <tr className="border-rule-strong border-b">
            <th className="py-1 font-normal">{MODEL_WORDS[model].unit}</th>
            <th className="text-right font-normal">first guess</th>
            <th className="text-right font-normal">your log</th>
            <th className="text-right font-normal">in use</th>
          </tr>
        </thead>
        <tbody>
          {parts.map((part) => (
            <tr key={part.what} className="border-rule border-b">
              <th scope="row" className="py-1 font-normal">
                {sayPart(model, part.what)}
                {part.observations !== null && (
                  <span className="text-soft text-sm"> · seen {part.observations} times</span>
                )}
              </th>
              <td className="text-right">{show(part.guess)}</td>
              <td className="text-right font-bold">{show(part.learned)}</td>
              <td className="text-right">{show(part.used)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
