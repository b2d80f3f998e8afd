import { insist } from "./insist.ts";
import { readersTongue } from "./readers-tongue.ts";

/**
 * Words of another language in a browser: fetched where the page is in that language, from when its
 * scripts start. What is drawn before they are there waits for them, as React waits for what is
 * thrown to it; the page as the server drew it stands meanwhile.
 *
 * @returns what gives the words; to be asked only where the page is in that language
 */
export function late<W>(load: () => Promise<W>): () => W {
  let words: W | undefined;
  let coming: Promise<void> | undefined;
  const fetched = () => {
    coming ??= insist(load).then((come) => {
      words = come;
    });
    return coming;
  };
  if (readersTongue() === "de") void fetched();
  return () => {
    if (words === undefined) throw fetched();
    return words;
  };
}
