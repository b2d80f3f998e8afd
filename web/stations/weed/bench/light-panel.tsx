"use client";

import { useEffect, useState } from "react";
import type { FilmView } from "@/bench/film.ts";
import { Button } from "@/ui/button.tsx";
import { DialogShell, DialogTitle } from "@/ui/dialog-shell.tsx";
import { lightPanelWords } from "../words.ts";

/** Bank cards all over the world have this width (ISO/IEC 7810, ID-1), mm. */
const CARD_MM = 85.6;
const CARD_HEIGHT_MM = 53.98;
const RULER_MM = 100;
const KEY = "elm-px-per-mm";
const NOMINAL = 96 / 25.4;
/** No screen in use is coarser or finer than these. */
const [LEAST, MOST] = [2, 14];
/** Fine enough that a card fits to a fifth of a millimetre. */
const STEP = 0.01;

function keptScale(): number | null {
  try {
    const kept = Number(localStorage.getItem(KEY));
    return kept >= LEAST && kept <= MOST ? kept : null;
  } catch {
    return null;
  }
}

/** The screen as a light panel: the film is laid on it and compared, at true size. */
export function LightPanel({
  view,
  label,
  onClose,
}: {
  view: FilmView;
  label: string;
  onClose: () => void;
}) {
  const say = lightPanelWords();
  const [scale, setScale] = useState<number | null>(null);
  const [measuring, setMeasuring] = useState(false);
  const [dark, setDark] = useState(false);
  const [over, setOver] = useState(view.mirrored);
  useEffect(() => {
    const kept = keptScale();
    setScale(kept ?? NOMINAL);
    setMeasuring(kept === null);
  }, []);
  // A screen that dims is no light.
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    void navigator.wakeLock
      ?.request("screen")
      .then((held) => {
        lock = held;
      })
      .catch(() => undefined);
    return () => void lock?.release().catch(() => undefined);
  }, []);
  const [minX, minY, maxX, maxY] = view.box;
  const [w, h] = [maxX - minX, maxY - minY];
  const ground = dark ? "var(--color-ink)" : "var(--color-white)";
  const ink = dark ? "var(--color-white)" : "var(--color-ink)";
  return (
    <DialogShell
      open
      onOpenChange={(open) => open || onClose()}
      veil={null}
      className="inset-0 flex flex-col outline-none"
      style={{ background: ground, color: ink }}
    >
      <div
        className="flex flex-wrap items-center gap-3 p-3"
        style={{ background: "var(--color-card)", color: "var(--color-ink)" }}
      >
        <DialogTitle className="mr-auto text-lg">
          {say.howLargeIsThisScreen(measuring, label)}
        </DialogTitle>
        {!measuring && (
          <>
            <Button aria-pressed={over} onClick={() => setOver(!over)}>
              {say.turnOver}
            </Button>
            <Button aria-pressed={dark} onClick={() => setDark(!dark)}>
              {say.darkGround}
            </Button>
            <Button onClick={() => setMeasuring(true)}>{say.measureTheScreen}</Button>
          </>
        )}
        <Button tone="main" onClick={onClose}>
          {say.backToTheBench}
        </Button>
      </div>
      {scale !== null && measuring && (
        <Measure
          scale={scale}
          onScale={setScale}
          onDone={() => {
            try {
              localStorage.setItem(KEY, String(scale));
            } catch {
              // Without storage it is measured again next time.
            }
            setMeasuring(false);
          }}
        />
      )}
      {scale !== null && !measuring && (
        <div className="flex min-h-0 flex-1 items-center justify-center overflow-auto p-4">
          <svg
            width={w * scale}
            height={h * scale}
            viewBox={`${minX} ${minY} ${w} ${h}`}
            className="shrink-0 overflow-visible"
            role="img"
            aria-label={say.atTrueSize(label)}
            data-scale={scale}
          >
            <g transform={over ? `translate(${minX + maxX} 0) scale(-1 1)` : undefined}>
              <rect
                x={minX}
                y={minY}
                width={w}
                height={h}
                fill={view.out ? ink : "none"}
                stroke={ink}
                strokeWidth={0.3}
                strokeDasharray="2 1.4"
              />
              {view.pieces.map(({ id, path }) => (
                <path key={id} d={path} fillRule="evenodd" fill={view.out ? ground : ink} />
              ))}
            </g>
          </svg>
        </div>
      )}
    </DialogShell>
  );
}

/** Once a screen: a bank card or a ruler is held against it. */
function Measure({
  scale,
  onScale,
  onDone,
}: {
  scale: number;
  onScale: (scale: number) => void;
  onDone: () => void;
}) {
  const say = lightPanelWords();
  const [by, setBy] = useState<"card" | "ruler">("card");
  const nudge = (steps: number) =>
    onScale(Math.max(LEAST, Math.min(MOST, Math.round((scale + steps * STEP) / STEP) * STEP)));
  return (
    <div className="grid flex-1 content-start justify-items-center gap-5 overflow-auto bg-white p-5 text-ink">
      <p className="max-w-xl text-center">{say.holdABankCardAgainst(by)}</p>
      <svg
        width={(by === "card" ? CARD_MM : RULER_MM) * scale + 4}
        height={by === "card" ? CARD_HEIGHT_MM * scale + 4 : 40}
        className="shrink-0"
        role="img"
        aria-label={say.aFrameAsLarge(by)}
      >
        {by === "card" ? (
          <rect
            x={2}
            y={2}
            width={CARD_MM * scale}
            height={CARD_HEIGHT_MM * scale}
            rx={3.18 * scale}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth={2}
          />
        ) : (
          <path
            d={`M2 20H${2 + RULER_MM * scale}M2 6V34M${2 + RULER_MM * scale} 6V34`}
            stroke="var(--color-ink)"
            strokeWidth={2}
          />
        )}
      </svg>
      <div className="flex w-full max-w-xl items-center gap-3">
        <Button aria-label={say.smallerByAHair} onClick={() => nudge(-1)}>
          −
        </Button>
        <input
          type="range"
          min={LEAST}
          max={MOST}
          step={STEP}
          value={scale}
          onChange={(event) => onScale(Number(event.target.value))}
          aria-label={say.sizeOfTheFrame}
          className="flex-1"
        />
        <Button aria-label={say.largerByAHair} onClick={() => nudge(1)}>
          +
        </Button>
      </div>
      <div className="flex flex-wrap gap-3">
        <Button onClick={() => setBy(by === "card" ? "ruler" : "card")}>
          {say.useARulerUse(by)}
        </Button>
        <Button tone="main" onClick={onDone}>
          {say.itFits}
        </Button>
      </div>
    </div>
  );
}
