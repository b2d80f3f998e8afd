"use client";

import Link from "next/link";
import { FilmDot } from "@/ui/marks.tsx";
import { loadsListWords } from "./words.ts";

export interface Load {
  readonly nn: number;
  readonly film: string;
  readonly colour: string;
  readonly mat?: number;
  /** Labels of the scraps it is cut from; else its size as it is trimmed. */
  readonly scraps?: string;
  readonly size?: string;
  /** Whose kits are on it and how long it takes, or that it is cut. */
  readonly state: string;
}

/** Every load in the order of cutting, each as one large link. */
export function LoadsList({
  loads,
  chosen,
  classId,
  trim,
}: {
  readonly loads: readonly Load[];
  readonly chosen: number;
  readonly classId: string;
  readonly trim: boolean;
}) {
  const say = loadsListWords();
  return (
    <ol>
      {loads.map(({ nn, film, colour, mat, scraps, size, state }) => (
        <li
          key={nn}
          className={`border-rule border-b border-l-4 ${nn === chosen ? "border-l-elm bg-paper" : "border-l-transparent"}`}
        >
          <Link
            href={`/classes/${classId}/cut?load=${nn}`}
            className="flex gap-3 py-2.5 pl-2"
            aria-current={nn === chosen ? "true" : undefined}
            scroll={false}
          >
            <span className="pt-1">
              <FilmDot colour={colour} size={26} />
            </span>
            <span className="text-sm">
              <span className="block font-bold text-base">
                {nn} · {film}
              </span>
              {mat !== undefined && <span className="block">{say.onMat(mat)}</span>}
              <span className="block">
                {scraps === undefined ? (
                  <>
                    {say.trimWholeSheet(trim)} <b>{size}</b>
                  </>
                ) : (
                  say.scraps(scraps)
                )}
              </span>
              <span className="block text-soft">{state}</span>
            </span>
          </Link>
        </li>
      ))}
    </ol>
  );
}
