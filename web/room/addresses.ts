/** At which of this machine's addresses the phones in the room can reach it. */

import { isIPv4 } from "node:net";
import type { NetworkInterfaceInfo } from "node:os";

export interface RoomAddress {
  readonly address: string;
  /** The machine's own name of the network card. */
  readonly card: string;
}

/** Cards of virtual machines, containers and tunnels: no phone is behind them. */
const VIRTUAL = /^(docker|br-|veth|virbr|vmnet|vboxnet|tun|tap|wg|utun|zt|tailscale)/iu;
/** Given by the card itself where no network gave one (RFC 3927). */
const SELF_GIVEN = /^169\.254\./u;
/** Of homes, halls and hotspots (RFC 1918). */
const PRIVATE = /^(10\.|192\.168\.|172\.(1[6-9]|2\d|3[01])\.)/u;

const rank = ({ address, card }: RoomAddress): number =>
  (VIRTUAL.test(card) ? 4 : 0) +
  (SELF_GIVEN.test(address) ? 2 : 0) +
  (PRIVATE.test(address) ? 0 : 1);

/** Every address that is not loopback, the likeliest first; the order is always the same. */
export function roomAddresses(
  cards: Readonly<Record<string, readonly NetworkInterfaceInfo[] | undefined>>,
): RoomAddress[] {
  return Object.entries(cards)
    .flatMap(([card, list = []]) =>
      list.flatMap(({ address, family, internal }) =>
        family === "IPv4" && !internal ? [{ address, card }] : [],
      ),
    )
    .sort(
      (a, b) =>
        rank(a) - rank(b) || a.card.localeCompare(b.card) || a.address.localeCompare(b.address),
    );
}

/**
 * The address to listen on now.
 * @param wanted an address, or `auto`: the likeliest, and that which is in use for as long as it is
 * there
 */
export function chosenAddress(
  wanted: string,
  there: readonly RoomAddress[],
  inUse: string | null,
): string | null {
  if (wanted !== "auto") return isIPv4(wanted) ? wanted : null;
  const kept = there.find(({ address, card }) => address === inUse && !VIRTUAL.test(card));
  return (kept ?? there[0])?.address ?? null;
}
