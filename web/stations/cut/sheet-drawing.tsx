import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { SVGProps } from "react";
import type { SheetKitMeta, SheetRow } from "@/data/making.ts";
import { Dimension, Hatch } from "@/ui/dimension.tsx";
import { showLength } from "@/ui/figures.ts";
import type { ByHand } from "./use-by-hand.ts";
import { sheetDrawingWords } from "./words.ts";

const DRAWN_PX = 560;

interface Props {
  readonly sheet: SheetRow;
  readonly colour: string;
  readonly film: string;
  readonly unit: LengthUnit;
  readonly bin: { readonly width: number; readonly height: number };
  /** Whether the outlines have come. */
  readonly drawn: boolean;
  /** Pieces cut so far; null when the whole load is. */
  readonly cut: ReadonlySet<string> | null;
  /** The piece that was cut last, while the blade moves. */
  readonly current: string | undefined;
  readonly flawed: ReadonlySet<string>;
  /** Weed boxes are cut round the kits. */
  readonly straight: boolean;
  /** Where kits may be moved by hand. */
  readonly hand: ByHand | null;
}

/**
 * The load as it lies: vinyl or scraps in true proportion, the rest of the mat hatched, the corner
 * to align to marked.
 */
export function SheetDrawing({
  sheet,
  drawn,
  colour,
  film,
  unit,
  bin,
  cut,
  current,
  flawed,
  straight,
  hand,
}: Props) {
  const say = sheetDrawingWords();
  const { meta } = sheet;
  const scraps = meta.scraps.length > 0;
  const shownHeight = scraps
    ? meta.height
    : Math.min(Math.max(bin.height, meta.height), Math.max(meta.height, meta.width * 1.25));
  const rest = shownHeight - meta.height;
  const px = Math.max(bin.width + 60, shownHeight) / DRAWN_PX;
  const edge = { left: 46 * px, top: 40 * px, right: 14 * px, bottom: 14 * px };
  const width = Math.max(bin.width, meta.width);
  // White films are drawn on a tinted backing, as they are sold.
  const pale = luminance(colour) > 0.8;
  const paper = pale ? "var(--color-backing)" : "var(--color-white)";
  return (
    <figure aria-busy={!drawn}>
      <svg
        viewBox={`${-edge.left} ${-edge.top} ${width + edge.left + edge.right} ${shownHeight + edge.top + edge.bottom}`}
        className="max-h-[620px] w-full"
        role="img"
        aria-label={say.loadKits(
          sheet.nn,
          film,
          meta.kits.length,
          scraps
            ? say.text(meta.scraps.length)
            : say.by(showLength(meta.width, unit), showLength(meta.height, unit)),
        )}
      >
        <defs>
          <Hatch id="rest" px={px} />
        </defs>
        <rect
          x="0"
          y="0"
          width={width}
          height={shownHeight}
          fill="url(#rest)"
          stroke="var(--color-rule-strong)"
          strokeWidth={px}
          strokeDasharray={`${6 * px} ${4 * px}`}
        />
        {!scraps && (
          <rect
            x="0"
            y="0"
            width={meta.width}
            height={meta.height}
            fill={paper}
            stroke="var(--color-ink)"
            strokeWidth={1.4 * px}
          />
        )}
        {meta.scraps.map(({ label, path }) => (
          <path
            key={label}
            d={path}
            fill={paper}
            fillRule="evenodd"
            stroke="var(--color-ink)"
            strokeWidth={1.4 * px}
          />
        ))}
        {scraps && (
          <path
            d={meta.usable}
            fill="none"
            stroke="var(--color-rule-strong)"
            strokeWidth={0.8 * px}
            strokeDasharray={`${3 * px} ${3 * px}`}
          />
        )}
        {meta.kits.map((kit) => (
          <DrawnKit
            key={kit.name}
            kit={kit}
            colour={colour}
            px={px}
            cut={cut}
            current={current}
            flawed={flawed}
            drawn={drawn}
            boxed={!scraps && straight}
            pale={pale}
            hand={hand}
          />
        ))}
        {meta.scraps.map(({ label, at: [x, y] }) => {
          const tag = { width: (label.length * 8.5 + 10) * px, height: 20 * px };
          return (
            <g key={label}>
              <rect
                x={x - tag.width / 2}
                y={y - tag.height / 2}
                width={tag.width}
                height={tag.height}
                fill="var(--color-ink)"
              />
              <text
                x={x}
                y={y + 5 * px}
                textAnchor="middle"
                fontSize={14 * px}
                fontWeight="700"
                fill="var(--color-white)"
              >
                {label}
              </text>
            </g>
          );
        })}
        <path
          d={`M${-4 * px} ${34 * px}V${-4 * px}H${34 * px}`}
          fill="none"
          stroke="var(--color-elm)"
          strokeWidth={6 * px}
        />
        <Dimension
          from={0}
          to={meta.width}
          at={-22 * px}
          text={showLength(meta.width, unit)}
          px={px}
        />
        <Dimension
          from={0}
          to={meta.height}
          at={-26 * px}
          text={showLength(meta.height, unit)}
          px={px}
          vertical
        />
        {rest > 40 * px && !scraps && (
          <text
            x={width / 2}
            y={meta.height + rest / 2}
            textAnchor="middle"
            fontSize={16 * px}
            fill="var(--color-soft)"
            stroke="var(--color-card)"
            strokeWidth={5 * px}
            paintOrder="stroke"
          >
            {say.staysOnTheRollStays(meta.stock)}
          </text>
        )}
      </svg>
      <figcaption className="mt-1 text-center text-soft text-sm">
        {say.layEachScrap(scraps)}
        {cut !== null && cut.size > 0 && say.solidCutPaleStill}
      </figcaption>
    </figure>
  );
}

interface KitProps extends Pick<Props, "drawn" | "cut" | "current" | "flawed" | "colour" | "hand"> {
  readonly kit: SheetKitMeta;
  readonly px: number;
  readonly boxed: boolean;
  readonly pale: boolean;
}

function DrawnKit({ kit, drawn, colour, px, cut, current, flawed, boxed, pale, hand }: KitProps) {
  const chosen = hand?.chosen === kit.name;
  const begun = cut !== null && cut.size > 0;
  const frame = hand
    ? heldFrame(hand, chosen, px)
    : boxed
      ? weedFrame(cut === null, pale, px)
      : null;
  return (
    <g
      {...(hand
        ? {
            onPointerDown: (event) => hand.grab(event, kit.name),
            style: { cursor: "grab", touchAction: "none" },
          }
        : {})}
      {...(hand && chosen && hand.moved ? { transform: shownAway(hand.away, kit) } : {})}
    >
      <title>{kit.label}</title>
      {frame && <rect x={kit.x} y={kit.y} width={kit.width} height={kit.height} {...frame} />}
      {!drawn && (
        <rect
          x={kit.x}
          y={kit.y}
          width={kit.width}
          height={kit.height}
          fill={colour}
          fillOpacity={0.12}
        />
      )}
      {kit.pieces.map(({ id, path }) => (
        <path
          key={id}
          d={path}
          fill={colour}
          fillRule="evenodd"
          fillOpacity={begun && !cut.has(id) ? 0.35 : 1}
          stroke={
            flawed.has(id) ? "var(--color-brick)" : id === current ? "var(--color-elm)" : "none"
          }
          strokeWidth={2.5 * px}
        />
      ))}
      {kit.marks && (
        <path d={kit.marks} fill="none" stroke="var(--color-ink)" strokeWidth={1.2 * px} />
      )}
    </g>
  );
}

/** Round a kit that may be moved: seen when it is chosen, felt by the pointer always. */
function heldFrame(hand: ByHand, chosen: boolean, px: number): SVGProps<SVGRectElement> {
  if (!chosen) return { fill: "transparent" };
  const colour = hand.clash ? "brick" : "elm";
  return {
    fill: `var(--color-${colour}-tint)`,
    stroke: `var(--color-${colour})`,
    strokeWidth: 2 * px,
  };
}

/** The weed box that is cut round a kit. */
function weedFrame(done: boolean, pale: boolean, px: number): SVGProps<SVGRectElement> {
  return {
    fill: done ? "var(--color-elm-tint)" : "none",
    fillOpacity: 0.6,
    stroke: pale ? "var(--color-ink)" : "var(--color-faint)",
    strokeWidth: 0.9 * px,
    strokeDasharray: `${4 * px} ${3 * px}`,
  };
}

function shownAway(
  { dx, dy, turn }: ByHand["away"],
  { x, y, width, height }: SheetKitMeta,
): string {
  return `translate(${dx} ${dy}) rotate(${turn} ${x + width / 2} ${y + height / 2})`;
}

function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map(
    (at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255,
  );
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
