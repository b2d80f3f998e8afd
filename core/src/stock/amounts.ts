/** `3.5`: an amount to two digits, without needless ones. */
export const amountText = (amount: number): string => String(Number(amount.toFixed(2)));
