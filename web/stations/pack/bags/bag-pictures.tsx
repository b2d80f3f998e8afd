import { readPiecePath } from "@elm-basket/core/geometry/path.ts";
import { boxOf, growBox } from "@elm-basket/core/geometry/polygon.ts";
import { bagPicturesWords } from "../words.ts";

export interface BagPiece {
  readonly id: string;
  /** Pieces of one key lie on one blank. */
  readonly key: string;
  readonly title: string;
  readonly colour: string;
  readonly out: boolean;
  readonly path: string;
}

/**
 * What the films of a bag make together, blank by blank: everything that remains is wanted, nothing
 * wanted is gone.
 */
export function BagPictures({ picture, label }: { picture: readonly BagPiece[]; label: string }) {
  const say = bagPicturesWords();
  const keys = [...new Set(picture.map(({ key }) => key))];
  if (keys.length === 0) return <p className="text-soft">{say.nothingWasCut}</p>;
  return (
    <>
      {keys.map((key) => {
        const own = picture.filter((piece) => piece.key === key);
        const box = growBox(boxOf(own.map(({ path }) => readPiecePath(path))), 4);
        const [w, h] = [box.maxX - box.minX, box.maxY - box.minY];
        return (
          <figure key={key} className="mb-3">
            <svg
              viewBox={`${box.minX} ${box.minY} ${w} ${h}`}
              className="max-h-[280px] w-full border border-rule bg-paper"
              role="img"
              aria-label={`${label}${own[0]?.title ? `, ${own[0].title}` : ""}: ${say.piece(own.length)}`}
            >
              {own.map(({ id, path, colour, out }) => (
                <path
                  key={id}
                  d={path}
                  fillRule="evenodd"
                  fill={out ? "var(--color-white)" : colour}
                  stroke="var(--color-ink)"
                  strokeOpacity={0.5}
                  strokeWidth={w / 500}
                />
              ))}
            </svg>
            {own[0]?.title && <figcaption className="text-soft text-sm">{own[0].title}</figcaption>}
          </figure>
        );
      })}
    </>
  );
}
