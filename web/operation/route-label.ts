/**
 * The pattern of an address, so that requests are counted by kind: `/classes/:/cut`. There are as
 * many of them as pages and routes, whatever is asked for, and none holds an id, a name or the code
 * of a link.
 */
export const ROUTES: ReadonlySet<string> = new Set(
  `
  / /bags/: /bench/: /bench/:/events /bench/:/film /bench/:/marks /c/: /c/:/choose /calendar/:
  /classes /classes/:/cut /classes/:/cutting /classes/:/files/: /classes/:/letter
  /classes/:/loads/: /classes/:/look-back /classes/:/measure /classes/:/pack /classes/:/plan
  /classes/:/planning /classes/:/rehearse /classes/:/searching /classes/:/teach /classes/:/weed
  /classes/new /f/: /f/:/events /f/:/says /f/:/seat /follow-worker.js /fonts/: /for-hosts /health
  /health/ready /join/: /live/: /live/:/events /logbook /logbook/log.csv /parcels/:
  /parcels/:/address-labels.pdf /parcels/:/parcels.csv /pictures/: /projects /projects/: /projects/starters/: /r /r/:
  /reckoner /room /room/state /settings /settings/account /settings/studio.zip /shelf
  /shelf/goods.csv /shelf/scrap-labels.pdf /shelf/shopping /shelf/shopping.csv /sign-in
  /sign-in/recover
`
    .trim()
    .split(/\s+/u),
);

const FRAMEWORK = "/_next/";
export const OTHER = "other";

const PARTS = [...ROUTES].map((route) => route.split("/"));

export function routeLabel(address: string): string {
  const path = address.split(/[?#]/u)[0] ?? "";
  if (path.startsWith(FRAMEWORK)) return FRAMEWORK;
  const asked = path.split("/");
  const fits = (part: string, i: number) => part === asked[i] || (part === ":" && !!asked[i]);
  // What follows a file's name belongs to it.
  const found = PARTS.filter(
    (parts) => parts.every(fits) && (parts.length === asked.length || parts.at(-2) === "files"),
  );
  // Words before patterns: /classes/new is no class called "new".
  const best = found.sort((a, b) => count(a) - count(b))[0];
  return best?.join("/") ?? OTHER;
}

const count = (parts: readonly string[]): number => parts.filter((part) => part === ":").length;
