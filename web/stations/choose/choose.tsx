"use client";

import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useCallback, useEffect, useState, useTransition } from "react";
import type { Language } from "@/ui/language.ts";
import { FilmDot } from "@/ui/marks.tsx";
import { phoneSign } from "@/ui/phone-sign.ts";
import type { DecalPicture } from "@/workers/decals.ts";
import type { ChooseAnswer, Chosen } from "./answer.ts";
import { OwnCup } from "./own-cup.tsx";
import { chooseWords } from "./words.ts";
import type { ChooseWords } from "./words-en.ts";

interface Props {
  readonly code: string;
  readonly language: Language;
  readonly title: string;
  readonly locked: boolean;
  readonly slots: readonly string[];
  readonly handled: boolean;
  readonly unit: LengthUnit;
  /** Things of which each seat makes one, by the choice. */
  readonly alternatives: readonly {
    readonly choice: string;
    readonly options: readonly { readonly thing: string; readonly title: string }[];
  }[];
  /** Things that participants bring, and to which choice they belong. */
  readonly brought: readonly {
    readonly thing: string;
    readonly title: string;
    readonly choice: string | null;
  }[];
  readonly seats: readonly {
    readonly choices: Readonly<Record<string, string>>;
    readonly seat: string;
    readonly label: string;
    readonly fields: Readonly<Record<string, string>>;
    readonly hand: "left" | "right";
  }[];
  readonly colours: readonly {
    readonly id: string;
    readonly name: string;
    readonly colour: string;
  }[];
}

const LOOK_AFTER_MS = 450;

async function tell(code: string, chosen: Chosen): Promise<ChooseAnswer> {
  try {
    const response = await fetch(`/c/${code}/choose`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(chosen),
    });
    if (!response.ok) return { ok: false, why: response.status < 500 ? "notOffered" : "away" };
    return (await response.json()) as ChooseAnswer;
  } catch {
    return { ok: false, why: "away" };
  }
}

/** The participant's phone, before the class: the own decal, its spelling, its colour. */
export function Choose({
  code,
  language,
  title,
  locked,
  slots,
  handled,
  unit,
  alternatives,
  brought,
  seats,
  colours,
}: Props) {
  const say = chooseWords(language);
  const [seat, setSeat] = useState("");
  const [fields, setFields] = useState<Record<string, string>>({});
  const [hand, setHand] = useState<"left" | "right">("right");
  const [vinyl, setVinyl] = useState("");
  const [decals, setDecals] = useState<readonly DecalPicture[] | null>(null);
  const [choices, setChoices] = useState<Record<string, string>>({});
  const [shape, setShape] = useState<{ thing: string; shape: BlankShape } | null>(null);
  const [said, setSaid] = useState<{ ok: boolean; message: string }>({ ok: true, message: "" });
  const [busy, start] = useTransition();
  const pick = useCallback(
    (id: string) => {
      const row = seats.find((one) => one.seat === id);
      setSeat(id);
      setFields({ ...row?.fields });
      setHand(row?.hand ?? "right");
      setVinyl("");
      setDecals(null);
      setChoices({ ...row?.choices });
      setShape(null);
      setSaid({ ok: true, message: "" });
    },
    [seats],
  );
  const send = useCallback(
    (ask: boolean) =>
      start(async () => {
        const choice = {
          fields,
          ...(vinyl ? { vinyl } : {}),
          ...(handled ? { hand } : {}),
          ...(shape ? { brings: shape } : {}),
          ...(alternatives.length > 0 ? { choices } : {}),
        };
        const answer = await tell(code, { seat, phone: phoneSign(), choice, ask });
        if (answer.ok) setDecals(answer.decals);
        if (!answer.ok) setSaid({ ok: false, message: say.refused[answer.why] });
        else if (ask) setSaid({ ok: true, message: say.asked });
      }),
    [code, seat, fields, vinyl, hand, handled, shape, choices, alternatives, say],
  );
  useEffect(() => {
    if (!seat) return;
    const timer = setTimeout(() => send(false), LOOK_AFTER_MS);
    return () => clearTimeout(timer);
  }, [seat, send]);
  return (
    <div lang={language} className="mx-auto flex min-h-screen max-w-xl flex-col bg-paper">
      <header className="border-rule border-b px-5 py-3">
        <b className="[overflow-wrap:anywhere]">{title}</b>
      </header>
      <main className="flex-1 px-5 py-5">
        <h1 className="mb-3 text-3xl">{say.heading(locked)}</h1>
        {locked && <p className="mb-3 text-lg">{say.locked}</p>}
        <label className="mb-4 block text-soft">
          {say.youAre}
          <select
            className="mt-1 block w-full text-ink"
            value={seat}
            onChange={(event) => pick(event.target.value)}
          >
            <option value="">{say.chooseName}</option>
            {seats.map((row) => (
              <option key={row.seat} value={row.seat}>
                {row.label || say.seat(row.seat)}
              </option>
            ))}
          </select>
        </label>
        {seat && (
          <>
            {decals === null ? (
              <p className="py-12 text-center text-soft">{say.drawing}</p>
            ) : (
              <div className={decals.length > 1 ? "grid gap-3 sm:grid-cols-2" : ""}>
                {decals.map((decal) => (
                  <Picture key={decal.title} decal={decal} titled={decals.length > 1} say={say} />
                ))}
              </div>
            )}
            {alternatives.map(({ choice, options }) => (
              <fieldset key={choice} className="mt-3" disabled={locked}>
                <legend className="text-soft">{say.youMake}</legend>
                {options.map(({ thing, title: name }, i) => (
                  <label key={thing} className="mr-5 inline-flex min-h-11 items-center gap-2">
                    <input
                      type="radio"
                      name={`choice-${choice}`}
                      checked={(choices[choice] ?? options[0]?.thing) === thing}
                      onChange={() => setChoices({ ...choices, [choice]: thing })}
                    />{" "}
                    {name || `${i + 1}`}
                  </label>
                ))}
              </fieldset>
            ))}
            {brought
              .filter(
                ({ thing, choice }) =>
                  choice === null ||
                  (choices[choice] ??
                    alternatives.find((one) => one.choice === choice)?.options[0]?.thing) === thing,
              )
              .map(({ thing, title: name }) => (
                <OwnCup
                  key={`${seat} ${thing}`}
                  title={name}
                  say={say.cup}
                  unit={unit}
                  disabled={locked}
                  onShape={(own) => setShape(own ? { thing, shape: own } : null)}
                />
              ))}
            {slots.map((slot) => (
              <label key={slot} className="mt-3 block text-soft capitalize">
                {say.slots[slot] ?? slot}
                <input
                  className="mt-1 block w-full text-ink text-lg"
                  maxLength={120}
                  disabled={locked}
                  value={fields[slot] ?? ""}
                  onChange={(event) => setFields({ ...fields, [slot]: event.target.value })}
                />
              </label>
            ))}
            {colours.length > 0 && (
              <fieldset className="mt-4" disabled={locked}>
                <legend className="text-soft">{say.colour}</legend>
                {[{ id: "", name: say.asOthers, colour: "" }, ...colours].map((one) => (
                  <label key={one.id} className="mr-5 inline-flex min-h-11 items-center gap-2">
                    <input
                      type="radio"
                      name="colour"
                      checked={vinyl === one.id}
                      onChange={() => setVinyl(one.id)}
                    />
                    {one.colour && <FilmDot colour={one.colour} />} {one.name}
                  </label>
                ))}
              </fieldset>
            )}
            {handled && (
              <fieldset className="mt-3" disabled={locked}>
                <legend className="text-soft">{say.holds}</legend>
                {(["right", "left"] as const).map((one) => (
                  <label key={one} className="mr-5 inline-flex min-h-11 items-center gap-2">
                    <input
                      type="radio"
                      name="hand"
                      checked={hand === one}
                      onChange={() => setHand(one)}
                    />{" "}
                    {say.hands[one]}
                  </label>
                ))}
              </fieldset>
            )}
            <p
              role={said.ok ? "status" : "alert"}
              className={`mt-3 ${said.ok ? "text-elm-dark" : "text-brick"}`}
            >
              {said.message}
            </p>
          </>
        )}
      </main>
      {!locked && (
        <button
          type="button"
          disabled={busy || !seat}
          onClick={() => send(true)}
          className="sticky bottom-0 min-h-20 bg-elm font-bold text-white text-xl disabled:bg-rule disabled:text-soft"
        >
          {say.ask}
        </button>
      )}
    </div>
  );
}

/** In true proportion; what is missing or would crease is told below. */
function Picture({
  decal,
  titled,
  say,
}: {
  decal: DecalPicture;
  titled: boolean;
  say: ChooseWords;
}) {
  const { box, creases } = decal;
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const line = width / 200;
  return (
    <figure>
      <svg
        viewBox={`${box.minX - line} ${box.minY - line} ${width + 2 * line} ${height + 2 * line}`}
        className="max-h-72 w-full"
        role="img"
        aria-label={say.decal(titled ? decal.title : null)}
      >
        <path
          d={decal.outline}
          fill={decal.ground}
          stroke="var(--color-rule-strong)"
          strokeWidth={line * 2}
          strokeLinejoin="round"
        />
        {decal.layers.map((layer) => (
          <path
            key={layer.colour + layer.path.length}
            d={layer.path}
            fill={layer.colour}
            fillRule="evenodd"
          />
        ))}
      </svg>
      {titled && <figcaption className="text-soft text-sm">{decal.title}</figcaption>}
      {decal.missing && (
        <p role="alert" className="my-2 text-brick">
          {say.missing(decal.missing)}
        </p>
      )}
      {creases && (
        <p role="status" className="my-2 border-ochre border-l-4 bg-ochre-tint p-2">
          {say.creases(
            creases.pieces,
            creases.share >= LEAST_SHARE ? Math.floor(creases.share * 100) : null,
          )}
        </p>
      )}
    </figure>
  );
}

/** Smaller than this it is another design that is wanted. */
const LEAST_SHARE = 0.4;
