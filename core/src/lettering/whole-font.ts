/** Whether a font file has all of itself: what shapes letters forgives a file that ends too soon. */

/** What a file of outlines begins with (OpenType 1.9, Organization of an OpenType font). */
const KINDS: ReadonlySet<number> = new Set([0x00010000, 0x4f54544f, 0x74727565]);
const HEAD_BYTES = 12;
const RECORD_BYTES = 16;

/** False for what is no TrueType or OpenType font, too. */
export function isWholeFont(bytes: Uint8Array): boolean {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  if (bytes.length < HEAD_BYTES || !KINDS.has(view.getUint32(0))) return false;
  const tables = view.getUint16(4);
  if (tables === 0 || bytes.length < HEAD_BYTES + tables * RECORD_BYTES) return false;
  for (let k = 0; k < tables; k++) {
    const record = HEAD_BYTES + k * RECORD_BYTES;
    if (view.getUint32(record + 8) + view.getUint32(record + 12) > bytes.length) return false;
  }
  return true;
}
