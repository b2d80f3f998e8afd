import { freshId } from "./fresh-id.ts";

const PHONE = "elm-phone";
/** For as long as the page is open where the browser keeps nothing. */
let unkept = "";

/** A sign of this phone, made the first time; it tells nothing of whose it is. */
export function phoneSign(): string {
  try {
    const kept = localStorage.getItem(PHONE);
    if (kept && /^[0-9a-f]{32}$/u.test(kept)) return kept;
    const fresh = freshId();
    localStorage.setItem(PHONE, fresh);
    return fresh;
  } catch {
    unkept ||= freshId();
    return unkept;
  }
}
