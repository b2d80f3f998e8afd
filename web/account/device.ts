/** What a browser says of itself, in words a person knows the device by. */
const BROWSERS: readonly (readonly [RegExp, string])[] = [
  [/Edg\//u, "Edge"],
  [/OPR\//u, "Opera"],
  [/Firefox\/|FxiOS\//u, "Firefox"],
  [/Chrom(e|ium)\/|CriOS\//u, "Chrome"],
  [/Safari\//u, "Safari"],
];
const SYSTEMS: readonly (readonly [RegExp, string])[] = [
  [/iPhone/u, "iPhone"],
  [/iPad/u, "iPad"],
  [/Android/u, "Android"],
  [/Windows/u, "Windows"],
  [/Mac OS X|Macintosh/u, "a Mac"],
  [/CrOS/u, "a Chromebook"],
  [/Linux|X11/u, "Linux"],
];

/** `Firefox on Windows`; empty where it says nothing that is known. */
export function deviceOf(agent: string | null): string {
  const said = (agent ?? "").slice(0, 500);
  const find = (list: typeof BROWSERS) => list.find(([sign]) => sign.test(said))?.[1];
  const [browser, system] = [find(BROWSERS), find(SYSTEMS)];
  return browser && system ? `${browser} on ${system}` : (browser ?? system ?? "");
}
