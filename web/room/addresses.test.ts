import type { NetworkInterfaceInfo } from "node:os";
import { describe, expect, it } from "vitest";
import { chosenAddress, roomAddresses } from "./addresses.ts";

const card = (address: string, more: Partial<NetworkInterfaceInfo> = {}) =>
  ({ address, family: "IPv4", internal: false, ...more }) as NetworkInterfaceInfo;

const HALL = {
  lo: [card("127.0.0.1", { internal: true })],
  docker0: [card("172.17.0.1")],
  eth0: [card("169.254.10.2")],
  wlan0: [card("fe80::1", { family: "IPv6" }), card("192.168.1.7")],
  wg0: [card("10.8.0.2")],
};

describe("the address of the room", () => {
  it("is the likeliest to have phones behind it: no loopback, no container, no tunnel", () => {
    expect(roomAddresses(HALL).map(({ address }) => address)).toEqual([
      "192.168.1.7",
      "169.254.10.2",
      "172.17.0.1",
      "10.8.0.2",
    ]);
    expect(chosenAddress("auto", roomAddresses(HALL), null)).toBe("192.168.1.7");
    expect(chosenAddress("auto", roomAddresses({ lo: HALL.lo }), null)).toBeNull();
  });

  it("stays what it is while it is there, and follows the network when it changes", () => {
    const both = roomAddresses({ ...HALL, wlan1: [card("192.168.43.9")] });
    expect(chosenAddress("auto", both, "192.168.43.9")).toBe("192.168.43.9");
    const hotspot = roomAddresses({ wlan0: [card("192.168.43.9")] });
    expect(chosenAddress("auto", hotspot, "192.168.1.7")).toBe("192.168.43.9");
  });

  it("is the one that was asked for, there or not, if it is one", () => {
    expect(chosenAddress("127.0.0.2", roomAddresses(HALL), "192.168.1.7")).toBe("127.0.0.2");
    expect(chosenAddress("hall", roomAddresses(HALL), null)).toBeNull();
  });
});
