/** What an address needs, so that a form can say it before anything is sent. */
import { ADDRESS_LIMITS, ADDRESS_WORDS } from "./limits.ts";
import type { Address } from "./posting.ts";

export interface AddressFault {
  readonly part: keyof Address;
  readonly message: string;
}

/** An address without blanks round it; or its first fault, in words. */
export function readAddress(
  given: Address,
): { readonly address: Address; readonly fault: null } | { readonly fault: AddressFault } {
  const address = {
    name: given.name.trim(),
    lines: given.lines.map((line) => line.trim()).filter((line) => line !== ""),
    country: given.country.trim(),
  };
  const fault = faultOf(address);
  return fault ? { fault } : { address, fault };
}

function faultOf({ name, lines, country }: Address): AddressFault | null {
  const long = (what: string, most: number) => `${what} of at most ${most} letters`;
  if (name === "") return { part: "name", message: ADDRESS_WORDS.name };
  if (name.length > ADDRESS_LIMITS.name)
    return { part: "name", message: long("a name", ADDRESS_LIMITS.name) };
  if (lines.length === 0) return { part: "lines", message: ADDRESS_WORDS.lines };
  if (lines.length > ADDRESS_LIMITS.lines)
    return { part: "lines", message: ADDRESS_WORDS.manyLines };
  const wide = lines.find((line) => line.length > ADDRESS_LIMITS.line);
  if (wide !== undefined)
    return { part: "lines", message: `${long("lines", ADDRESS_LIMITS.line)}: "${wide}"` };
  return country.length > ADDRESS_LIMITS.country
    ? { part: "country", message: long("a country", ADDRESS_LIMITS.country) }
    : null;
}
