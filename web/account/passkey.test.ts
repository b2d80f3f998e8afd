import { describe, expect, it } from "vitest";
import { readAuthentication, readRegistration, siteOf } from "./passkey.ts";

describe("for whom a device keeps a key", () => {
  it("is a name with its way in, never figures", () => {
    expect(siteOf("https://basket.example")).toEqual({
      id: "basket.example",
      origin: "https://basket.example",
    });
    expect(siteOf("http://localhost:3000/")).toEqual({
      id: "localhost",
      origin: "http://localhost:3000",
    });
    for (const figures of ["http://127.0.0.1:3000", "http://192.168.1.7", "http://[::1]:3000"])
      expect(siteOf(figures)).toBeNull();
  });
});

describe("what a browser answers", () => {
  const answer = {
    id: "AbC",
    rawId: "AbC",
    type: "public-key",
    clientExtensionResults: {},
    response: { clientDataJSON: "e30", attestationObject: "o2", transports: ["internal"] },
  };
  const signed = {
    ...answer,
    response: { clientDataJSON: "e30", authenticatorData: "x", signature: "y", userHandle: null },
  };

  it("is read where it has its parts, and no more of it than they", () => {
    expect(readRegistration({ ...answer, more: "x" })).toEqual(answer);
    expect(readAuthentication(signed)).toEqual(signed);
  });

  it("is none where one is missing, of another kind, or endless", () => {
    for (const wrong of [
      null,
      "AbC",
      [],
      {},
      { ...answer, type: "password" },
      { ...answer, id: "" },
      { ...answer, id: "x".repeat(500) },
      { ...answer, response: { clientDataJSON: 1, attestationObject: "o2" } },
      { ...answer, response: { clientDataJSON: "x".repeat(30_000), attestationObject: "o2" } },
    ])
      expect(readRegistration(wrong)).toBeNull();
    expect(readAuthentication(answer)).toBeNull();
    expect(readRegistration(signed)).toBeNull();
  });
});
