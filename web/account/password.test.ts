import { hash, verify } from "@node-rs/argon2";
import { describe, expect, it } from "vitest";
import { hashedAs } from "./password.ts";

const saltOf = (hashed: string) => hashed.slice(0, hashed.lastIndexOf("$"));

describe("a typed password under the salt of an account", () => {
  it("comes to the account's hash if and only if it is the account's password", async () => {
    const kept = await hash("three leaves of an elm");
    expect(await hashedAs(saltOf(kept), "three leaves of an elm")).toBe(kept);
    expect(await hashedAs(saltOf(kept), "three leaves of an oak")).not.toBe(kept);
  });

  it("keeps the account's own way of hashing", async () => {
    const kept = await hash("slow", { memoryCost: 8192, timeCost: 3, parallelism: 2 });
    expect(await hashedAs(saltOf(kept), "slow")).toBe(kept);
  });

  it("without an account it is work all the same, and an unknown way is a fault", async () => {
    expect(await verify(await hashedAs(null, "x"), "x")).toBe(true);
    await expect(hashedAs("$2b$12$abcdefghijklmnopqrstuv", "x")).rejects.toThrow("no known way");
  });
});
