/**
 * 32 signs that nobody had before; also where a page is not served over a secure line and the
 * browser makes no ids of its own.
 */
export const freshId = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) =>
    byte.toString(16).padStart(2, "0"),
  ).join("");
