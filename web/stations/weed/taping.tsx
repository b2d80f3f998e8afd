import type { TapingWay } from "@elm-basket/core/proposal/taping.ts";
import { counted } from "@elm-basket/core/units/counted.ts";
import { showLength, showSize } from "@elm-basket/core/units/length.ts";
import type { TapePiece, TapingRow } from "@/data/taping.ts";
import { labelOf } from "@/stations/frame/labels.ts";
import type { StationData } from "@/stations/frame/load.ts";
import { type TapedKit, TapeList } from "./tape-list.tsx";

interface Props {
  readonly data: StationData;
  readonly ways: readonly TapingWay[];
  readonly rows: readonly TapingRow[];
  readonly pieces: readonly TapePiece[];
  readonly labels: Readonly<Record<string, string>>;
}

const TACK = { low: "low tack", medium: "medium tack", strong: "strong" } as const;

/**
 * Tape laid beforehand: what is cut from the roll, in which order it is rubbed, and which kits wait
 * for it.
 */
export function Taping({ data, ways, rows, pieces, labels }: Props) {
  const { document } = data.planned;
  const { unit } = data.host.studio;
  const films = new Map(document.vinyls.map(({ id, name }) => [id, name]));
  const kits = kitsOf(rows, labels);
  const left = kits.filter(({ taped }) => !taped).length;
  return (
    <section className="mt-8" id="tape" aria-label="Tape laid beforehand">
      <h2 className="mb-1 text-lg">
        {kits.length === 0
          ? "No kits to tape yet"
          : left === 0
            ? "Tape lies on every kit"
            : `Tape to be laid on ${left} of ${counted(kits.length, "kit")}`}
      </h2>
      <ul className="mb-3">
        {ways.map((way) => {
          const free = pieces.filter(
            (piece) => piece.tack === way.tack && piece.uses < piece.most && holds(piece, way),
          );
          return (
            <li key={`${way.thing} ${way.vinyls.join(" ")}`} className="border-rule border-b py-2">
              <p>
                <b>
                  {document.things.length > 1 &&
                    `${document.things.find(({ id }) => id === way.thing)?.title}: `}
                  {way.vinyls.map((id) => films.get(id) ?? id).join(" and ")}
                </b>
                : {TACK[way.tack]} tape, {way.pieces} {way.pieces === 1 ? "piece" : "pieces"} of{" "}
                {showSize(way, unit)}, {showLength(way.rollMm, unit)} of a roll a foot wide
              </p>
              <p className="text-soft text-sm">
                {way.because}
                {way.apart &&
                  " It lies apart from the others: laid together, one tape would not let go where the other has to."}
              </p>
              {free.length > 0 && (
                <p className="text-sm">
                  In hand and large enough:{" "}
                  {free
                    .map(
                      ({ label, uses, most }) =>
                        `${label} (${most - uses} ${most - uses === 1 ? "use" : "uses"} left)`,
                    )
                    .join(", ")}
                  . On a kit laid beforehand it stays until that kit is on its blank.
                </p>
              )}
            </li>
          );
        })}
      </ul>
      {kits.length > 0 && (
        <>
          <p className="mb-3 max-w-2xl">
            Rub the film down on its backing first, from the middle outwards. Lay the tape, rub it
            from the front, turn it over and rub the back, then the front once more. The backing
            stays on.
          </p>
          <TapeList classId={data.planned.id} kits={kits} />
        </>
      )}
    </section>
  );
}

/** Either way round. */
const holds = (
  piece: Pick<TapePiece, "width" | "height">,
  way: Pick<TapingWay, "width" | "height">,
): boolean =>
  Math.min(piece.width, piece.height) >= Math.min(way.width, way.height) &&
  Math.max(piece.width, piece.height) >= Math.max(way.width, way.height);

/** Films of one seat, thing and copy go under their tapes in one sitting. */
function kitsOf(rows: readonly TapingRow[], labels: Readonly<Record<string, string>>): TapedKit[] {
  const found = new Map<string, TapedKit>();
  for (const { film, seat, thing, copy, weeded, taped } of rows) {
    const key = `${seat} ${thing} ${copy}`;
    const there = found.get(key);
    found.set(key, {
      key,
      label: `${labelOf(labels, seat)}${copy > 1 ? `, number ${copy}` : ""}`,
      films: [...(there?.films ?? []), film],
      weeded: (there?.weeded ?? true) && weeded,
      taped: (there?.taped ?? true) && taped,
    });
  }
  return [...found.values()];
}
