import Link from "next/link";
import type { CutUse, GoodUsed } from "@/data/class-use.ts";
import { goodsWords } from "@/ui/craft/goods.ts";
import { decimal } from "@/ui/figures.ts";
import { classUsedWords } from "./words.ts";

const MOST_SHOWN = 10;
const metres = (mm: number): string => `${decimal(mm / 1000, mm < 10_000 ? 1 : 0)} m`;

/** What the class took of the shelf, of blade and mats, and where what is left is counted. */
export function ClassUsed({ goods, cut }: { goods: readonly GoodUsed[]; cut: readonly CutUse[] }) {
  const say = classUsedWords();
  if (goods.length === 0 && cut.length === 0) return null;
  const all = cut.reduce((sum, { mm }) => sum + mm, 0);
  const mats = [...new Set(cut.flatMap((row) => row.mats))];
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-lg">{say.whatItTook}</h2>
      {goods.length > 0 && (
        <table className="w-full text-left text-sm tabular-nums">
          <thead className="text-soft">
            <tr className="border-rule-strong border-b">
              <th className="py-1 font-normal">{say.fromTheShelf}</th>
              <th className="text-right font-normal">{say.went}</th>
              <th className="text-right font-normal">{say.leftThere}</th>
            </tr>
          </thead>
          <tbody>
            {goods.slice(0, MOST_SHOWN).map((row) => (
              <tr key={`${row.name} ${row.unit}`} className="border-rule border-b">
                <th scope="row" className="py-1.5 font-normal">
                  {row.name}
                </th>
                <td className="text-right">{goodsWords().countedIn(row.used, row.unit)}</td>
                <td className={`text-right ${row.left < 0 ? "text-brick" : ""}`}>
                  {goodsWords().countedIn(row.left, "")}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {goods.length > MOST_SHOWN && (
        <p className="text-soft text-sm">{say.andMore(goods.length, MOST_SHOWN)}</p>
      )}
      {cut.length > 0 && (
        <p className="mt-2">
          {say.theBladeWent} {metres(all)} {say.through}{" "}
          {cut.map(({ film, loads }) => say.text(film, loads)).join(", ")}
          {mats.length > 0 ? say.on(mats.join(say.and)) : ""}.
        </p>
      )}
      <p className="mt-1">
        {say.whatCameBackUnused}{" "}
        <Link href="/shelf" className="verb">
          {say.countedOnTheShelf}
        </Link>
        {say.tapeBladeAndMatsUnder}{" "}
        <Link href="/shelf?tab=tools" className="verb">
          {say.tools}
        </Link>
        .
      </p>
    </section>
  );
}
