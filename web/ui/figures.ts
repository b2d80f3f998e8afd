/** Figures as the reader writes them: 18.8 mm and £14.50, or 18,8 mm and 14,50 £. */
import * as money from "@elm-basket/core/supplies/money.ts";
import { withComma } from "@elm-basket/core/units/comma.ts";
import * as length from "@elm-basket/core/units/length.ts";
import { readersTongue } from "./readers-tongue.ts";

/** A figure that is nothing but a figure and its unit. */
const written = (figure: string): string => (readersTongue() === "de" ? withComma(figure) : figure);

/** `decimal(18.84, 1)` -> `18.8`, `18,8`. */
export const decimal = (value: number, digits: number): string => written(value.toFixed(digits));

/** A number without needless digits: `0.5`, `0,5`. */
export const plainNumber = (value: number): string => written(String(value));

/** `1,000`, `1.000`. */
export const thousands = (value: number): string =>
  value.toLocaleString(readersTongue() === "de" ? "de-DE" : "en-GB");

export const showLength = (mm: number, unit?: length.LengthUnit): string =>
  written(length.showLength(mm, unit));

export const showSize = (
  size: { readonly width: number; readonly height: number },
  unit?: length.LengthUnit,
): string => written(length.showSize(size, unit));

export const writeLength = (mm: number, unit?: length.LengthUnit): string =>
  written(length.writeLength(mm, unit));

export const moneyText = (minor: number, currency: string): string =>
  money.moneyText(minor, currency, readersTongue() === "de" ? "de-DE" : "en-GB");
