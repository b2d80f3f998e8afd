"use client";

import type { Differences, FieldMoved, List } from "@elm-basket/core/proposal/merge.ts";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { flushParts } from "./pending.ts";
import { keepMine, takeProposed } from "./proposal-actions.ts";

const FIELD_WORDS: Readonly<Record<string, string>> = {
  title: "Title",
  minutes: "Minutes",
  half: "Half are done after",
  who: "Who",
  tool: "Tool",
  after: "What it follows",
  say: "Say",
  show: "Show",
  check: "Check",
  care: "Care",
  slip: "Usual slip",
  doIt: "On the phone",
  thing: "Of which thing",
  like: "Done before",
  name: "Name",
  per: "Counted",
  amount: "Amount",
  seats: "For how many seats",
  unit: "Unit",
  uses: "Serves",
  substitute: "Instead",
  spares: "Spares",
  waitMinutes: "Rests, minutes",
  atOnce: "At once",
};

const LIST_WORDS: Readonly<Record<List, readonly [one: string, more: string]>> = {
  steps: ["step", "steps"],
  supplies: ["material", "materials"],
  preparation: ["task before the class", "tasks before the class"],
};

/** What is said where another window was faster: nothing was changed then. */
export const OVERTAKEN = "Not changed: another window changed the class first. Look again.";

/** Runs an act on the proposal once what still waits is saved; what it could not do is told. */
export function useProposalAct(): {
  readonly busy: boolean;
  readonly said: string;
  act(how: () => Promise<boolean>): void;
} {
  const [busy, start] = useTransition();
  const [said, setSaid] = useState("");
  const router = useRouter();
  const act = (how: () => Promise<boolean>) =>
    start(async () => {
      const done = (await flushParts()) && (await how().catch(() => false));
      setSaid(done ? "" : OVERTAKEN);
      router.refresh();
    });
  return { busy, said, act };
}

type Names = ReadonlyMap<string, string>;
const NO_NAMES: Names = new Map();

/** @param names what steps are called, by id */
const sayValue = (value: unknown, names: Names = NO_NAMES): string => {
  if (value === undefined || value === null || value === "") return "nothing";
  if (Array.isArray(value))
    return (
      value
        .map((one) =>
          typeof one === "object" && one !== null && "step" in one
            ? `“${names.get(String(one.step)) ?? String(one.step)}”${"wait" in one && one.wait ? ` and ${String(one.wait)} min` : ""}`
            : String(one),
        )
        .join(", ") || "nothing"
    );
  return typeof value === "string" ? `“${value}”` : String(value);
};

/**
 * What changed in the proposal since it was taken: rows that came or went, and what the host has
 * not touched. One press takes all of it.
 */
export function ProposalNote({
  classId,
  list,
  open,
  names = NO_NAMES,
}: {
  classId: string;
  list: List;
  open: Differences;
  names?: Names;
}) {
  const { busy, said, act } = useProposalAct();
  const rows = open.rows.filter((row) => row.list === list);
  const fields = open.fields.filter((row) => row.list === list && !row.yours);
  const touched = new Set(fields.map(({ id }) => id)).size;
  if (rows.length + fields.length === 0) return null;
  const all = (how: typeof takeProposed, label: string) => act(() => how(classId, { list }, label));
  const [one, more] = LIST_WORDS[list];
  const parts = [
    ...(touched > 0 ? [`${touched} ${touched === 1 ? one : more} otherwise`] : []),
    ...rows.map(({ what, title }) =>
      what === "new" ? `“${title}” as well` : `“${title}” no more`,
    ),
  ];
  return (
    <div
      className="no-print mt-3 border-slate border-l-4 bg-slate-tint px-3 py-2"
      role="status"
      aria-busy={busy}
      data-proposal={list}
    >
      <p>
        As the class is now, {parts.slice(0, MOST_PARTS).join(", ")}
        {parts.length > MOST_PARTS
          ? ` and ${parts.length - MOST_PARTS} more are`
          : parts.length === 1 && touched === 0
            ? " is"
            : " are"}{" "}
        proposed.{" "}
        <button
          type="button"
          className="verb min-h-9"
          disabled={busy}
          onClick={() => all(takeProposed, `What is proposed for the ${more}`)}
        >
          Take it
        </button>{" "}
        what you changed yourself stays ·{" "}
        <button
          type="button"
          className="verb min-h-9"
          disabled={busy}
          onClick={() => all(keepMine, `The ${more} kept as they are`)}
        >
          Keep all as it is
        </button>
      </p>
      {said && <p className="font-bold">{said}</p>}
      {fields.length > 0 && (
        <details>
          <summary className="min-h-9 cursor-pointer text-sm">What would be otherwise</summary>
          <ul className="text-sm">
            {fields.slice(0, MOST_FIELDS).map((field) => (
              <li key={`${field.id}-${field.field}`} className="py-0.5">
                <b>{field.title}</b>, {(FIELD_WORDS[field.field] ?? field.field).toLowerCase()}:{" "}
                {sayValue(field.here, names)} → {sayValue(field.now, names)}
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}
const MOST_PARTS = 4;
const MOST_FIELDS = 40;

/**
 * What the host says otherwise than is proposed, in its row: told apart in words, taken or kept by
 * a verb.
 */
export function YoursNote({
  classId,
  fields,
  names = NO_NAMES,
}: {
  classId: string;
  fields: readonly FieldMoved[];
  names?: Names;
}) {
  const { busy, said, act } = useProposalAct();
  const one = (how: typeof takeProposed, field: FieldMoved, label: string) =>
    act(() =>
      how(classId, { list: field.list, id: field.id, field: field.field, overYours: true }, label),
    );
  if (fields.length === 0) return null;
  return (
    <ul className="no-print mt-1 text-sm" aria-busy={busy}>
      {fields.map((field) => {
        const word = FIELD_WORDS[field.field] ?? field.field;
        const moved = JSON.stringify(field.was ?? null) !== JSON.stringify(field.now ?? null);
        const isNumber = typeof field.now === "number";
        return (
          <li key={field.field} className={moved ? "text-ochre" : "text-soft"}>
            {word}: yours{isNumber && typeof field.was === "number" ? `, was ${field.was}` : ""};{" "}
            {sayValue(field.now, names)} {isNumber ? "are" : "is"} proposed{moved ? " now" : ""}.{" "}
            <button
              type="button"
              className="verb min-h-9"
              disabled={busy}
              onClick={() => one(takeProposed, field, `${word} as proposed`)}
            >
              Take {isNumber ? String(field.now) : "it"}
            </button>
            {moved && (
              <>
                {" · "}
                <button
                  type="button"
                  className="verb min-h-9"
                  disabled={busy}
                  onClick={() => one(keepMine, field, `${word} kept`)}
                >
                  Keep {isNumber ? String(field.here) : "mine"}
                </button>
              </>
            )}
          </li>
        );
      })}
      {said && <li className="font-bold">{said}</li>}
    </ul>
  );
}
