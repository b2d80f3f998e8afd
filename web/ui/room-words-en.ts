/** What is said of the door to the room. */
import type { RoomState } from "@/room/state.ts";

export const START_WITH_DOOR = "npm start -- --room";

/** Why the door is shut, and what opens it. */
export function sayFault({ fault, port }: RoomState): string {
  if (fault === "noNetwork")
    return "This computer is on no network. Join the hall’s Wi-Fi or a phone’s hotspot: the address comes up here by itself.";
  if (fault === "EADDRINUSE")
    return `Another program has port ${port} on this network’s address. End it, or start with another, such as PORT=${port + 1} ${START_WITH_DOOR}`;
  if (fault === "EADDRNOTAVAIL")
    return `This computer does not have the address that was asked for. Start with ${START_WITH_DOOR} alone: the address is found.`;
  if (fault === "EACCES")
    return `Port ${port} may not be used by this account. Start with a port above 1023.`;
  return `The address cannot be opened (${fault ?? "no reason is given"}). It is tried again every two seconds.`;
}

export const sayPhones = (count: number): string =>
  count === 0
    ? "No phone is connected."
    : count === 1
      ? "One connection from a phone."
      : `${count} connections from phones.`;

/** In the order in which they are worth trying. */
export const notReached = ({ address, port, others }: RoomState): readonly string[] => [
  "Is the phone on the same network as this computer? Compare the names of the Wi-Fi; switch the phone’s mobile data off while you try.",
  `Type http:// in front of the address (http, not https): http://${address ?? "…"}:${port}`,
  "Guest networks often keep devices apart. Then make a hotspot with a phone and let this computer and the phones join it: the address and the code here change by themselves.",
  `The firewall of this computer has to let in port ${port} on this network: in its settings, allow the program “node”, or tell the system that the network is a private one.`,
  "A VPN on this computer or on the phone leads past the room: switch it off for the class.",
  ...(others.length > 0
    ? [
        `This computer has other addresses: ${others.join(", ")}. If the phones are on that network, start with ${START_WITH_DOOR}=${others[0]}`,
      ]
    : []),
  "If it stays shut, nobody is held up: the stage shows every step, and step cards can be printed at Teach.",
];
