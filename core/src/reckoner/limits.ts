/** More are planned as a class. */
export const MOST_NAMES = 300;
