"use client";

import { useEffect, useRef, useState } from "react";
import type { BenchPiece } from "./weed-picture.tsx";

const REASONS = ["lost", "torn", "folded on itself", "not cut through"];

interface LostProps {
  readonly vinyls: readonly { readonly id: string; readonly name: string }[];
  readonly pieces: readonly BenchPiece[];
  readonly picked: ReadonlySet<string>;
  readonly onPick: (piece: string) => void;
  readonly onTake: (reason: string, vinyl: string | null) => void;
  readonly onLeave: () => void;
}

/** In the column beside the picture, which it asks to be touched; below it on narrow screens. */
export function LostPiece({ vinyls, pieces, picked, onPick, onTake, onLeave }: LostProps) {
  const [vinyl, setVinyl] = useState("");
  const panel = useRef<HTMLDivElement>(null);
  useEffect(() => {
    panel.current?.focus({ preventScroll: true });
    panel.current?.scrollIntoView({ block: "nearest" });
  }, []);
  return (
    <div
      ref={panel}
      role="dialog"
      aria-label="Lost a piece"
      tabIndex={-1}
      onKeyDown={(event) => event.key === "Escape" && onLeave()}
      className="mt-3 scroll-mb-24 border-brick border-t-2 bg-brick-tint p-4 outline-none"
    >
      <p className="font-bold">Which pieces failed?</p>
      <p className="text-sm">{picked.size === 0 ? "Touch them on the picture. If none is touched, the whole kit is cut again." : `${picked.size} of ${pieces.length} to be cut again`}</p>
      {pieces.length > 1 && (
        <div className="mt-2 flex max-h-40 flex-wrap gap-1.5 overflow-y-auto">
          {pieces.map(({ id }, i) => (
            <button
              key={id}
              type="button"
              aria-pressed={picked.has(id)}
              aria-label={`Piece ${i + 1}`}
              onClick={() => onPick(id)}
              className={`min-h-11 min-w-11 rounded-card border-[1.5px] border-brick font-bold ${picked.has(id) ? "bg-brick text-white" : "bg-card text-brick"}`}
            >
              {i + 1}
            </button>
          ))}
        </div>
      )}
      {vinyls.length > 1 && picked.size === 0 && (
        <label className="mt-3 block">
          Which colour?
          <select className="mt-1 w-full" value={vinyl} onChange={(event) => setVinyl(event.target.value)}>
            <option value="">all of the kit</option>
            {vinyls.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
      <p className="mt-4 font-bold">What happened?</p>
      <p className="text-sm">It is laid at once, on a scrap if one is large enough.</p>
      <div className="mt-2 grid gap-2">
        {REASONS.map((reason) => (
          <button
            key={reason}
            type="button"
            className="min-h-11 rounded-card border-[1.5px] border-brick px-4 text-left font-bold text-brick hover:bg-card"
            onClick={() => onTake(reason, picked.size === 0 ? vinyl || null : null)}
          >
            {reason}
          </button>
        ))}
        <button type="button" className="verb min-h-11" onClick={onLeave}>
          Nothing, go on
        </button>
      </div>
    </div>
  );
}
