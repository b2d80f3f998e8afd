/** Forces in grams and shares of the machine's speed that a test cut tries. */
export const TEST_FORCES = [80, 100, 120, 140, 160];
export const TEST_SHARES = [1, 0.7, 0.4];
