/** Larger drawings are not read. By itself, so that a page knows it without the reader. */
export const MOST_SVG_BYTES = 5 * 1024 * 1024;
