/** `18.8 × 30.5 mm` -> `18,8 × 30,5 mm`: figures as German writes them. For figures only. */
export const withComma = (figure: string): string => figure.replace(/(\d)\.(\d)/gu, "$1,$2");
