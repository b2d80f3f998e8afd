/** Passwords that are tried first by whoever guesses. */

/** Without case, signs and what stands before and behind: kept short by that. */
const COMMON = new Set(
  `password passwort passw0rd letmein welcome iloveyou sunshine princess football baseball basketball superman batman
  trustno one monkey dragon master shadow qwerty qwertyuiop qwertyui asdfghjkl zxcvbnm azerty qwertz qazwsx qazwsxedc
  adminadmin administrator admin root login secret changeme default guest test testtest testing hello helloworld
  whatever starwars pokemon computer internet samsung google michael jennifer jordan ashley daniel charlie liverpool
  chelsea arsenal barcelona realmadrid manchester summer winter spring autumn january february march april june july
  august september october november december monday tuesday wednesday thursday friday saturday sunday london paris
  berlin craft crafting vinyl elmbasket basket studio workshop loveyou lovely flower butterfly cookie chocolate
  cheese banana orange purple yellow silver diamond freedom forever blessed jesus christ heaven angel angels family
  mother father daughter sister brother mustang ferrari corvette harley maverick phoenix hunter killer ninja
  abcdef abcdefgh abcdefghij abcabc aabbcc correcthorsebatterystaple letmeinplease mypassword newpassword thisisapassword
  passwordpassword secretsecret changemenow nothing nobody unknown`
    .split(/\s+/u)
    .filter((word) => word !== ""),
);
const LEET: Readonly<Record<string, string>> = {
  "0": "o",
  "1": "i",
  "3": "e",
  "4": "a",
  "5": "s",
  "7": "t",
  "@": "a",
  $: "s",
  "!": "i",
};
const ROWS = [
  "01234567890",
  "qwertyuiopasdfghjklzxcvbnm",
  "qwertzuiopasdfghjklyxcvbnm",
  "abcdefghijklmnopqrstuvwxyz",
];

const bare = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, "");
const letters = (text: string): string =>
  [...text.toLowerCase()]
    .map((sign) => LEET[sign] ?? sign)
    .join("")
    .replace(/[^\p{L}]/gu, "");
/** Where a row of keys or letters goes on, forwards or backwards, for all of it. */
const inRow = (text: string): boolean =>
  ROWS.some((row) => {
    const twice = row + row;
    return twice.includes(text) || [...twice].reverse().join("").includes(text);
  });
const repeats = (text: string): boolean => /^(.{1,4}?)\1{2,}.{0,3}$/su.test(text);

/**
 * Why a password is too easily guessed; null where it is not.
 * @param own what anybody knows of the person: name, e-mail address, studio
 */
export function whyCommon(password: string, own: readonly string[]): string | null {
  const plain = bare(password);
  const figuresOff = plain.replace(/^\p{N}+|\p{N}+$/gu, "");
  const words = [plain, figuresOff, letters(password), letters(figuresOff)];
  if (plain === "" || new Set(plain).size < 4 || repeats(plain) || inRow(plain))
    return "That repeats itself or follows the keys: it is guessed at once.";
  if (words.some((word) => COMMON.has(word)) || figuresOff === "")
    return "That is among the passwords that are tried first. Four words that do not belong together are easy to keep and hard to guess.";
  const known = own.flatMap((text) => [bare(text), bare(text.split("@")[0] ?? "")]);
  if (known.some((word) => word.length > 2 && words.includes(word)))
    return "That is your name, your address or your studio’s: others know it, too.";
  return null;
}
