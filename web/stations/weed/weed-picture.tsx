/** The picture of what must remain: solid stays, dotted goes. Of a stencil the letters go, and field and insides stay. */
import { readPiecePath } from "@elm-basket/core/geometry/path.ts";
import { type WeedStart, weedStart } from "@elm-basket/core/weeding/start.ts";

export interface BenchPiece {
  readonly id: string;
  readonly vinyl: string;
  /** Insides to pick out; of a stencil they stay, and are counted as islands. */
  readonly counters: number;
  readonly islands: number;
  readonly small: boolean;
  readonly path: string;
}

interface Props {
  readonly pieces: readonly BenchPiece[];
  readonly vinyls: readonly { readonly id: string; readonly name: string; readonly colour: string }[];
  readonly label: string;
  readonly stencil: boolean;
  /** While the host says which pieces failed: they bear numbers and can be touched. */
  readonly picking: { readonly picked: ReadonlySet<string>; readonly onPick: (piece: string) => void } | null;
}

const PAD_MM = 5;

export function WeedPicture({ pieces, vinyls, label, stencil, picking }: Props) {
  const points = pieces.flatMap(({ path }) => [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/gu)].map((match) => [Number(match[1]), Number(match[2])] as const));
  if (points.length === 0) return <p className="py-10 text-lg">This seat has nothing to weed.</p>;
  const [minX, maxX] = [Math.min(...points.map((p) => p[0])) - PAD_MM, Math.max(...points.map((p) => p[0])) + PAD_MM];
  const [minY, maxY] = [Math.min(...points.map((p) => p[1])) - PAD_MM, Math.max(...points.map((p) => p[1])) + PAD_MM];
  const [w, h] = [maxX - minX, maxY - minY];
  const px = Math.max(w / 620, h / 420);
  const insides = pieces.flatMap((piece) => insidePoints(piece.path));
  const used = vinyls.filter((vinyl) => pieces.some((piece) => piece.vinyl === vinyl.id));
  return (
    <figure className="bg-paper p-4">
      <svg
        viewBox={`${minX - 2 * px} ${minY - 36 * px} ${w + 4 * px} ${h + 74 * px}`}
        className="max-h-[470px] w-full"
        role="img"
        aria-label={
          stencil ? `${label}: ${pieces.length} pieces are taken out, the field and ${insides.length} insides stay` : `${label}: ${pieces.length} pieces must remain, ${insides.length} insides go`
        }
      >
        <defs>
          <pattern id="goes-away" width={9 * px} height={9 * px} patternUnits="userSpaceOnUse">
            <circle cx={2 * px} cy={2 * px} r={0.9 * px} fill="var(--color-rule-strong)" />
          </pattern>
          <pattern id="taken-out" width={9 * px} height={9 * px} patternUnits="userSpaceOnUse">
            <rect width={9 * px} height={9 * px} fill="var(--color-paper)" />
            <circle cx={2 * px} cy={2 * px} r={0.9 * px} fill="var(--color-soft)" />
          </pattern>
        </defs>
        <rect
          x={minX}
          y={minY}
          width={w}
          height={h}
          fill={stencil ? (used[0]?.colour ?? "var(--color-rule)") : "url(#goes-away)"}
          stroke="var(--color-soft)"
          strokeWidth={1.4 * px}
          strokeDasharray={`${7 * px} ${5 * px}`}
        />
        {pieces.map((piece) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: the same pieces are buttons in the dialog that asks
          <path
            key={piece.id}
            d={piece.path}
            onClick={picking ? () => picking.onPick(piece.id) : undefined}
            className={picking ? "cursor-pointer" : undefined}
            fill={picking?.picked.has(piece.id) ? "var(--color-brick)" : stencil ? "url(#taken-out)" : (vinyls.find(({ id }) => id === piece.vinyl)?.colour ?? "var(--color-ink)")}
            fillRule="evenodd"
            stroke="var(--color-ink)"
            strokeOpacity="0.25"
            strokeWidth={0.7 * px}
            data-piece={piece.id}
          />
        ))}
        {picking
          ? pieces.map((piece, i) => (
              <Badge key={piece.id} at={middleOf(piece.path.split("M")[1] ?? "")} n={i + 1} px={px} tone={picking.picked.has(piece.id) ? "var(--color-brick)" : "var(--color-ink)"} />
            ))
          : insides.map(([x, y], i) => <Badge key={`${x}-${y}`} at={[x, y]} n={i + 1} px={px} tone="var(--color-ink)" />)}
        {!stencil && (
          <StartMark
            start={weedStart(
              pieces.map(({ path }) => readPiecePath(path)),
              { minX, minY, maxX, maxY },
              (i) => pieces[i]?.small ?? false,
            )}
            px={px}
          />
        )}
      </svg>
      <figcaption className="mt-3 flex flex-wrap justify-center gap-x-6 text-soft">
        <span>{stencil ? "dotted is taken out and painted; the film round it and its insides stay" : "dotted goes, solid stays"}</span>
        <span>about {(MM_PER_CSS_PX / px).toFixed(1)} × size</span>
        {used.map((vinyl) => (
          <span key={vinyl.id}>
            <span aria-hidden className="mr-1.5 inline-block size-3.5 border border-rule-strong align-[-2px]" style={{ background: vinyl.colour }} />
            {vinyl.name}
          </span>
        ))}
      </figcaption>
    </figure>
  );
}

/** Where peeling begins, and which way: an arrow from the corner inwards. */
function StartMark({ start: { corner, from }, px }: { start: WeedStart; px: number }) {
  const [sx, sy] = [corner.endsWith("Left") ? 1 : -1, corner.startsWith("top") ? 1 : -1];
  const line = { fill: "none", stroke: "var(--color-brick)", strokeWidth: 2.6 * px };
  return (
    <>
      <g transform={`translate(${from[0]} ${from[1]}) scale(${sx} ${sy})`}>
        <path d={`M${12 * px} ${-10 * px}Q${34 * px} ${-8 * px} ${44 * px} ${16 * px}`} {...line} />
        <path d={`M${50 * px} ${6 * px}L${44.5 * px} ${18 * px}L${34 * px} ${11 * px}`} {...line} />
      </g>
      <text x={from[0]} y={from[1] - sy * 18 * px} textAnchor={sx > 0 ? "start" : "end"} dominantBaseline={sy > 0 ? "auto" : "hanging"} fontSize={15 * px} fill="var(--color-brick)">
        start here, low and slow
      </text>
    </>
  );
}

/** A CSS pixel is a 96th of an inch. */
const MM_PER_CSS_PX = 25.4 / 96;

/** A mark for every inside: the middle of each ring after the first. */
const insidePoints = (path: string): [number, number][] =>
  path
    .split("M")
    .slice(2)
    .map(middleOf)
    .sort((a, b) => a[0] - b[0]);

/** Middle of a ring's box. */
function middleOf(ring: string): [number, number] {
  const points = [...ring.matchAll(/(-?[\d.]+) (-?[\d.]+)/gu)].map((match) => [Number(match[1]), Number(match[2])] as const);
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
  return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}

function Badge({ at: [x, y], n, px, tone }: { at: readonly [number, number]; n: number; px: number; tone: string }) {
  return (
    <g className="pointer-events-none">
      <circle cx={x} cy={y} r={8.5 * px} fill={tone} fillOpacity="0.9" stroke="var(--color-white)" strokeWidth={px} />
      <text x={x} y={y} fontSize={11 * px} fontWeight="700" fill="var(--color-white)" textAnchor="middle" dominantBaseline="central">
        {n}
      </text>
    </g>
  );
}
