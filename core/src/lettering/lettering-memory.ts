/**
 * What was lettered before: kept by whoever letters the same set again and again, after every
 * change of it.
 */
import { Bounded } from "../memory/bounded.ts";
import { Contents } from "../memory/identity.ts";
import type { ComposedSeat } from "./compose.ts";
import type { Cell } from "./compose-row.ts";
import type { LetteredLine } from "./line.ts";

/** More texts than a thousand seats of several lines have. */
const MOST_TEXTS = 8000;
/**
 * What hangs on a seat as it was composed (its fit, its placed outlines, its kits) takes some tens
 * of kilobytes.
 */
const MOST_SEATS = 3000;

export class LetteringMemory {
  readonly texts = new Bounded<LetteredLine>(MOST_TEXTS);
  readonly cells = new Bounded<Cell>(MOST_TEXTS);
  readonly seats = new Bounded<ComposedSeat>(MOST_SEATS);
  readonly contents = new Contents();
}
