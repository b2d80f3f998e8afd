import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { passes } from "./passes.ts";

describe("what passes the door to the room", () => {
  it("is what participants' pages, streams and assets need", () => {
    for (const url of [
      "/f/abcdefghjkmn",
      "/f/abcdefghjkmn?_rsc=1x",
      "/f/abcdefghjkmn/events",
      "/f/abcdefghjkmn/seat?seat=7",
      "/c/abcdefghjkmn",
      "/_next/static/chunks/app/f/%5Bcode%5D/page-0f.js".replace("%5B", "[").replace("%5D", "]"),
      "/_next/static/media/text.woff2",
      "/follow-worker.js",
      "/icon.svg",
    ])
      expect(passes("GET", url)).toBe(url);
    expect(passes("POST", "/f/abcdefghjkmn/says")).toBe("/f/abcdefghjkmn/says");
    expect(passes("POST", "/c/abcdefghjkmn/choose")).toBe("/c/abcdefghjkmn/choose");
  });

  it("a code alone is enough, large or small; nothing leads to where it is typed", () => {
    expect(passes("GET", "/k3xmp")).toBe("/r/k3xmp");
    expect(passes("GET", "/K3XMP")).toBe("/r/k3xmp");
    expect(passes("GET", "/")).toBe("/r");
    expect(passes("GET", "/?code=k3xmp")).toBe("/r?code=k3xmp");
  });

  it("nothing of the desk passes, by whatever way", () => {
    for (const url of [
      "/sign-in",
      "/classes",
      "/classes/0b9c/cut",
      "/settings",
      "/logbook",
      "/bench/key",
      "/live/0b9c",
      "/room",
      "/room/state",
      "/pictures/1",
      "/calendar/x",
      "/f/../sign-in",
      "/f/abc/../../sign-in",
      "/f/%2e%2e/sign-in",
      "/f/abc%2fevents",
      "//sign-in",
      "/f//sign-in",
      "/f/abc\\..\\sign-in",
      "/f/abc/says/more",
      "/_next/static/../server/app.js",
      "/_next/image?url=/x",
      "/_next/data/x.json",
      "http://elsewhere/f/abc",
      "",
      undefined,
    ])
      expect(passes("GET", url), String(url)).toBeNull();
  });

  it("only two paths are posted to, and no other method is known", () => {
    for (const url of ["/f/abc", "/c/abc", "/", "/r", "/f/abc/events", "/sign-in"])
      expect(passes("POST", url), url).toBeNull();
    for (const method of ["PUT", "DELETE", "PATCH", "OPTIONS", "CONNECT", "TRACE", undefined])
      expect(passes(method, "/f/abc"), String(method)).toBeNull();
  });

  it("whatever passes begins with a folder of participants", () => {
    fc.assert(
      fc.property(fc.webPath(), fc.constantFrom("GET", "HEAD", "POST"), (path, method) => {
        const to = passes(method, path);
        return (
          to === null || /^\/(f|c)\/|^\/r(\/|\?|$)|^\/_next\/static\/|^\/(icon|follow)/u.test(to)
        );
      }),
      { seed: 20_261_130, numRuns: 2000 },
    );
  });
});
