import { describe, expect, it } from "vitest";
import { languageOf } from "./readers.ts";

const asked = (url: string, cookie?: string, accepted?: string) =>
  languageOf({
    url,
    headers: {
      ...(cookie === undefined ? {} : { cookie }),
      ...(accepted === undefined ? {} : { "accept-language": accepted }),
    },
  });

describe("the language of a request", () => {
  it("is at the desk what was chosen on the device, whatever the browser would rather have", () => {
    expect(asked("/")).toBe("en");
    expect(asked("/classes/1/cut", undefined, "de-AT,de;q=0.9")).toBe("en");
    expect(asked("/classes/1/cut", "elm_language=de")).toBe("de");
    expect(asked("/", "elm_session=x; elm_language=de; other=1", "en")).toBe("de");
  });

  it("is none that there is not, nor what stands in another cookie", () => {
    for (const cookie of ["elm_language=fr", "my_elm_language=de", "elm_language=deutsch", "="])
      expect(asked("/", cookie), cookie).toBe("en");
  });

  it("is on participants' pages what their browser says", () => {
    for (const page of ["/f/abc", "/c/abc", "/r", "/f/abc/says"]) {
      expect(asked(page, "elm_language=de", "en-GB")).toBe("en");
      expect(asked(page, undefined, "de-DE,en;q=0.5")).toBe("de");
    }
    expect(asked("/reckoner", undefined, "de")).toBe("en");
    expect(asked("/classes", undefined, "de")).toBe("en");
  });
});
