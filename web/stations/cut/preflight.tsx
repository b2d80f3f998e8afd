"use client";

import type { PreflightLine } from "@elm-basket/core/cutting/preflight.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { SeverityMark } from "@/ui/marks.tsx";
import { sayPreflight } from "./preflight-words.ts";
import { preflightWords } from "./words.ts";

interface Props {
  readonly lines: readonly PreflightLine[];
  readonly unit: LengthUnit;
  readonly ticked: readonly string[];
  readonly reasons: Readonly<Record<string, string>>;
  readonly onTick: (ticked: readonly string[]) => void;
  readonly onReason: (reasons: Readonly<Record<string, string>>) => void;
}

/** Questions to tick, and stops to go past only with a reason. */
export function Preflight({ lines, unit, ticked, reasons, onTick, onReason }: Props) {
  const say = preflightWords();
  return (
    <ul>
      {lines.map((line) => {
        const words = sayPreflight(line, unit);
        return (
          <li key={line.code} className="border-rule border-b py-2">
            {line.kind === "ask" && (
              <label className="flex min-h-11 items-center gap-3">
                <input
                  type="checkbox"
                  className="shrink-0"
                  checked={ticked.includes(line.code)}
                  onChange={(event) =>
                    onTick(
                      event.target.checked
                        ? [...ticked, line.code]
                        : ticked.filter((code) => code !== line.code),
                    )
                  }
                />
                {words}
              </label>
            )}
            {line.kind === "pass" && (
              <p className="flex gap-3">
                <span className="w-5 shrink-0 text-center text-elm" aria-hidden>
                  ✓
                </span>
                {words}
              </p>
            )}
            {line.kind === "stop" && (
              <div className="grid gap-1">
                <p className="flex gap-3">
                  <span className="pt-1">
                    <SeverityMark severity="stop" />
                  </span>
                  {words}
                </p>
                <input
                  aria-label={say.reasonToGo(words)}
                  placeholder={say.orGoOnBecause}
                  maxLength={200}
                  value={reasons[line.code] ?? ""}
                  onChange={(event) => onReason({ ...reasons, [line.code]: event.target.value })}
                />
              </div>
            )}
          </li>
        );
      })}
    </ul>
  );
}
