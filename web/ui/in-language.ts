/**
 * Words in the language of whoever reads: on a page that of the page itself, on the server that of
 * the request being answered.
 */
import { readersTongue } from "./readers-tongue.ts";

/**
 * @param german asked only where it is read
 * @returns what gives the words of one language; to be asked while a page is made, not before
 */
export const inLanguage =
  <W>(english: W, german: () => W): (() => W) =>
  () =>
    readersTongue() === "de" ? german() : english;
