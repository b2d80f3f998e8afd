"use client";

import type { Offer } from "@elm-basket/core/learning/offers.ts";
import { useState } from "react";
import { Button } from "@/ui/button.tsx";
import { learnedWords } from "@/ui/craft/learned.ts";
import { decimal } from "@/ui/figures.ts";
import { offerRowWords } from "../words.ts";
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
  const w = offerRowWords();
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
    setSaid(lines ? "" : w.noAnswerNothingHasChanged);
    setBusy(false);
  };
  const say = async (word: FigureWord) => {
    setBusy(true);
    const done = await sayFigures(model, word).catch(() => false);
    setSaid(w.noAnswerNothingHasChanged2(done));
    if (done) setMoves(null);
    setBusy(false);
  };
  return (
    <section
      className="border-rule border-b py-4"
      aria-label={learnedWords().MODEL_WORDS[model].title}
      aria-busy={busy}
      data-model={model}
    >
      <h3 className="text-xl">{headline(offer)}</h3>
      <p className="text-soft">
        {offer.observations > 0 && `${learnedWords().sayRest(offer)}. `}
        {standing(offer, since, refused)}
      </p>
      {moves ? (
        <div className="mt-2 border-rule-strong border-l-2 pl-4">
          <p className="font-bold">{w.whatItMovesWhatGoes(moves.word)}</p>
          <ul>
            {moves.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <div className="mt-2 flex flex-wrap gap-3">
            <Button tone="main" disabled={busy} onClick={() => say(moves.word)}>
              {moves.word === "taken"
                ? w.use(learnedWords().sayTimes(offer.factor))
                : w.firstGuessAgain}
            </Button>
            <Button disabled={busy} onClick={() => setMoves(null)}>
              {w.cancel}
            </Button>
          </div>
        </div>
      ) : (
        <div className="mt-2 flex flex-wrap gap-3">
          {offer.lacking === 0 &&
            offer.observations > 0 &&
            Math.abs(offer.factor / offer.used - 1) > 0.004 && (
              <Button tone={asks ? "main" : "plain"} disabled={busy} onClick={() => look("taken")}>
                {w.takeIt(asks)}
              </Button>
            )}
          {asks && (
            <Button disabled={busy} onClick={() => say("refused")}>
              {w.stayWithTheFirstGuess(since)}
            </Button>
          )}
          {since !== null && (
            <Button disabled={busy} onClick={() => look("guess")}>
              {w.firstGuessAgain}
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
  offer.lacking > 0
    ? learnedWords().MODEL_WORDS[offer.model].title
    : learnedWords().sayOffer(offer);

function standing(
  { model, lacking, used, worth }: Offer,
  since: string | null,
  refused: boolean,
): string {
  const say = offerRowWords();
  const now =
    since === null
      ? say.classesUseTheFirstGuess
      : say.inUseSinceTimes(since, learnedWords().sayTimes(used));
  if (lacking > 0)
    return say.moreBeforeYourOwnFigure(now, lacking, lacks()[model][lacking === 1 ? 0 : 1]);
  if (refused) return say.youLeft(now);
  return say.tooNear(worth, now);
}
const lacks = (): Readonly<Record<Offer["model"], readonly [string, string]>> => ({
  weeding: [offerRowWords().kitWeededWithTheClock, offerRowWords().kitsWeededWithTheClock],
  cutting: [offerRowWords().loadCutFromHere, offerRowWords().loadsCutFromHere],
  steps: [offerRowWords().stepTaughtFromTheStage, offerRowWords().stepsTaughtFromTheStage],
  drying: [offerRowWords().coatTouchedOnTheStage, offerRowWords().coatsTouchedOnTheStage],
});

function Parts({ offer: { model, parts } }: { offer: Offer }) {
  const say = offerRowWords();
  const digits = model === "weeding" ? 2 : undefined;
  const show = (value: number) =>
    digits === undefined ? learnedWords().sayTimes(value) : decimal(value, digits);
  return (
    <details className="mt-2">
      <summary className="verb min-h-11 py-2">{say.howFarEachFigureMoved}</summary>
      <table className="w-full max-w-xl text-left tabular-nums">
        <thead className="text-soft text-sm">
          <tr className="border-rule-strong border-b">
            <th className="py-1 font-normal">{learnedWords().MODEL_WORDS[model].unit}</th>
            <th className="text-right font-normal">{say.firstGuess}</th>
            <th className="text-right font-normal">{say.yourLog}</th>
            <th className="text-right font-normal">{say.inUse}</th>
          </tr>
        </thead>
        <tbody>
          {parts.map((part) => (
            <tr key={part.what} className="border-rule border-b">
              <th scope="row" className="py-1 font-normal">
                {learnedWords().sayPart(model, part.what)}
                {part.observations !== null && (
                  <span className="text-soft text-sm"> {say.seenTimes(part.observations)}</span>
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
