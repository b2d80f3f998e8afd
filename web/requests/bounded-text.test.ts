import { describe, expect, it } from "vitest";
import { boundedText } from "./bounded-text.ts";

const post = (body: BodyInit | null) =>
  new Request("http://127.0.0.1/", {
    method: "POST",
    body,
    ...(body instanceof ReadableStream ? { duplex: "half" } : {}),
  } as RequestInit);

describe("a body from outside", () => {
  it("is read whole up to its limit, in letters of any length", async () => {
    expect(await boundedText(post("Zoë-Maëlys"), 12)).toBe("Zoë-Maëlys");
    expect(await boundedText(post(null), 12)).toBe("");
  });

  it("is given up at its limit, though it never ends", async () => {
    let sent = 0;
    const endless = new ReadableStream<Uint8Array>({
      pull(controller) {
        sent += 1000;
        controller.enqueue(new Uint8Array(1000));
      },
    });
    expect(await boundedText(post(endless), 5000)).toBeNull();
    expect(sent).toBeLessThan(20_000);
  });
});
