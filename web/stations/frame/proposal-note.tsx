"use client";

import type { Differences, FieldMoved, List } from "@elm-basket/core/proposal/merge.ts";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { flushParts } from "./pending.ts";
import { keepMine, takeProposed } from "./proposal-actions.ts";
import { proposalNoteWords } from "./words.ts";

const fieldWords = (): Readonly<Record<string, string>> => ({
  title: proposalNoteWords().title,
  minutes: proposalNoteWords().minutes,
  half: proposalNoteWords().halfAreDoneAfter,
  who: proposalNoteWords().who,
  tool: proposalNoteWords().tool,
  after: proposalNoteWords().whatItFollows,
  say: proposalNoteWords().say,
  show: proposalNoteWords().show,
  check: proposalNoteWords().check,
  care: proposalNoteWords().care,
  slip: proposalNoteWords().usualSlip,
  doIt: proposalNoteWords().onThePhone,
  thing: proposalNoteWords().ofWhichThing,
  like: proposalNoteWords().doneBefore,
  name: proposalNoteWords().name,
  per: proposalNoteWords().counted,
  amount: proposalNoteWords().amount,
  seats: proposalNoteWords().forHowManySeats,
  unit: proposalNoteWords().unit,
  uses: proposalNoteWords().serves,
  substitute: proposalNoteWords().instead,
  spares: proposalNoteWords().spares,
  waitMinutes: proposalNoteWords().restsMinutes,
  atOnce: proposalNoteWords().atOnce,
});

const listWords = (): Readonly<Record<List, readonly [one: string, more: string]>> => ({
  steps: [proposalNoteWords().step, proposalNoteWords().steps],
  supplies: [proposalNoteWords().material, proposalNoteWords().materials],
  preparation: [proposalNoteWords().taskBeforeTheClass, proposalNoteWords().tasksBeforeTheClass],
});

/** What is said where another window was faster: nothing was changed then. */
export const OVERTAKEN = () => proposalNoteWords().notChangedAnotherWindowChanged;

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
      setSaid(done ? "" : OVERTAKEN());
      router.refresh();
    });
  return { busy, said, act };
}

type Names = ReadonlyMap<string, string>;
const NO_NAMES: Names = new Map();

/** @param names what steps are called, by id */
const sayValue = (value: unknown, names: Names = NO_NAMES): string => {
  const say = proposalNoteWords();
  if (value === undefined || value === null || value === "") return say.nothing;
  if (Array.isArray(value))
    return say.nothing2(
      value
        .map((one) =>
          typeof one === "object" && one !== null && "step" in one
            ? `“${names.get(String(one.step)) ?? String(one.step)}”${"wait" in one && one.wait ? say.andMin(String(one.wait)) : ""}`
            : String(one),
        )
        .join(", "),
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
  const say = proposalNoteWords();
  const { busy, said, act } = useProposalAct();
  const rows = open.rows.filter((row) => row.list === list);
  const fields = open.fields.filter((row) => row.list === list && !row.yours);
  const touched = new Set(fields.map(({ id }) => id)).size;
  if (rows.length + fields.length === 0) return null;
  const all = (how: typeof takeProposed, label: string) => act(() => how(classId, { list }, label));
  const [one, more] = listWords()[list];
  const parts = [
    ...(touched > 0 ? [say.otherwise(touched, one, more)] : []),
    ...rows.map(({ what, title }) => say.asWell(what, title)),
  ];
  return (
    <div
      className="no-print mt-3 border-slate border-l-4 bg-slate-tint px-3 py-2"
      role="status"
      aria-busy={busy}
      data-proposal={list}
    >
      <p>
        {say.asTheClassIsNow(
          parts.slice(0, MOST_PARTS).join(", "),
          parts.length,
          MOST_PARTS,
          touched,
        )}{" "}
        <button
          type="button"
          className="verb min-h-9"
          disabled={busy}
          onClick={() => all(takeProposed, say.whatIsProposed(more))}
        >
          {say.takeIt}
        </button>{" "}
        {say.whatYouChangedYourselfStays}{" "}
        <button
          type="button"
          className="verb min-h-9"
          disabled={busy}
          onClick={() => all(keepMine, say.theKept(more))}
        >
          {say.keepAll}
        </button>
      </p>
      {said && <p className="font-bold">{said}</p>}
      {fields.length > 0 && (
        <details>
          <summary className="min-h-9 cursor-pointer text-sm">{say.whatWouldBeOtherwise}</summary>
          <ul className="text-sm">
            {fields.slice(0, MOST_FIELDS).map((field) => (
              <li key={`${field.id}-${field.field}`} className="py-0.5">
                <b>{field.title}</b>, {(fieldWords()[field.field] ?? field.field).toLowerCase()}:{" "}
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
  const say = proposalNoteWords();
  const { busy, said, act } = useProposalAct();
  const one = (how: typeof takeProposed, field: FieldMoved, label: string) =>
    act(() =>
      how(classId, { list: field.list, id: field.id, field: field.field, overYours: true }, label),
    );
  if (fields.length === 0) return null;
  return (
    <ul className="no-print mt-1 text-sm" aria-busy={busy}>
      {fields.map((field) => {
        const word = fieldWords()[field.field] ?? field.field;
        const moved = JSON.stringify(field.was ?? null) !== JSON.stringify(field.now ?? null);
        const isNumber = typeof field.now === "number";
        return (
          <li key={field.field} className={moved ? "text-ochre" : "text-soft"}>
            {say.yoursProposed(
              word,
              isNumber,
              typeof field.was === "number" ? field.was : null,
              sayValue(field.now, names),
              moved,
            )}{" "}
            <button
              type="button"
              className="verb min-h-9"
              disabled={busy}
              onClick={() => one(takeProposed, field, say.asProposed(word))}
            >
              {say.take} {isNumber ? String(field.now) : say.it}
            </button>
            {moved && (
              <>
                {" · "}
                <button
                  type="button"
                  className="verb min-h-9"
                  disabled={busy}
                  onClick={() => one(keepMine, field, say.kept(word))}
                >
                  {say.keep} {isNumber ? String(field.here) : say.mine}
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
