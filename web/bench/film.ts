/**
 * One film as the bench shows it: its picture, where to start and which way, how its lines are
 * seen, what its tape is.
 */
import { readPiecePath } from "@elm-basket/core/geometry/path.ts";
import { FAMILY_TRAITS } from "@elm-basket/core/weeding/families.ts";
import { type Lift, liftOf, type Peel, peelOf } from "@elm-basket/core/weeding/peel.ts";
import { seeLines } from "@elm-basket/core/weeding/see-lines.ts";
import { filmsOfClass } from "../data/class-goods.ts";
import { withStudio } from "../data/client.ts";
import { type FilmWeed, ownWeedOn, readFilm } from "../data/films.ts";
import { studioWays } from "../data/sign-in.ts";
import type { Bench } from "./access.ts";
import { peelingWords } from "./peeling-words.ts";
import { filmWords } from "./words.ts";

export interface FilmPiece {
  readonly id: string;
  readonly path: string;
  readonly counters: number;
  readonly islands: number;
  readonly small: boolean;
}

export interface FilmView {
  readonly film: string;
  readonly colour: string;
  readonly name: string;
  readonly out: boolean;
  /**
   * Whether it lies on the bench as a mirror image: iron-on film is cut and weeded from its back.
   */
  readonly mirrored: boolean;
  readonly box: FilmWeed["box"];
  readonly pieces: readonly FilmPiece[];
  readonly weed: FilmWeed;
  readonly peel: Peel | null;
  /** Of a stencil, where each letter is lifted. */
  readonly lifts: readonly Lift[];
  readonly says: {
    readonly technique: string;
    readonly peel: readonly string[];
    readonly lines: readonly string[];
    readonly where: string;
  };
}

export async function filmView(
  { studioId, workshopId }: Bench,
  name: string,
): Promise<FilmView | null> {
  const found = await withStudio(studioId, async (sql) => {
    const film = await readFilm(sql, workshopId, name);
    const vinyl = film && (await filmsOfClass(sql, workshopId)).find(({ id }) => id === film.vinyl);
    return film && vinyl
      ? { film, vinyl, ways: await studioWays(sql), weedOn: await ownWeedOn(sql, workshopId) }
      : null;
  });
  if (!found) return null;
  const { film, vinyl, ways } = found;
  const [minX, minY, maxX, maxY] = film.weed.box;
  const polygons = film.parts.map(({ path }) => readPiecePath(path));
  const { out } = film.weed;
  const { minStrokeMm, mirrored } = FAMILY_TRAITS[vinyl.family];
  const peel = out
    ? null
    : peelOf({
        pieces: polygons,
        film: { minX, minY, maxX, maxY },
        minStroke: minStrokeMm,
        isSmall: (i) => film.parts[i]?.small ?? false,
      });
  return {
    film: film.film,
    colour: vinyl.colour,
    name: vinyl.name,
    out,
    mirrored,
    box: film.weed.box,
    pieces: film.parts,
    weed: film.weed,
    peel,
    lifts: out ? polygons.map(liftOf) : [],
    says: {
      technique: peelingWords().sayTechnique(film.weed, vinyl.family, ways.unit),
      peel: peel ? peelingWords().sayPeel(peel, ways.unit) : peelingWords().sayLifts(film.weed),
      lines: seeLines(vinyl).map((by) => peelingWords().SEE_WORDS[by]),
      where: filmWords().onTheMatWhichHolds(found.weedOn, ways.schools.weedOn),
    },
  };
}
