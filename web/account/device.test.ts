import { expect, it } from "vitest";
import { deviceOf } from "./device.ts";

it("a device is called what its owner calls it", () => {
  for (const [agent, words] of [
    [
      "Mozilla/5.0 (Windows NT 10.0; Win64; x64; rv:140.0) Gecko/20100101 Firefox/140.0",
      "Firefox on Windows",
    ],
    [
      "Mozilla/5.0 (Macintosh; Intel Mac OS X 14_5) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/17.5 Safari/605.1.15",
      "Safari on a Mac",
    ],
    [
      "Mozilla/5.0 (iPhone; CPU iPhone OS 17_5 like Mac OS X) AppleWebKit/605.1.15 CriOS/126.0 Mobile Safari/604.1",
      "Chrome on iPhone",
    ],
    [
      "Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/150.0 Safari/537.36 Edg/150.0",
      "Edge on Linux",
    ],
    [
      "Mozilla/5.0 (Linux; Android 14; Pixel) AppleWebKit/537.36 Chrome/150.0 Mobile Safari/537.36",
      "Chrome on Android",
    ],
    ["curl/8.5", ""],
    [null, ""],
  ] as const)
    expect(deviceOf(agent)).toBe(words);
});
