"use client";

import { useCallback, useEffect, useState, useTransition } from "react";
import { FilmDot } from "@/ui/marks.tsx";
import type { DecalPicture } from "@/workers/plan.server.ts";
import { choose } from "./actions.ts";

interface Props {
  readonly code: string;
  readonly title: string;
  readonly locked: boolean;
  readonly slots: readonly string[];
  readonly handled: boolean;
  readonly seats: readonly { readonly seat: string; readonly label: string; readonly fields: Readonly<Record<string, string>>; readonly hand: "left" | "right" }[];
  readonly colours: readonly { readonly id: string; readonly name: string; readonly colour: string }[];
}

const LOOK_AFTER_MS = 450;

/** The participant's phone, before the class: the own decal, its spelling, its colour. */
export function Choose({ code, title, locked, slots, handled, seats, colours }: Props) {
  const [seat, setSeat] = useState("");
  const [fields, setFields] = useState<Record<string, string>>({});
  const [hand, setHand] = useState<"left" | "right">("right");
  const [vinyl, setVinyl] = useState("");
  const [decal, setDecal] = useState<DecalPicture | null>(null);
  const [said, setSaid] = useState<{ ok: boolean; message: string }>({ ok: true, message: "" });
  const [busy, start] = useTransition();
  const pick = useCallback(
    (id: string) => {
      const row = seats.find((one) => one.seat === id);
      setSeat(id);
      setFields({ ...row?.fields });
      setHand(row?.hand ?? "right");
      setVinyl("");
      setDecal(null);
      setSaid({ ok: true, message: "" });
    },
    [seats],
  );
  const send = useCallback(
    (ask: boolean) =>
      start(async () => {
        const choice = { fields, ...(vinyl ? { vinyl } : {}), ...(handled ? { hand } : {}) };
        const answer = await choose(code, seat, choice, ask).catch(() => ({ ok: false as const, message: "No connection. Try again." }));
        if (answer.ok) setDecal(answer.decal);
        if (ask || !answer.ok) setSaid({ ok: answer.ok, message: answer.message });
      }),
    [code, seat, fields, vinyl, hand, handled],
  );
  useEffect(() => {
    if (!seat) return;
    const timer = setTimeout(() => send(false), LOOK_AFTER_MS);
    return () => clearTimeout(timer);
  }, [seat, send]);
  return (
    <div className="mx-auto flex min-h-screen max-w-xl flex-col bg-paper">
      <header className="border-rule border-b px-5 py-3">
        <b className="[overflow-wrap:anywhere]">{title}</b>
      </header>
      <main className="flex-1 px-5 py-5">
        <h1 className="mb-3 text-3xl">{locked ? "The names are locked" : "Your name, as it will be cut"}</h1>
        {locked && <p className="mb-3 text-lg">Your kit is being cut. Below is what it will say; ask your host if something is wrong.</p>}
        <label className="mb-4 block text-soft">
          You are
          <select className="mt-1 block w-full text-ink" value={seat} onChange={(event) => pick(event.target.value)}>
            <option value="">choose your name</option>
            {seats.map((row) => (
              <option key={row.seat} value={row.seat}>
                {row.label || `seat ${row.seat}`}
              </option>
            ))}
          </select>
        </label>
        {seat && (
          <>
            <Picture decal={decal} />
            {decal?.missing && (
              <p role="alert" className="my-2 text-brick">
                This lettering has no {decal.missing}. Your host will find another, or choose a spelling without it.
              </p>
            )}
            {slots.map((slot) => (
              <label key={slot} className="mt-3 block text-soft capitalize">
                {slot}
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
                <legend className="text-soft">Colour</legend>
                {[{ id: "", name: "as the others", colour: "" }, ...colours].map((one) => (
                  <label key={one.id} className="mr-5 inline-flex min-h-11 items-center gap-2">
                    <input type="radio" name="colour" checked={vinyl === one.id} onChange={() => setVinyl(one.id)} />
                    {one.colour && <FilmDot colour={one.colour} />} {one.name}
                  </label>
                ))}
              </fieldset>
            )}
            {handled && (
              <fieldset className="mt-3" disabled={locked}>
                <legend className="text-soft">You hold your cup in the</legend>
                {(["right", "left"] as const).map((one) => (
                  <label key={one} className="mr-5 inline-flex min-h-11 items-center gap-2">
                    <input type="radio" name="hand" checked={hand === one} onChange={() => setHand(one)} /> {one} hand
                  </label>
                ))}
              </fieldset>
            )}
            <p role={said.ok ? "status" : "alert"} className={`mt-3 ${said.ok ? "text-elm-dark" : "text-brick"}`}>
              {said.message}
            </p>
          </>
        )}
      </main>
      {!locked && (
        <button type="button" disabled={busy || !seat} onClick={() => send(true)} className="sticky bottom-0 min-h-20 bg-elm font-bold text-white text-xl disabled:bg-rule disabled:text-soft">
          Ask for this
        </button>
      )}
    </div>
  );
}

function Picture({ decal }: { decal: DecalPicture | null }) {
  if (!decal) return <p className="py-12 text-center text-soft">Your decal is being drawn …</p>;
  const { box } = decal;
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const line = width / 200;
  return (
    <svg viewBox={`${box.minX - line} ${box.minY - line} ${width + 2 * line} ${height + 2 * line}`} className="max-h-72 w-full" role="img" aria-label="Your decal, in true proportion">
      <path d={decal.outline} fill={decal.ground} stroke="var(--color-rule-strong)" strokeWidth={line * 2} strokeLinejoin="round" />
      {decal.layers.map((layer) => (
        <path key={layer.colour + layer.path.length} d={layer.path} fill={layer.colour} fillRule="evenodd" />
      ))}
    </svg>
  );
}
