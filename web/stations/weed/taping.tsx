import type { TapingWay } from "@elm-basket/core/proposal/taping.ts";
import type { TapePiece, TapingRow } from "@/data/taping.ts";
import { labelOf } from "@/stations/frame/labels.ts";
import type { StationData } from "@/stations/frame/load.ts";
import { showLength, showSize } from "@/ui/figures.ts";
import { type TapedKit, TapeList } from "./tape-list.tsx";
import { tapingWords } from "./words.ts";

interface Props {
  readonly data: StationData;
  readonly ways: readonly TapingWay[];
  readonly rows: readonly TapingRow[];
  readonly pieces: readonly TapePiece[];
  readonly labels: Readonly<Record<string, string>>;
}

const tackSaid = () =>
  ({
    low: tapingWords().lowTack,
    medium: tapingWords().mediumTack,
    strong: "strong",
  }) as const;

/**
 * Tape laid beforehand: what is cut from the roll, in which order it is rubbed, and which kits wait
 * for it.
 */
export function Taping({ data, ways, rows, pieces, labels }: Props) {
  const say = tapingWords();
  const { document } = data.planned;
  const { unit } = data.host.studio;
  const films = new Map(document.vinyls.map(({ id, name }) => [id, name]));
  const kits = kitsOf(rows, labels);
  const left = kits.filter(({ taped }) => !taped).length;
  return (
    <section className="mt-8" id="tape" aria-label={say.tapeLaidBeforehand}>
      <h2 className="mb-1 text-lg">{say.noKitsToTapeYet(kits.length, left)}</h2>
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
                  {way.vinyls.map((id) => films.get(id) ?? id).join(say.and)}
                </b>
                {say.tapeOfOfARoll(
                  tackSaid()[way.tack],
                  way.pieces,
                  showSize(way, unit),
                  showLength(way.rollMm, unit),
                )}
              </p>
              <p className="text-soft text-sm">
                {way.because}
                {say.itLiesApart(way.apart)}
              </p>
              {free.length > 0 && (
                <p className="text-sm">
                  {say.inHandAndLargeEnough}{" "}
                  {free.map(({ label, uses, most }) => say.left(label, most, uses)).join(", ")}
                  {say.onAKitLaidBeforehand}
                </p>
              )}
            </li>
          );
        })}
      </ul>
      {kits.length > 0 && (
        <>
          <p className="mb-3 max-w-2xl">{say.rubTheFilmDown}</p>
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
      label: tapingWords().text(labelOf(labels, seat), copy),
      films: [...(there?.films ?? []), film],
      weeded: (there?.weeded ?? true) && weeded,
      taped: (there?.taped ?? true) && taped,
    });
  }
  return [...found.values()];
}
