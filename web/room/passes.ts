/**
 * What of the application answers in the room: participants' pages, their streams and their assets.
 * Everything else stays on the host's own computer.
 */

/** Signs of a link, and of its short form that is typed. */
const CODE = "[A-Za-z0-9]{1,60}";
export const SHORT_LENGTH = 5;
export const SHORT_CODE = /^[a-hjkmnp-z2-9]{5}$/u;

const READ: readonly RegExp[] = [
  new RegExp(`^/f/${CODE}(/events|/seat)?$`, "u"),
  new RegExp(`^/c/${CODE}$`, "u"),
  /^\/r$/u,
  /^\/r\/[A-Za-z0-9]{5}$/u,
  /^\/_next\/static\/[A-Za-z0-9_.~/[\]()%-]+$/u,
  /^\/follow-worker\.js$/u,
  /^\/icon\.svg$/u,
];
const SAY: readonly RegExp[] = [
  new RegExp(`^/f/${CODE}/says$`, "u"),
  new RegExp(`^/c/${CODE}/choose$`, "u"),
];
/** Ways out of a folder, and signs that two readers of a path may read differently. */
const TWISTED = /\.\.|\/\/|\\|%2e|%2f|%5c|%00/iu;

/**
 * Which path of the application a request in the room asks for; null where there is none for it.
 * @param url path and query as the request line has them, such as `/f/abc?x=1`
 */
export function passes(method: string | undefined, url: string | undefined): string | null {
  const [path = "", query] = (url ?? "").split("?", 2);
  if (TWISTED.test(path)) return null;
  const tail = query === undefined ? "" : `?${query}`;
  if (method === "POST") return SAY.some((one) => one.test(path)) ? path + tail : null;
  if (method !== "GET" && method !== "HEAD") return null;
  if (path === "/") return `/r${tail}`;
  // What is read from a wall is typed by hand: the code alone is enough, large or small.
  const typed = path.slice(1).toLowerCase();
  if (SHORT_CODE.test(typed)) return `/r/${typed}`;
  return READ.some((one) => one.test(path)) ? path + tail : null;
}
