/** A bulged wall as its widths from the top down, mm. */
export interface ProfileRow {
  readonly fromTop: number;
  readonly diameter: number;
}

export const heightOfProfile = (profile: readonly ProfileRow[]): number =>
  (profile[profile.length - 1]?.fromTop ?? 0) - (profile[0]?.fromTop ?? 0);
