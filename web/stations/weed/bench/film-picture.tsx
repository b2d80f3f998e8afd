"use client";

import { readPiecePath } from "@elm-basket/core/geometry/path.ts";
import type { Point } from "@elm-basket/core/geometry/polygon.ts";
import { widestPlace } from "@elm-basket/core/geometry/widest-place.ts";
import { type PointerEvent, useMemo, useRef, useState, type WheelEvent } from "react";
import type { FilmView } from "@/bench/film.ts";
import { Button } from "@/ui/button.tsx";
import { decimal } from "@/ui/figures.ts";
import { filmPictureWords } from "../words.ts";
import { leadersOf } from "./leaders.ts";

interface Props {
  readonly view: FilmView;
  readonly label: string;
  /** Which film it is, and whose hands it is in. */
  readonly state: string;
  /** Insides that are ticked, by number. */
  readonly ticked: ReadonlySet<number>;
  readonly onTick: (n: number) => void;
  /** While it is said which pieces failed. */
  readonly picking: {
    readonly picked: ReadonlySet<string>;
    readonly onPick: (piece: string) => void;
  } | null;
  readonly onLight: () => void;
}

/** Rooms for numbers and words round the film, in parts of the picture's height. */
const MARGIN = 0.15;
const MOST_ZOOM = 12;
/** From the film's edge to the middle of the numbers beside it. */
const NUMBERS_PX = 21;
/** More numbers than this at once are a crowd: then the next one is shown alone. */
const MOST_LEADERS = 14;
/** A CSS pixel is a 96th of an inch. */
const MM_PER_CSS_PX = 25.4 / 96;
const NOMINAL_PX = 560;

export interface Inside {
  readonly at: Point;
  readonly radius: number;
}

/** Insides of all pieces, from left to right: what is ticked off one by one. */
export const insidesOf = ({ pieces }: Pick<FilmView, "pieces">): Inside[] =>
  pieces
    .flatMap(({ path }) =>
      readPiecePath(path)
        .slice(1)
        .map((ring) => widestPlace([ring])),
    )
    .sort((a, b) => a.at[0] - b.at[0]);

/** What must remain, at the height of the screen: pans, zooms, turns over. */
export function FilmPicture({ view, label, state, ticked, onTick, picking, onLight }: Props) {
  const say = filmPictureWords();
  const [zoom, setZoom] = useState(1);
  const [pan, setPan] = useState<Point>([0, 0]);
  const [over, setOver] = useState(view.mirrored);
  const frame = useRef<SVGSVGElement>(null);
  const pointers = useRef(new Map<number, Point>());
  const [minX, minY, maxX, maxY] = view.box;
  const [w, h] = [maxX - minX, maxY - minY];
  const pad = Math.max(h, w * 0.55) * MARGIN;
  const whole = { x: minX - pad, y: minY - pad, w: w + 2 * pad, h: h + 2 * pad };
  const px = Math.max(whole.w / 700, whole.h / NOMINAL_PX) / zoom;
  const seen = { w: whole.w / zoom, h: whole.h / zoom };
  const clamp = (value: number, room: number) => Math.max(-room / 2, Math.min(room / 2, value));
  const at: Point = [clamp(pan[0], whole.w - seen.w), clamp(pan[1], whole.h - seen.h)];
  const box = [
    whole.x + (whole.w - seen.w) / 2 + at[0],
    whole.y + (whole.h - seen.h) / 2 + at[1],
    seen.w,
    seen.h,
  ].join(" ");
  const zoomTo = (next: number) => setZoom(Math.max(1, Math.min(MOST_ZOOM, next)));
  const perPx = () =>
    seen.w / Math.max(1, frame.current?.getBoundingClientRect().width ?? NOMINAL_PX);
  const move = (event: PointerEvent) => {
    const before = pointers.current.get(event.pointerId);
    if (!before) return;
    const here: Point = [event.clientX, event.clientY];
    const others = [...pointers.current]
      .filter(([id]) => id !== event.pointerId)
      .map(([, point]) => point);
    const [other] = others;
    if (other) {
      const [was, is] = [
        Math.hypot(before[0] - other[0], before[1] - other[1]),
        Math.hypot(here[0] - other[0], here[1] - other[1]),
      ];
      if (was > 0) zoomTo((zoom * is) / was);
    } else if (zoom > 1)
      setPan([at[0] - (here[0] - before[0]) * perPx(), at[1] - (here[1] - before[1]) * perPx()]);
    pointers.current.set(event.pointerId, here);
  };
  const wheel = (event: WheelEvent) => zoomTo(zoom * (event.deltaY < 0 ? 1.2 : 1 / 1.2));
  const insides = useMemo(() => insidesOf(view), [view]);
  const flip = ([x, y]: Point): Point => (over ? [minX + maxX - x, y] : [x, y]);
  return (
    <figure className="flex h-full min-h-[300px] flex-col bg-paper">
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 px-3 pt-2">
        <p className="font-bold text-lg [overflow-wrap:anywhere]">
          {label} <span className="font-normal text-soft">{state}</span>
        </p>
        <span className="flex gap-2">
          <Button aria-label={say.smaller} onClick={() => zoomTo(zoom / 1.5)} disabled={zoom <= 1}>
            −
          </Button>
          <Button
            aria-label={say.larger}
            onClick={() => zoomTo(zoom * 1.5)}
            disabled={zoom >= MOST_ZOOM}
          >
            +
          </Button>
          <Button
            onClick={() => {
              setZoom(1);
              setPan([0, 0]);
            }}
            disabled={zoom === 1}
          >
            {say.wholeFilm}
          </Button>
          <Button aria-pressed={over} onClick={() => setOver(!over)}>
            {say.turnOver}
          </Button>
          <Button onClick={onLight}>{say.trueSize}</Button>
        </span>
      </div>
      <svg
        ref={frame}
        viewBox={box}
        className={`min-h-0 w-full flex-1 touch-none ${zoom > 1 ? "cursor-grab" : ""}`}
        role="img"
        aria-label={say.takenOutTheField(view.out, label, view.pieces.length, insides.length)}
        onWheel={wheel}
        onPointerDown={(event) =>
          pointers.current.set(event.pointerId, [event.clientX, event.clientY])
        }
        onPointerMove={move}
        onPointerUp={(event) => pointers.current.delete(event.pointerId)}
        onPointerLeave={(event) => pointers.current.delete(event.pointerId)}
        data-zoom={zoom.toFixed(2)}
      >
        <Patterns px={px} />
        <g transform={over ? `translate(${minX + maxX} 0) scale(-1 1)` : undefined}>
          <rect
            x={minX}
            y={minY}
            width={w}
            height={h}
            fill={view.out ? view.colour : "url(#bench-goes)"}
            stroke="var(--color-soft)"
            strokeWidth={1.4 * px}
            strokeDasharray={`${7 * px} ${5 * px}`}
          />
          {view.pieces.map((piece) => (
            // biome-ignore lint/a11y/noStaticElementInteractions: the same pieces are buttons in the panel that asks
            <path
              key={piece.id}
              d={piece.path}
              onClick={picking ? () => picking.onPick(piece.id) : undefined}
              className={picking ? "cursor-pointer" : undefined}
              fill={
                picking?.picked.has(piece.id)
                  ? "var(--color-brick)"
                  : view.out
                    ? "url(#bench-out)"
                    : view.colour
              }
              fillRule="evenodd"
              stroke="var(--color-ink)"
              strokeOpacity="0.35"
              strokeWidth={0.8 * px}
              data-piece={piece.id}
            />
          ))}
          {view.pieces
            .filter(({ small }) => small)
            .map((piece) => (
              <SmallRing key={piece.id} path={piece.path} px={px} />
            ))}
          {view.peel?.arms.map(({ root, tip }) => (
            <line
              key={`${root} ${tip}`}
              x1={root[0]}
              y1={root[1]}
              x2={tip[0]}
              y2={tip[1]}
              stroke="var(--color-ochre)"
              strokeWidth={2.2 * px}
              strokeDasharray={`${px} ${4 * px}`}
              strokeLinecap="round"
            />
          ))}
          {view.peel?.cuts.map(([[ax, ay], [bx, by]]) => (
            <line
              key={`${ax} ${ay}`}
              x1={ax}
              y1={ay}
              x2={bx}
              y2={by}
              stroke="var(--color-brick)"
              strokeWidth={1.6 * px}
              strokeDasharray={`${9 * px} ${4 * px} ${2 * px} ${4 * px}`}
            />
          ))}
          {view.lifts.map(({ at: [x, y], towards }) => (
            <Arrow
              key={`${x} ${y}`}
              from={[x, y]}
              direction={unit([towards[0] - x, towards[1] - y])}
              length={Math.max(
                9 * px,
                Math.min(24 * px, Math.hypot(towards[0] - x, towards[1] - y)),
              )}
              px={px}
            />
          ))}
        </g>
        {picking ? (
          <Numbers
            points={view.pieces.map(({ path }) => flip(middleOf(path)))}
            marked={(n) => picking.picked.has(view.pieces[n - 1]?.id ?? "")}
            tone="var(--color-brick)"
            whole={whole}
            pad={pad}
            px={px}
          />
        ) : (
          <Numbers
            points={insides.map((inside) => flip(inside.at))}
            marked={(n) => ticked.has(n)}
            tone="var(--color-elm)"
            whole={whole}
            pad={pad}
            px={px}
            onPress={onTick}
          />
        )}
        {view.peel && <Start peel={view.peel} flip={flip} over={over} px={px} />}
      </svg>
      <figcaption className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 px-3 pb-2 text-soft">
        <span>
          {say.text(view.out, over)}
          <span className="whitespace-nowrap">
            {" "}
            {say.aboutSize(decimal(MM_PER_CSS_PX / px, 1))}
          </span>
        </span>
      </figcaption>
    </figure>
  );
}

const unit = ([x, y]: Point): Point => {
  const length = Math.hypot(x, y) || 1;
  return [x / length, y / length];
};

export function Patterns({ px }: { px: number }) {
  return (
    <defs>
      <pattern id="bench-goes" width={9 * px} height={9 * px} patternUnits="userSpaceOnUse">
        <circle cx={2 * px} cy={2 * px} r={0.9 * px} fill="var(--color-rule-strong)" />
      </pattern>
      <pattern id="bench-out" width={9 * px} height={9 * px} patternUnits="userSpaceOnUse">
        <rect width={9 * px} height={9 * px} fill="var(--color-paper)" />
        <circle cx={2 * px} cy={2 * px} r={0.9 * px} fill="var(--color-soft)" />
      </pattern>
    </defs>
  );
}

/** A small part is held down as the waste passes. */
function SmallRing({ path, px }: { path: string; px: number }) {
  const [x, y, r] = roundOf(path);
  return (
    <circle
      cx={x}
      cy={y}
      r={r + 5 * px}
      fill="none"
      stroke="var(--color-ochre)"
      strokeWidth={2 * px}
      strokeDasharray={`${4 * px} ${3 * px}`}
    />
  );
}

function Arrow({
  from: [x, y],
  direction: [dx, dy],
  length,
  px,
}: {
  from: Point;
  direction: Point;
  length: number;
  px: number;
}) {
  const [tx, ty] = [x + dx * length, y + dy * length];
  const head = Math.min(8 * px, length * 0.6);
  const wing = (side: 1 | -1) =>
    `${tx - dx * head - side * dy * head * 0.6} ${ty - dy * head + side * dx * head * 0.6}`;
  return (
    <path
      d={`M${x} ${y}L${tx} ${ty}M${wing(1)}L${tx} ${ty}L${wing(-1)}`}
      fill="none"
      stroke="var(--color-brick)"
      strokeWidth={2.6 * px}
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  );
}

/** Where peeling begins, and which way: an arrow that runs into the film. */
function Start({
  peel,
  flip,
  over,
  px,
}: {
  peel: NonNullable<FilmView["peel"]>;
  flip: (point: Point) => Point;
  over: boolean;
  px: number;
}) {
  const say = filmPictureWords();
  const from = flip(peel.from);
  const direction: Point = over ? [-peel.direction[0], peel.direction[1]] : peel.direction;
  const [left, top] = [peel.corner.endsWith(say.left) !== over, peel.corner.startsWith("top")];
  const [sx, sy] = [left ? 1 : -1, top ? 1 : -1];
  const begin: Point = [from[0] + sx * 10 * px, from[1] + sy * 10 * px];
  return (
    <g data-start={peel.corner}>
      <circle cx={from[0]} cy={from[1]} r={5 * px} fill="var(--color-brick)" />
      <Arrow from={begin} direction={direction} length={46 * px} px={px} />
      <text
        x={from[0]}
        y={from[1] - sy * 38 * px}
        textAnchor={left ? "start" : "end"}
        dominantBaseline={top ? "auto" : "hanging"}
        fontSize={15 * px}
        fill="var(--color-brick)"
      >
        {say.startHereLowAndSlow}
      </text>
    </g>
  );
}

interface NumbersProps {
  readonly points: readonly Point[];
  readonly marked: (n: number) => boolean;
  readonly tone: string;
  readonly whole: {
    readonly x: number;
    readonly y: number;
    readonly w: number;
    readonly h: number;
  };
  readonly pad: number;
  readonly px: number;
  readonly onPress?: (n: number) => void;
}

/**
 * Numbers stand beside the film, each with a line to what it numbers; of many only the next that is
 * not ticked.
 */
function Numbers({ points, marked, tone, whole, pad, px, onPress }: NumbersProps) {
  const all = leadersOf(points, {
    minX: whole.x + 12 * px,
    maxX: whole.x + whole.w - 12 * px,
    above: whole.y + pad - NUMBERS_PX * px,
    below: whole.y + whole.h - pad + NUMBERS_PX * px,
    apart: 24 * px,
  });
  const next = all.find(({ n }) => !marked(n));
  const shown = all.length <= MOST_LEADERS ? all : next ? [next] : [];
  return (
    <>
      {shown.map(({ n, at, label }) => (
        // biome-ignore lint/a11y/noStaticElementInteractions: the same numbers are buttons beside the picture
        <g
          key={n}
          onClick={onPress ? () => onPress(n) : undefined}
          className={onPress ? "cursor-pointer" : "pointer-events-none"}
        >
          <line
            x1={label[0]}
            y1={label[1]}
            x2={at[0]}
            y2={at[1]}
            stroke="var(--color-ink)"
            strokeWidth={px}
            strokeOpacity={marked(n) ? 0.25 : 0.7}
          />
          <circle
            cx={at[0]}
            cy={at[1]}
            r={2.6 * px}
            fill="var(--color-white)"
            stroke="var(--color-ink)"
            strokeWidth={1.2 * px}
          />
          <circle
            cx={label[0]}
            cy={label[1]}
            r={10.5 * px}
            fill={marked(n) ? tone : "var(--color-paper)"}
            stroke={marked(n) ? tone : "var(--color-ink)"}
            strokeWidth={1.6 * px}
          />
          <text
            x={label[0]}
            y={label[1]}
            fontSize={12.5 * px}
            fontWeight="700"
            fill={marked(n) ? "var(--color-white)" : "var(--color-ink)"}
            textAnchor="middle"
            dominantBaseline="central"
          >
            {n}
          </text>
        </g>
      ))}
    </>
  );
}

function middleOf(path: string): Point {
  const polygon = readPiecePath(path);
  return widestPlace(polygon).at;
}

function roundOf(path: string): [number, number, number] {
  const [outer = []] = readPiecePath(path);
  const [xs, ys] = [outer.map(([x]) => x), outer.map(([, y]) => y)];
  const [x, y] = [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
  return [x, y, Math.max(...outer.map((point) => Math.hypot(point[0] - x, point[1] - y)))];
}
