/**
 * Why nothing can be made of what a host said. Anything else that is thrown is a fault of the
 * program, and is told nobody as theirs.
 */
import { sayFault } from "./words-en.ts";

export interface FaultValues {
  readonly waitInCircle: { readonly tasks: readonly string[] };
  readonly noFreeEvenings: Record<never, never>;
  readonly equallyWide: Record<never, never>;
  readonly noHeight: Record<never, never>;
  readonly noRoomBesideHandle: Record<never, never>;
  readonly nothingLessReserved: Record<never, never>;
  readonly nothingLessMargin: { readonly of: "side" | "diameter" };
  readonly nothingLessKeepOuts: Record<never, never>;
  readonly noPlaceForDesign: Record<never, never>;
  readonly emptyDesign: Record<never, never>;
  readonly nothingToLetter: Record<never, never>;
  readonly noFont: { readonly font: string };
  readonly unreadableFont: { readonly font: string };
  readonly cornerOfScrap: Record<never, never>;
  readonly fileTooFine: Record<never, never>;
  readonly fileTooSlow: Record<never, never>;
  readonly fileTooTangled: Record<never, never>;
  readonly tooMuchMemory: Record<never, never>;
  readonly tookTooLong: Record<never, never>;
  readonly waitedTooLong: Record<never, never>;
  /** Steps that cannot follow one another as they are said to; in words. */
  readonly steps: { readonly step: string; readonly message: string };
}
export type FaultCode = keyof FaultValues;

/** As it crosses from a thread, which keeps neither classes nor names. */
export type Fault = {
  readonly [Code in FaultCode]: { readonly code: Code; readonly values: FaultValues[Code] };
}[FaultCode];

export class PlanFault extends Error {
  readonly fault: Fault;
  constructor(fault: Fault) {
    super(sayFault(fault));
    this.name = "PlanFault";
    this.fault = fault;
  }
}

type PlainCode = {
  [Code in FaultCode]: keyof FaultValues[Code] extends never ? Code : never;
}[FaultCode];

/** Of what needs no figures. */
export const plainFault = (code: PlainCode): PlanFault =>
  new PlanFault({ code, values: {} } as Fault);
