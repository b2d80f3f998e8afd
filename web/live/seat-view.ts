/**
 * What a participant's page shows of the own seat: the decal on its piece, where it lies, and what
 * has to be at hand.
 */
import { drawnFace, readFace } from "@elm-basket/core/blanks/read-face.ts";
import { countOf } from "@elm-basket/core/document/thing-document.ts";
import { ringPath } from "@elm-basket/core/geometry/path.ts";
import { type Box, boxOfPoints } from "@elm-basket/core/geometry/polygon.ts";
import { sayPlacing } from "@elm-basket/core/plan/placing-words-en.ts";
import { bagOf } from "@elm-basket/core/stock/bag.ts";
import { goesOf } from "@elm-basket/core/weeding/technique.ts";
import { withStudio } from "../data/client.ts";
import { filmsOfSeat } from "../data/films.ts";
import { piecesOfSeat } from "../data/making.ts";
import { keptParts } from "./kept.ts";

export interface SeatThing {
  readonly thing: string;
  readonly title: string;
  /** The face as it lies on the table, mm. */
  readonly outline: string;
  readonly box: Box;
  readonly colour: string;
  readonly layers: readonly { readonly colour: string; readonly path: string }[];
  /** Of a stencil: what is taken out shows the ground. */
  readonly out: boolean;
  readonly lies: string;
}

export interface SeatView {
  readonly things: readonly SeatThing[];
  /** Of its kit: how many pieces of film. */
  readonly films: number;
  /** What else is to be laid ready: what is not shared. */
  readonly ready: readonly string[];
}

/** Null where there is no such seat. */
export async function seatView(
  studioId: string,
  workshopId: string,
  seatId: string,
): Promise<SeatView | null> {
  const parts = await keptParts(studioId, workshopId);
  const seat = parts?.document.seats.find((one) => one.seat === seatId);
  if (!parts || !seat) return null;
  const { document, supplies, unit } = parts;
  return withStudio(studioId, async (sql) => {
    const pieces = await piecesOfSeat(sql, workshopId, seatId);
    const colour = new Map(document.vinyls.map((vinyl) => [vinyl.id, vinyl.colour]));
    const made = document.things.filter((thing) => countOf(document, seat, thing) > 0);
    const lines = bagOf(await filmsOfSeat(sql, workshopId, seatId), supplies, (id) => {
      const thing = document.things.find((one) => one.id === id);
      return thing ? countOf(document, seat, thing) : 0;
    });
    const films = lines.filter(({ what }) => what === "film").length;
    return {
      things: made.flatMap((thing): SeatThing[] => {
        const own = pieces.filter((piece) => piece.thing === thing.id && piece.copy === 1);
        const shape = seat.things?.[thing.id]?.shape;
        const face = faceOf(
          shape && thing.brought ? { ...thing.blank, shape, specimens: [] } : thing.blank,
        );
        if (!face) return [];
        const layers = [...new Set(own.map(({ vinyl }) => vinyl))].map((vinyl) => ({
          colour: colour.get(vinyl) ?? "#5A6365",
          path: own
            .filter((piece) => piece.vinyl === vinyl)
            .map(({ path }) => path)
            .join(" "),
        }));
        const placing = parts.placing.filter(
          (row) => row.seat === seatId && (row.thing === undefined || row.thing === thing.id),
        );
        return [
          {
            thing: thing.id,
            title: thing.title,
            ...face,
            colour: thing.blank.colour,
            layers,
            out: goesOf(thing.technique) === "out",
            lies: placing.length > 0 ? sayPlacing(placing, unit) : "",
          },
        ];
      }),
      films,
      ready: lines.flatMap((line) => (line.what === "material" ? [line.name] : [])),
    };
  });
}

function faceOf(blank: Parameters<typeof readFace>[0]): Pick<SeatThing, "outline" | "box"> | null {
  try {
    const reading = readFace(blank);
    const outline = drawnFace(reading);
    return { outline: ringPath(outline), box: boxOfPoints(outline) };
  } catch {
    return null;
  }
}
