/**
 * What each seat makes, standing on one line at one scale: every thing on its blank, with the
 * design of one seat.
 */
import { faceOutline } from "@elm-basket/core/blanks/face.ts";
import { heightOfBlank, seenOn } from "@elm-basket/core/blanks/on-blank.ts";
import { drawnFace, type FaceReading, readFace } from "@elm-basket/core/blanks/read-face.ts";
import { frontSize } from "@elm-basket/core/blanks/shape-size.ts";
import type { ClassDocument, Thing } from "@elm-basket/core/document/document.ts";
import { thingDocument } from "@elm-basket/core/document/thing-document.ts";
import { drawingPath, readPiecePath, ringPath } from "@elm-basket/core/geometry/path.ts";
import { boxOfPoints, type Polygons } from "@elm-basket/core/geometry/polygon.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import Link from "next/link";
import { withStudio } from "@/data/client.ts";
import { type PieceRow, piecesOfSeat } from "@/data/making.ts";
import { silhouette } from "@/ui/blank-sketch.tsx";
import { techniqueWords } from "@/ui/craft/techniques.ts";
import { showSize } from "@/ui/figures.ts";
import { labelsOf } from "./labels.ts";
import type { Loaded } from "./load.ts";
import { upperHalves } from "./stored-faces.ts";
import { setLineWords } from "./words.ts";

interface Props {
  readonly studioId: string;
  readonly classId: string;
  readonly document: ClassDocument;
  readonly labels: Readonly<Record<string, string>>;
  readonly unit: LengthUnit;
  /** The thing that is worked on; none where all are looked at. */
  readonly here?: string;
  /** Where a thing leads to; the thing is a word in the address. */
  readonly path: string;
  /** How much room there is: the whole width, or a column. */
  readonly room?: keyof typeof LINE_BY_HEIGHT;
  /** Where the next seat is looked at, when that is elsewhere. */
  readonly stay?: string;
  /** For whom it is drawn; the first seat where nothing is said. */
  readonly seat?: string | undefined;
}

/**
 * Width of the line to the tallest thing: some 150 px high across a laptop, so that the bench below
 * stays in sight; taller in a column.
 */
const LINE_BY_HEIGHT = { wide: 8.5, column: 4 };
/** Drawn some 200 px high: a fifth of a millimetre of a tag cannot be seen. */
const DETAIL_SHARE = 1 / 1500;

/** A class of one thing has nothing to set side by side. */
export async function SetLine({
  studioId,
  classId,
  document,
  labels,
  unit,
  here,
  path,
  stay = path,
  room = "wide",
  seat,
}: Props) {
  const say = setLineWords();
  const { things, seats } = document;
  if (things.length < 2) return null;
  const shown = seats.find((row) => row.seat === seat) ?? seats[0];
  // Of alternatives a seat makes one; the others are drawn for the first seat that makes them.
  const seatOf = (id: string) => {
    const making = thingDocument(document, id).seats;
    return (making.find((row) => row.seat === shown?.seat) ?? making[0])?.seat;
  };
  const wanted = [...new Set(things.flatMap(({ id }) => seatOf(id) ?? []))];
  const pieces = await withStudio(studioId, async (sql) => {
    const found = new Map<string, PieceRow[]>();
    for (const one of wanted) found.set(one, await piecesOfSeat(sql, classId, one));
    return found;
  });
  const drawn = things.map((thing) =>
    drawThing(
      thing,
      document,
      (pieces.get(seatOf(thing.id) ?? "") ?? []).filter(
        (piece) => piece.thing === thing.id && piece.copy === 1,
      ),
    ),
  );
  const tallest = Math.max(...drawn.map(({ height }) => height));
  const columns = columnsOf(
    drawn.map(({ width }) => width),
    tallest * LINE_BY_HEIGHT[room],
  );
  const next =
    shown && seats.length > 1 ? seats[(seats.indexOf(shown) + 1) % seats.length] : undefined;
  return (
    <section aria-label={say.theSetOnOneLine} className="mb-4 overflow-x-auto">
      <nav
        aria-label={say.things}
        className="grid"
        style={{
          gridTemplateColumns: columns.map((width) => `${width.toFixed(1)}fr`).join(" "),
          minWidth: things.length * 84,
        }}
      >
        {things.map((thing, i) => (
          <Link
            key={thing.id}
            href={`${path}?thing=${thing.id}${shown && seat ? `&seat=${encodeURIComponent(shown.seat)}` : ""}`}
            aria-current={thing.id === here ? "page" : undefined}
            className={`block min-w-0 border-b-[3px] pb-1 text-center ${thing.id === here ? "border-elm" : "border-transparent hover:border-rule-strong"}`}
          >
            <Standing
              drawn={drawn[i] as Drawn}
              column={columns[i] ?? 1}
              tallest={tallest}
              name={thing.title}
            />
            <span
              className={`block px-1 leading-tight [overflow-wrap:anywhere] ${thing.id === here ? "font-bold text-ink" : "text-ink"}`}
            >
              {thing.title}
              {thing.perSeat > 1 && thing.sideOf === undefined ? ` × ${thing.perSeat}` : ""}
            </span>
            <span className="block px-1 text-soft text-sm leading-tight">
              {wordsOf(thing, things, unit)}
            </span>
          </Link>
        ))}
      </nav>
      {shown && (
        <p className="mt-1 text-soft text-sm">
          {say.toOneScaleDrawn}{" "}
          <b className="font-bold text-ink">{labels[shown.seat] ?? say.seat(shown.seat)}</b>
          {next && (
            <>
              {" · "}
              <Link
                className="verb"
                href={`${stay}?${here ? `thing=${here}&` : ""}seat=${encodeURIComponent(next.seat)}`}
                scroll={false}
              >
                {say.next}
              </Link>
            </>
          )}
        </p>
      )}
    </section>
  );
}

interface ThingLineProps {
  readonly loaded: Loaded;
  readonly id: string;
  readonly station: "measure" | "letter";
  readonly here: string;
  readonly seat?: string | undefined;
}

/**
 * The set across a station that works on one thing at a time; also of a class that cannot be
 * planned.
 */
export function ThingLine({ loaded, id, station, here, seat }: ThingLineProps) {
  const { host } = loaded.ok ? loaded.data : loaded;
  const { document } = loaded.ok ? loaded.data.planned : loaded.stored;
  const labels = loaded.ok ? labelsOf(loaded.data.planned.plan) : {};
  return (
    <SetLine
      studioId={host.studioId}
      classId={id}
      document={document}
      labels={labels}
      unit={host.studio.unit}
      here={here}
      path={`/classes/${id}/${station}`}
      seat={seat}
    />
  );
}

function wordsOf(thing: Thing, things: readonly Thing[], unit: LengthUnit): string {
  const say = setLineWords();
  const words = [
    showSize(frontSize(thing.blank.shape), unit),
    say.madeAs(techniqueWords().TECHNIQUE_WORDS[thing.technique].name),
  ];
  if (thing.sideOf)
    words.push(say.otherSide(things.find(({ id }) => id === thing.sideOf)?.title, thing.sideOf));
  if (thing.choice) words.push(say.oneOfTheseEach);
  return words.join(", ");
}

interface Drawn {
  /** As it stands, mm. */
  readonly width: number;
  readonly height: number;
  readonly outline: string;
  readonly colour: string;
  readonly layers: readonly { readonly colour: string; readonly path: string }[];
  /** From the drawing's own origin to the middle of its foot. */
  readonly foot: readonly [number, number];
}

function drawThing(
  { blank }: Thing,
  { vinyls }: Pick<ClassDocument, "vinyls">,
  pieces: readonly PieceRow[],
): Drawn {
  let reading: FaceReading;
  try {
    reading = readFace(blank);
  } catch {
    // What leaves no face is told at Measure; here it is drawn without one.
    reading = readFace({
      ...blank,
      handle: undefined,
      reserve: [],
      margin: { rule: "byHand", mm: 0 },
    });
  }
  const round = heightOfBlank(reading) > 0;
  const ring = round ? silhouette(reading) : outlineOf(reading);
  const box = boxOfPoints(ring);
  const detail = Math.max(box.maxX - box.minX, box.maxY - box.minY) * DETAIL_SHARE;
  const once = blank.handle?.school === "both" ? upperHalves(pieces) : pieces;
  const colours = new Map(vinyls.map(({ id, colour }) => [id, colour]));
  const seen = (polygons: Polygons) => (round ? seenOn(reading, polygons, 0) : polygons);
  return {
    width: box.maxX - box.minX,
    height: box.maxY - box.minY,
    outline: ringPath(ring),
    colour: blank.colour,
    layers: [...new Set(once.map(({ vinyl }) => vinyl))].map((vinyl) => ({
      colour: colours.get(vinyl) ?? "",
      path: drawingPath(
        seen(once.filter((piece) => piece.vinyl === vinyl).map(({ path }) => readPiecePath(path))),
        detail,
      ),
    })),
    foot: [(box.minX + box.maxX) / 2, box.maxY],
  };
}

/**
 * The whole piece: what is kept for trimmings belongs to it, the unrolled face of a cup does not.
 */
function outlineOf(reading: FaceReading) {
  const { width, height } = frontSize(reading.shape);
  const face = drawnFace(reading);
  return reading.shape.kind === "flat" || reading.shape.kind === "roundedFlat"
    ? faceOutline(
        reading.shape.kind === "flat"
          ? { kind: "rect", width, height }
          : { kind: "roundedRect", width, height, radius: reading.shape.radius },
      )
    : face;
}

/**
 * Room on the line for each, mm: equal where all fit, otherwise by their widths; never so little
 * that a name has no room.
 */
function columnsOf(widths: readonly number[], least: number): number[] {
  const wanted = widths.map((width) => width * 1.15);
  const whole = Math.max(
    least,
    wanted.reduce((sum, width) => sum + width, 0),
  );
  const equal = whole / widths.length;
  return wanted.every((width) => width <= equal)
    ? wanted.map(() => equal)
    : wanted.map((width) => Math.max(width, equal * 0.6));
}

function Standing({
  drawn,
  column,
  tallest,
  name,
}: {
  drawn: Drawn;
  column: number;
  tallest: number;
  name: string;
}) {
  const line = tallest / 170;
  const [x, y] = drawn.foot;
  return (
    <svg
      viewBox={`${-column / 2} ${-tallest - line} ${column} ${tallest + 3 * line}`}
      className="block w-full"
      role="img"
      aria-label={setLineWords().inTrueProportion(name)}
    >
      <g transform={`translate(${-x} ${-y})`}>
        <path
          d={drawn.outline}
          fill={drawn.colour}
          stroke="var(--color-ink)"
          strokeWidth={line}
          strokeLinejoin="round"
        />
        {drawn.layers.map((layer) => (
          <path
            key={layer.colour + layer.path.length}
            d={layer.path}
            fill={layer.colour}
            fillRule="evenodd"
          />
        ))}
      </g>
      <line
        x1={-column / 2}
        x2={column / 2}
        y1={line}
        y2={line}
        stroke="var(--color-rule-strong)"
        strokeWidth={line}
      />
    </svg>
  );
}
