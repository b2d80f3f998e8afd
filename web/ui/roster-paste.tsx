"use client";

import { type SeatsResult, seatsFromRoster } from "@elm-basket/core/document/seats.ts";
import {
  decodeText,
  parseRoster,
  type Roster,
  rosterOfTable,
} from "@elm-basket/core/roster/roster.ts";
import { useEffect, useMemo, useState } from "react";
import { rosterWords } from "./craft/roster.ts";
import { SeverityMark } from "./marks.tsx";
import { rosterPasteWords } from "./words.ts";

const MOST_BYTES = 2 * 1024 * 1024;
const STOPS = new Set(["sameSeat", "tooManyRows"]);

export interface PastedRoster {
  readonly text: string;
  readonly setText: (text: string) => void;
  readonly roster: Roster;
  readonly seats: SeatsResult;
  /** Why it cannot be taken; null when it can. */
  readonly trouble: string | null;
  readonly assign: (column: number, what: string) => void;
  readonly setHeaded: (headed: boolean) => void;
  readonly readFile: (file: File) => Promise<void>;
  readonly fileTrouble: string | null;
  readonly clear: () => void;
}

/** What columns of a list with these headings were said to be, the last time. */
const memoryKey = (header: readonly string[]): string =>
  `elm:columns:${header.map((cell) => cell.trim().toLowerCase()).join("|")}`;

function remembered(header: readonly string[] | null): readonly string[] | null {
  if (!header) return null;
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(memoryKey(header)) ?? "null");
    return Array.isArray(kept) &&
      kept.length === header.length &&
      kept.every((cell) => typeof cell === "string")
      ? kept
      : null;
  } catch {
    return null;
  }
}

/**
 * One way in for names, wherever they are pasted: read, shown as they were understood, columns
 * assigned by hand.
 */
export function usePastedRoster(slots: readonly string[], first = ""): PastedRoster {
  const say = rosterPasteWords();
  const [text, setText] = useState(first);
  const [table, setTable] = useState<readonly (readonly string[])[] | null>(null);
  const [columns, setColumns] = useState<readonly string[]>();
  const [headed, setHeaded] = useState<boolean>();
  const [fileTrouble, setFileTrouble] = useState<string | null>(null);
  const options = useMemo(
    () => ({ ...(columns ? { columns } : {}), ...(headed === undefined ? {} : { headed }) }),
    [columns, headed],
  );
  const roster = useMemo(
    () => (table ? rosterOfTable(table, slots, options) : parseRoster(text, slots, options)),
    [table, text, slots, options],
  );
  const seats = useMemo(() => seatsFromRoster(roster, slots), [roster, slots]);
  const head = roster.header?.join("|");
  // biome-ignore lint/correctness/useExhaustiveDependencies: looked up once for every new line of headings
  useEffect(() => {
    const kept = remembered(roster.header);
    if (kept) setColumns(kept);
  }, [head]);
  const start = (next: string) => {
    setTable(null);
    setColumns(undefined);
    setHeaded(undefined);
    setText(next);
  };
  const assign = (column: number, what: string) => {
    const width = Math.max(roster.columns.length, column + 1);
    const next = Array.from({ length: width }, (_, i) =>
      i === column
        ? what
        : roster.columns[i] === what && what !== ""
          ? ""
          : (roster.columns[i] ?? ""),
    );
    setColumns(next);
    if (roster.header) localStorage.setItem(memoryKey(roster.header), JSON.stringify(next));
  };
  const readFile = async (file: File) => {
    setFileTrouble(null);
    if (file.size > MOST_BYTES) return setFileTrouble(say.isLargerThan2Mb(file.name));
    try {
      if (/\.xlsx$/iu.test(file.name)) {
        const { default: readSheet } = await import("read-excel-file/browser");
        const rows = await readSheet(file);
        setColumns(undefined);
        setHeaded(undefined);
        setText("");
        setTable(
          rowsOf(rows).map((row) =>
            row.map((cell) => (cell === null || cell === undefined ? "" : String(cell))),
          ),
        );
      } else start(decodeText(new Uint8Array(await file.arrayBuffer())));
    } catch {
      setFileTrouble(say.couldNotBeReadSave(file.name));
    }
  };
  const stop = roster.findings.find(({ code }) => STOPS.has(code));
  const trouble = !seats.ok
    ? say.line(seats.line, seats.message)
    : stop
      ? rosterWords().sayRosterFinding(stop)
      : null;
  return {
    text: table ? tableText(table) : text,
    setText: start,
    roster,
    seats,
    trouble,
    assign,
    setHeaded,
    readFile,
    fileTrouble,
    clear: () => start(""),
  };
}

/** The first sheet of a file of several. */
function rowsOf(read: unknown): unknown[][] {
  if (!Array.isArray(read)) return [];
  const [first] = read as unknown[];
  if (first !== null && typeof first === "object" && "data" in first && Array.isArray(first.data))
    return first.data as unknown[][];
  return read as unknown[][];
}

const tableText = (table: readonly (readonly string[])[]): string =>
  table.map((row) => row.map((cell) => cell.replace(/[\t\r\n]+/gu, " ")).join("\t")).join("\n");

export function RosterPaste({
  pasted,
  slots,
  rows = 14,
  autoFocus = false,
}: {
  pasted: PastedRoster;
  slots: readonly string[];
  rows?: number;
  autoFocus?: boolean;
}) {
  const say = rosterPasteWords();
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-6 md:grid-cols-2">
      <div>
        <textarea
          aria-label={say.namesOneALine}
          // biome-ignore lint/a11y/noAutofocus: only in a dialog that was opened to paste right away
          autoFocus={autoFocus}
          rows={rows}
          spellCheck={false}
          className="w-full"
          value={pasted.text}
          onChange={(event) => pasted.setText(event.target.value)}
        />
        <label className="mt-2 block text-sm">
          <span className="text-soft">{say.orAFileCsv} </span>
          <input
            type="file"
            accept=".csv,.txt,.tsv,.xlsx,text/csv,text/plain"
            className="w-full min-w-0 border-0 bg-transparent"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void pasted.readFile(file);
            }}
          />
        </label>
        {pasted.fileTrouble && (
          <p role="alert" className="text-brick text-sm">
            {pasted.fileTrouble}
          </p>
        )}
      </div>
      <Preview pasted={pasted} slots={slots} />
    </div>
  );
}

/** Findings that say nothing one would want to know of an empty box. */
const QUIET = new Set(["nobody"]);
const SHOWN_FINDINGS = 8;
const SHOWN_ROWS = 60;

function Preview({ pasted, slots }: { pasted: PastedRoster; slots: readonly string[] }) {
  const say = rosterPasteWords();
  const { roster, trouble } = pasted;
  const findings = roster.findings.filter(({ code }) => !QUIET.has(code));
  const width = Math.max(
    roster.columns.length,
    ...roster.rows.slice(0, SHOWN_ROWS).map(({ fields }) => Object.keys(fields).length),
    0,
  );
  const known = [...new Set(["name", ...slots, "seat", "number"])];
  const options = (own: string) => [
    ...new Set([...known, ...(own && !known.includes(own) ? [own] : [])]),
  ];
  if (roster.rows.length === 0) return <p className="text-soft">{say.nothingReadYet}</p>;
  return (
    <div className="min-w-0">
      <p className="mb-2 font-bold">
        {roster.rows.length} {say.seatSeats(roster.rows.length)} {say.read}
        {roster.header ? say.underTheHeadings(roster.header.filter(Boolean).join(", ")) : ""}
      </p>
      {trouble && (
        <p role="alert" className="mb-2 text-brick">
          {trouble}
        </p>
      )}
      <ul className="mb-2">
        {findings.slice(0, SHOWN_FINDINGS).map((finding, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: findings have no identity but their place
          <li key={i} className="flex gap-2 text-sm">
            <SeverityMark severity={STOPS.has(finding.code) ? "stop" : "check"} size={12} />
            <span className="[overflow-wrap:anywhere]">
              {rosterWords().sayRosterFinding(finding)}
            </span>
          </li>
        ))}
        {findings.length > SHOWN_FINDINGS && (
          <li className="text-soft text-sm">{say.andMore(findings.length, SHOWN_FINDINGS)}</li>
        )}
      </ul>
      <label className="mb-1 flex min-h-9 items-center gap-2 text-sm">
        <input
          type="checkbox"
          checked={roster.header !== null}
          onChange={(event) => pasted.setHeaded(event.target.checked)}
        />{" "}
        {say.theFirstLineHoldsHeadings}
      </label>
      <div className="max-h-72 overflow-auto border border-rule">
        <table className="w-full text-left text-sm">
          <thead>
            <tr className="border-rule-strong border-b">
              <th className="px-2 py-1 font-normal text-soft">{say.line2}</th>
              {Array.from({ length: width }, (_, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: columns have no identity but their place
                <th key={i} className="px-1 py-1 font-normal">
                  <select
                    aria-label={say.whatColumn(i)}
                    className="w-full text-sm"
                    value={roster.columns[i] ?? ""}
                    onChange={(event) => pasted.assign(i, event.target.value)}
                  >
                    <option value="">{say.notUsed}</option>
                    {options(roster.columns[i] ?? "").map((column) => (
                      <option key={column} value={column}>
                        {column.replace(/_/gu, " ")}
                      </option>
                    ))}
                  </select>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {roster.rows.slice(0, SHOWN_ROWS).map((row) => (
              <tr key={row.line} className="border-rule border-b">
                <td className="px-2 py-1 text-soft">{row.line}</td>
                {Array.from({ length: width }, (_, i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: columns have no identity but their place
                  <td key={i} className="px-2 [overflow-wrap:anywhere]">
                    {row.fields[roster.columns[i] ?? ""] ?? ""}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}
