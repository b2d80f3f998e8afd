/** Currencies whose smallest unit is not a hundredth, as ISO 4217 has them. */
const DIGITS: Readonly<Record<string, number>> = {
  JPY: 0,
  KRW: 0,
  ISK: 0,
  CLP: 0,
  VND: 0,
  HUF: 2,
  KWD: 3,
  BHD: 3,
  OMR: 3,
  JOD: 3,
  TND: 3,
};
export const minorDigits = (currency: string): number => DIGITS[currency] ?? 2;
const formats = new Map<string, Intl.NumberFormat>();
/** As people write it in the language of the interface: £1.90, €1.90. */
function formatIn(currency: string): Intl.NumberFormat {
  const format =
    formats.get(currency) ??
    new Intl.NumberFormat("en-GB", {
      style: "currency",
      currency,
      currencyDisplay: "narrowSymbol",
    });
  formats.set(currency, format);
  return format;
}
/** `1250`, `GBP` -> `£12.50`. */
export function moneyText(minor: number, currency: string): string {
  const digits = minorDigits(currency);
  const amount = minor / 10 ** digits;
  // Somebody may be typing it.
  return /^[A-Z]{3}$/u.test(currency)
    ? formatIn(currency).format(amount)
    : `${amount.toFixed(digits)} ${currency}`.trim();
}
