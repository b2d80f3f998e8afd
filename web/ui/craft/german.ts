import * as de from "./words-de.ts";

export const german = () => de;
