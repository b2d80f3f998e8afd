import { describe, expect, it } from "vitest";
import type { DecalPicture } from "@/workers/decals.ts";
import { lookAt, looksOf } from "./starter-looks.ts";

const mug = (colour: string): DecalPicture => ({
  title: "Enamel mug",
  outline: "M-50 -30L50 -30L50 30L-50 30Z",
  ground: "#f4f1e8",
  box: { minX: -50, minY: -30, maxX: 50, maxY: 30 },
  layers: [{ colour, path: "M-10 -5L10 -5L0 5Z" }],
  missing: "",
  creases: null,
});
const signOf = (src: string | undefined) =>
  new URL(src ?? "", "http://desk.example").searchParams.get("as");

describe("how a project to start from looks", () => {
  it("has an address for each of its things, another one where it is drawn otherwise", () => {
    const [blue, again, red] = [mug("#1f4e79"), mug("#1f4e79"), mug("#c8452f")].map((picture) =>
      looksOf("walkers-mugs", [picture]),
    );
    expect(blue).toEqual(again);
    expect(blue?.[0]).toMatchObject({ title: "Enamel mug", width: 1060, height: 660 });
    expect(blue?.[0]?.src).toMatch(/^\/projects\/starters\/walkers-mugs\?of=0&as=[\w-]{12}$/u);
    expect(red?.[0]?.src).not.toBe(blue?.[0]?.src);
    expect(
      looksOf("pair", [mug("#1f4e79"), mug("#1f4e79")]).map(({ src }) => src.split("&")[0]),
    ).toEqual(["/projects/starters/pair?of=0", "/projects/starters/pair?of=1"]);
  });

  it("is drawn in true proportion with room for its outline, and kept for good as it is", () => {
    const [look] = looksOf("walkers-mugs", [mug("#1f4e79")]);
    const drawn = lookAt([mug("#1f4e79")], "0", signOf(look?.src));
    expect(drawn?.lasting).toBe(true);
    expect(drawn?.svg).toContain('width="106" height="66" viewBox="-53 -33 106 66"');
    expect(drawn?.svg).toContain('<path d="M-10 -5L10 -5L0 5Z" fill="#1f4e79"');
    // A page of before its colour was another one shows it as it is now, and keeps nothing.
    expect(lookAt([mug("#c8452f")], "0", signOf(look?.src))?.lasting).toBe(false);
  });

  it.each([null, "", "1", "-1", "0.5", "x", "100", "0 "])("of=%s is none of one", (of) => {
    expect(lookAt([mug("#1f4e79")], of, "a")).toBeNull();
  });
});
