/** Durations as people read them. */

/** `125` minutes -> `2 h 5 min`; rounds to whole minutes. */
export function showMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  const rest = whole % 60;
  return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${rest} min`;
}

/** `252` seconds -> `4:12`. */
export function showClock(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}

export const CLOCKS = ["24", "12"] as const;
export type Clock = (typeof CLOCKS)[number];

/** `19:30` -> `19:30` or `7:30 pm`; midnight is 12:00 am, noon 12:00 pm. */
export function showTime(time: string, clock: Clock): string {
  const [hours = 0, minutes = 0] = time.split(":").map(Number);
  if (clock === "24" || !Number.isFinite(hours)) return time;
  return `${hours % 12 === 0 ? 12 : hours % 12}:${String(minutes).padStart(2, "0")} ${hours < 12 ? "am" : "pm"}`;
}
