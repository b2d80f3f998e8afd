"use client";

import { factsOf } from "@elm-basket/core/stock/film-of.ts";
import type { Good } from "@elm-basket/core/stock/good.ts";
import { filmUnit } from "@elm-basket/core/stock/good-kinds.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import {
  createColumnHelper,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  type SortingState,
  useReactTable,
} from "@tanstack/react-table";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import { newFilm } from "../frame/new-film.ts";
import { saveGood } from "./actions.ts";
import { GoodPanel } from "./good-panel.tsx";
import { GoodInHand, GoodLine, GRID } from "./good-row.tsx";
import type { ShelfGood, Tab } from "./shelf-view.ts";
import { useGood } from "./use-good.ts";
import { goodsBenchWords } from "./words.ts";

interface Props {
  readonly goods: readonly ShelfGood[];
  readonly tab: Exclude<Tab, "scraps">;
  readonly unit: LengthUnit;
  readonly currency: string;
}

const column = createColumnHelper<ShelfGood>();
const columnsSaid = () => [
  column.accessor("name", { header: goodsBenchWords().good, sortingFn: "text" }),
  column.accessor("onHand", { header: goodsBenchWords().here }),
  column.accessor(({ wanted }) => wanted.amount, {
    id: "wanted",
    header: goodsBenchWords().wantedByTheClassesAhead,
  }),
  column.accessor("free", { header: goodsBenchWords().free }),
  column.accessor(({ reorderAt }) => reorderAt ?? 0, {
    id: "keep",
    header: goodsBenchWords().keep,
  }),
  column.accessor(({ offers }) => offers[0]?.price ?? -1, {
    id: "price",
    header: goodsBenchWords().price,
  }),
];
const NARROW: ReadonlySet<string> = new Set(["wanted", "keep", "price"]);

/** So many lines are drawn at once; what is looked for is found by typing. */
const MOST_LINES = 200;

/** The goods of one tab: a table whose row in hand turns to white paper. */
export function GoodsBench({ goods, tab, unit, currency }: Props) {
  const say = goodsBenchWords();
  const router = useRouter();
  const [find, setFind] = useState("");
  const [sorting, setSorting] = useState<SortingState>([]);
  const [inHand, setInHand] = useState<string | null>(null);
  const [said, setSaid] = useState("");
  const [busy, start] = useTransition();
  const table = useReactTable({
    data: goods as ShelfGood[],
    columns: columnsSaid(),
    state: { sorting, globalFilter: find },
    onSortingChange: setSorting,
    globalFilterFn: (row, _, text: string) =>
      `${row.original.name} ${row.original.kind} ${row.original.offers.map(({ shop }) => shop).join(" ")}`
        .toLowerCase()
        .includes(text.trim().toLowerCase()),
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
    getRowId: ({ id }) => id,
  });
  const rows = table.getRowModel().rows;
  const add = () =>
    start(async () => {
      const answer = await saveGood(null, fresh(tab, goods), 0, null);
      if (!answer.ok)
        return setSaid(answer.reason === "invalid" ? answer.message : say.itCouldNotBePut);
      setSaid("");
      setFind("");
      setInHand(answer.id);
      router.refresh();
    });
  return (
    <section aria-label={say.filmToolsGoods(tab)} aria-busy={busy}>
      <div className={`${GRID} border-rule-strong border-b text-soft text-sm`}>
        {table.getFlatHeaders().map((header) => (
          <button
            key={header.id}
            type="button"
            aria-label={say.orderBy(String(header.column.columnDef.header))}
            className={`min-h-9 ${header.id === "name" || header.id === "wanted" ? "text-left" : "text-right"} ${NARROW.has(header.id) ? "hidden md:block" : ""} hover:underline`}
            onClick={header.column.getToggleSortingHandler()}
          >
            {String(header.column.columnDef.header)}
            {{ asc: " ↑", desc: " ↓" }[String(header.column.getIsSorted())] ?? ""}
          </button>
        ))}
      </div>
      {rows
        .slice(0, MOST_LINES)
        .map(({ original }) =>
          original.id === inHand ? (
            <Held
              key={original.id}
              good={original}
              unit={unit}
              currency={currency}
              onClose={() => setInHand(null)}
            />
          ) : (
            <GoodLine
              key={original.id}
              good={original}
              unit={unit}
              currency={currency}
              onOpen={() => setInHand(original.id)}
            />
          ),
        )}
      {rows.length > MOST_LINES && (
        <p className="py-3 text-soft">{say.moreTypeWhatYouLook(rows.length, MOST_LINES)}</p>
      )}
      {rows.length === 0 && (
        <p className="py-4 text-soft">{say.nothingHereIsCalledNothing(find)}</p>
      )}
      <div className="mt-2 flex flex-wrap items-center gap-x-6 gap-y-2">
        <button type="button" className="verb min-h-11" disabled={busy} onClick={add}>
          {say.putAFilm(tab)}
        </button>
        <label className="flex items-center gap-2 text-soft text-sm">
          {say.find}
          <input
            type="search"
            className="min-h-10 w-40"
            value={find}
            onChange={(event) => setFind(event.target.value)}
          />
        </label>
        <p role="status" className="text-brick text-sm">
          {said}
        </p>
      </div>
    </section>
  );
}

function Held({
  good,
  ...rest
}: {
  good: ShelfGood;
  unit: LengthUnit;
  currency: string;
  onClose: () => void;
}) {
  const editor = useGood(good);
  return (
    <div className="-mx-3 border-elm border-l-4 bg-paper px-3 py-3" data-in-hand>
      <GoodInHand good={good} editor={editor} {...rest} />
      <GoodPanel good={good} editor={editor} unit={rest.unit} currency={rest.currency} />
    </div>
  );
}

/** Something to begin with, under a name that nothing has yet. */
function fresh(tab: Props["tab"], goods: readonly ShelfGood[]): Good {
  const stem = goodsBenchWords().newFilmNewToolNew(tab);
  const taken = new Set(goods.map(({ name }) => name));
  const name =
    [stem, ...Array.from({ length: goods.length + 1 }, (_, i) => `${stem} ${i + 2}`)].find(
      (one) => !taken.has(one),
    ) ?? stem;
  if (tab !== "film")
    return { kind: tab === "tools" ? "tool" : "consumable", name, unit: "piece", offers: [] };
  const film = newFilm([]);
  return { kind: "film", name, unit: filmUnit(film.stock), film: factsOf(film), offers: [] };
}
