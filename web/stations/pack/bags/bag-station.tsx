import { isSpare, refOfFilm } from "@elm-basket/core/document/kit-ref.ts";
import { madeOf, thingOf } from "@elm-basket/core/document/thing-document.ts";
import { type BagLine, bagOf, roomBox } from "@elm-basket/core/stock/bag.ts";
import type { Supply } from "@elm-basket/core/supplies/supply.ts";
import { SEATS_AT_A_TABLE } from "@elm-basket/core/supplies/supply-lines.ts";
import { goesOf } from "@elm-basket/core/weeding/technique.ts";
import { notFound } from "next/navigation";
import { bagMarks, lackCounts, ROOM_BAG } from "@/data/bags.ts";
import { withStudio } from "@/data/client.ts";
import { filmsOfSeat } from "@/data/films.ts";
import { piecesOfSeat } from "@/data/making.ts";
import { roomPackedAt, seatCounts } from "@/data/stock-taking.ts";
import { labelOf, labelsOf } from "@/stations/frame/labels.ts";
import { loadBench, type StationData } from "@/stations/frame/load.ts";
import { goodsWords } from "@/ui/craft/goods.ts";
import { showSize } from "@/ui/figures.ts";
import { bagStationWords } from "../words.ts";
import { BagBench, type ShownLine } from "./bag-bench.tsx";

/**
 * One bag after another: what belongs in, with pictures; ticked or noted as lacking; then closed.
 */
export async function BagStation({ id, bag: wanted }: { id: string; bag: string }) {
  const say = bagStationWords();
  const data = await loadBench(id);
  if (!data) notFound();
  const { document, plan } = data.planned;
  const labels = labelsOf(plan);
  const seats = data.kits.filter(({ seat }) => !isSpare(seat));
  const bag =
    wanted === ROOM_BAG || seats.some(({ seat }) => seat === wanted)
      ? wanted
      : (seats.find(({ packed }) => !packed)?.seat ?? ROOM_BAG);
  const found = await withStudio(data.host.studioId, async (sql) => {
    const count = await seatCounts(sql, id, bag);
    return {
      lines:
        bag === ROOM_BAG
          ? boxOf(data)
          : bagOf(await filmsOfSeat(sql, id, bag), document.supplies, count ?? (() => 1)),
      marks: await bagMarks(sql, id, bag),
      lacks: await lackCounts(sql, id),
      pieces: bag === ROOM_BAG ? [] : await piecesOfSeat(sql, id, bag),
      room: await roomPackedAt(sql, id),
    };
  });
  const marks = new Map(found.marks.map((mark) => [mark.line, mark]));
  const rows = [
    ...(boxOf(data).length > 0
      ? [
          {
            bag: ROOM_BAG,
            label: say.forTheRoom,
            packed: found.room !== null,
            ready: true,
            lacks: found.lacks.get(ROOM_BAG) ?? 0,
          },
        ]
      : []),
    ...seats.map((kit) => ({
      bag: kit.seat,
      label: labelOf(labels, kit.seat),
      packed: kit.packed,
      ready: document.handsOver === "cut" ? kit.cut : kit.weeded,
      lacks: found.lacks.get(kit.seat) ?? 0,
    })),
  ];
  const films = new Map(document.vinyls.map((vinyl) => [vinyl.id, vinyl]));
  return (
    <BagBench
      key={bag}
      classId={id}
      title={document.title}
      date={document.when.date}
      bag={bag}
      room={ROOM_BAG}
      rows={rows}
      lines={found.lines.map(
        (line): ShownLine => ({
          ...shown(line, data),
          state: marks.get(line.id)?.state ?? null,
          note: marks.get(line.id)?.note ?? "",
        }),
      )}
      picture={found.pieces.map(({ id: piece, thing, copy, vinyl, path }) => ({
        id: piece,
        key: `${thing} ${copy}`,
        title:
          document.things.length > 1 || copy > 1
            ? say.text(thingOf(document, thing).title, copy)
            : "",
        colour: films.get(vinyl)?.colour ?? "var(--color-ink)",
        out: goesOf(thingOf(document, thing).technique) === "out",
        path,
      }))}
    />
  );
}

function boxOf({ planned: { document, plan } }: StationData): BagLine[] {
  const needs = new Map(plan.supplies.map((line) => [line.id, line.need]));
  return roomBox(
    document.supplies,
    (line) => needs.get(line) ?? 0,
    (thing) => madeOf(document, thing),
  );
}

/** Tape of the proposal is counted in metres of a roll, or by the application. */
const isTape = ({ id, per, unit }: Supply): boolean =>
  per === "application" || (unit === "m" && /^tape(-strong)?(-|$)/u.test(id));

/** Tape is bought by the roll; into the bag goes a piece of it. */
function pieceOfTape(
  { thing, amount, uses, per }: Supply,
  { planned: { document, plan }, host }: StationData,
): string {
  const say = bagStationWords();
  const facts = plan.facts.find((own) => own.thing === (thing ?? document.things[0]?.id));
  if (!facts)
    return per === "application"
      ? say.forSaid(goodsWords().tidyAmount(amount), amount)
      : `${goodsWords().tidyAmount(amount)} m`;
  const { tape } = facts;
  // Metres are shares of a roll on which several pieces lie beside each other.
  const pieces =
    per === "application"
      ? Math.ceil(amount / uses)
      : Math.max(1, Math.round((1000 * amount * tape.pieces) / Math.max(1, tape.rollMm)));
  return say.ofSaid(pieces, showSize(tape, host.studio.unit));
}

function shown(line: BagLine, data: StationData): Omit<ShownLine, "state" | "note"> {
  const say = bagStationWords();
  const { document, plan } = data.planned;
  if (line.what === "film") {
    const { film } = line;
    const vinyl = document.vinyls.find(({ id }) => id === film.vinyl);
    const thing = thingOf(document, film.thing);
    const out = goesOf(thing.technique) === "out";
    const of = say.text2(document.things.length, thing.title, film.copy);
    const again = say.cutAgain(refOfFilm(film.film).kind);
    return {
      id: line.id,
      name: `${of}${vinyl?.name ?? film.vinyl}${again}`,
      amount: say.text3(film.pieces, out),
      colour: vinyl?.colour ?? null,
      ready: film.ready,
      hint: say.notCutYetNotWeeded(film.ready, document.handsOver),
    };
  }
  const supply = document.supplies.find(({ id }) => `line:${id}` === line.id);
  return {
    id: line.id,
    name: line.name,
    amount:
      supply && isTape(supply)
        ? pieceOfTape(supply, data)
        : `${goodsWords().tidyAmount(line.amount)} ${goodsWords().unitWord(line.unit)}`,
    colour: null,
    ready: true,
    hint: supply ? sharedWords(supply, plan.seats.length, line.comesBack) : "",
  };
}

/** Of a shared thing, how it stands on the tables. */
function sharedWords(
  { per, amount, seats: serves }: Supply,
  seats: number,
  comesBack: boolean,
): string {
  const say = bagStationWords();
  const back = say.comesBackCount(comesBack);
  if (per !== "table" && per !== "every") return back;
  const each = serves ?? (per === "table" ? SEATS_AT_A_TABLE : 1);
  const groups = Math.ceil(seats / each);
  return [say.forEach(goodsWords().tidyAmount(amount), groups, per), back]
    .filter(Boolean)
    .join("; ");
}
