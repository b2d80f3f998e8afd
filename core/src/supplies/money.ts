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
/** As people write it in the language they read. */
function formatIn(currency: string, locale: string): Intl.NumberFormat {
  const key = `${locale} ${currency}`;
  const format =
    formats.get(key) ??
    new Intl.NumberFormat(locale, {
      style: "currency",
      currency,
      currencyDisplay: "narrowSymbol",
    });
  formats.set(key, format);
  return format;
}
/** `1250`, `GBP` -> `£12.50`, or `12,50 £` in `de-DE`. */
export function moneyText(minor: number, currency: string, locale = "en-GB"): string {
  const digits = minorDigits(currency);
  const amount = minor / 10 ** digits;
  // Somebody may be typing it.
  return /^[A-Z]{3}$/u.test(currency)
    ? formatIn(currency, locale).format(amount)
    : `${amount.toFixed(digits)} ${currency}`.trim();
}
