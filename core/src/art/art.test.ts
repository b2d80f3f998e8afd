import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boxOf, type Polygons, pointInPolygon, polygonsArea } from "../geometry/polygon.ts";
import { dashed } from "./dashes.ts";
import { type ImportedArt, importSvg } from "./import-svg.ts";
import { applied, readTransform, scaleOf, times } from "./matrix.ts";
import { readPaint, readStyleSheet } from "./svg-style.ts";
import { readLength, viewTransform } from "./svg-units.ts";
import { sayArtFault, sayArtFinding } from "./words-en.ts";

const page = (inside: string, more = 'viewBox="0 0 100 100" width="100mm" height="100mm"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" ${more}>${inside}</svg>`;

function art(inside: string, more?: string): ImportedArt {
  const read = importSvg(page(inside, more));
  if (!read.ok) throw new Error(sayArtFault(read));
  return read;
}
const area = (inside: string, more?: string): number =>
  art(inside, more).layers.reduce((sum, layer) => sum + layer.area, 0);
const codes = (inside: string): string[] => art(inside).findings.map(({ code }) => code);

describe("shapes have the area of their formula", () => {
  it.each([
    ['<rect x="10" y="10" width="30" height="20"/>', 600],
    ['<rect x="10" y="10" width="30" height="20" rx="5"/>', 600 - (4 - Math.PI) * 25],
    ['<circle cx="50" cy="50" r="20"/>', Math.PI * 400],
    ['<ellipse cx="50" cy="50" rx="30" ry="10"/>', Math.PI * 300],
    ['<polygon points="0,0 40,0 0,30"/>', 600],
    ['<path d="M10 10h40v40h-40z"/>', 1600],
    ['<path d="M10 10h40v40h-40zM20 20h20v20h-20z" fill-rule="evenodd"/>', 1200],
    ['<path d="M10 10h40v40h-40zM20 20h20v20h-20z"/>', 1600],
    ['<path d="M10 10h40v40h-40zM20 20v20h20v-20z"/>', 1200],
    ['<path d="M50 20a30 30 0 1 1 0 60a30 30 0 1 1 0 -60z"/>', Math.PI * 900],
    ['<line x1="10" y1="50" x2="60" y2="50" stroke="#000" stroke-width="4"/>', 200],
    [
      '<line x1="10" y1="50" x2="60" y2="50" stroke="#000" stroke-width="4" stroke-linecap="square"/>',
      216,
    ],
    [
      '<line x1="10" y1="50" x2="60" y2="50" stroke="#000" stroke-width="4" stroke-linecap="round"/>',
      200 + Math.PI * 4,
    ],
    [
      '<rect x="20" y="20" width="40" height="40" fill="none" stroke="red" stroke-width="2"/>',
      42 * 42 - 38 * 38,
    ],
    [
      '<circle cx="50" cy="50" r="20" fill="none" stroke="red" stroke-width="2"/>',
      Math.PI * (21 ** 2 - 19 ** 2),
    ],
    [
      '<line x1="0" y1="50" x2="100" y2="50" stroke="#000" stroke-width="2" stroke-dasharray="10 10"/>',
      100,
    ],
    ['<path d="M50 50h0" stroke="#000" stroke-width="10" stroke-linecap="round"/>', Math.PI * 25],
  ])("%s", (shape, wanted) => {
    expect(area(shape) / wanted).toBeCloseTo(1, 2);
  });
});

describe("sizes", () => {
  it("reads every unit, and pixels without one", () => {
    expect(readLength("1in", 0)).toBe(96);
    expect(readLength("25.4mm", 0)).toBeCloseTo(96, 9);
    expect(readLength("2.54cm", 0)).toBeCloseTo(96, 9);
    expect(readLength("72pt", 0)).toBeCloseTo(96, 9);
    expect(readLength("6pc", 0)).toBe(96);
    expect(readLength(".5", 0)).toBe(0.5);
    expect(readLength("50%", 30)).toBe(15);
    expect(readLength("1parsec", 0)).toBeNull();
    expect(readLength("wide", 0)).toBeNull();
  });

  it("a page without a unit is pixels at 96 to the inch; with only a viewBox too", () => {
    expect(art('<rect width="96" height="96"/>', 'width="96" height="96"').width).toBeCloseTo(
      25.4,
      9,
    );
    expect(art('<rect width="96" height="96"/>', 'viewBox="0 0 96 192"').height).toBeCloseTo(
      50.8,
      9,
    );
    expect(
      art('<rect width="96" height="96"/>', 'width="100%" viewBox="0 0 96 96"').width,
    ).toBeCloseTo(25.4, 9);
    expect(art('<rect width="10" height="10"/>', "").findings.map(({ code }) => code)).toContain(
      "noSize",
    );
  });

  it("one side given: the other keeps the proportion of the viewBox", () => {
    const read = art('<rect width="10" height="10"/>', 'viewBox="0 0 200 100" width="50mm"');
    expect([read.width, read.height].map((n) => Math.round(n * 1000) / 1000)).toEqual([50, 25]);
  });

  it("fits a viewBox as preserveAspectRatio says", () => {
    const view = { x: 0, y: 0, width: 100, height: 50 };
    expect(viewTransform(view, 100, 100, undefined)).toEqual([1, 0, 0, 1, 0, 25]);
    expect(viewTransform(view, 100, 100, "xMinYMin meet")).toEqual([1, 0, 0, 1, 0, 0]);
    expect(viewTransform(view, 100, 100, "xMidYMax slice")).toEqual([2, 0, 0, 2, -50, 0]);
    expect(viewTransform(view, 100, 100, "none").map((n) => n + 0)).toEqual([1, 0, 0, 2, 0, 0]);
  });

  it("cuts off what lies off the page, and says so", () => {
    expect(area('<rect x="-50" y="0" width="100" height="10"/>')).toBeCloseTo(500, 1);
    expect(codes('<rect x="-50" y="0" width="100" height="10"/>')).toContain("clippedToPage");
  });
});

describe("transforms", () => {
  it("are applied from right to left", () => {
    const matrix = readTransform("translate(10 20) scale(2)");
    expect(applied(matrix ?? [0, 0, 0, 0, 0, 0], [1, 1])).toEqual([12, 22]);
    const turned = applied(readTransform("rotate(90 10 10)") ?? [0, 0, 0, 0, 0, 0], [20, 10]);
    expect(turned[0]).toBeCloseTo(10, 9);
    expect(turned[1]).toBeCloseTo(20, 9);
    expect(readTransform("skewX(45), matrix(1,0,0,1,5,5)")).not.toBeNull();
    expect(readTransform("shake(3)")).toBeNull();
    expect(readTransform("scale()")).toBeNull();
  });

  it("of nested groups multiply, and areas grow by the determinant", () => {
    const transform = fc.constantFrom(
      "translate(3 4)",
      "scale(.5 .8)",
      "rotate(30)",
      "skewX(20)",
      "skewY(10)",
      "matrix(.6 .1 -.2 .7 2 3)",
    );
    fc.assert(
      fc.property(fc.array(transform, { minLength: 1, maxLength: 3 }), (list) => {
        const matrix = list
          .map((text) => readTransform(text) ?? ([1, 0, 0, 1, 0, 0] as const))
          .reduce((a, b) => times(a, b), [1, 0, 0, 1, 0, 0] as const);
        const open = list.map((text) => `<g transform="${text}">`).join("");
        const drawn = art(
          `<g transform="translate(45 45)">${open}<rect x="-5" y="-5" width="10" height="10"/>${"</g>".repeat(list.length)}</g>`,
        );
        expect(drawn.layers[0]?.area ?? 0).toBeCloseTo(100 * scaleOf(matrix) ** 2, 1);
      }),
      { seed: 11, numRuns: 60 },
    );
  });

  it("skew the pen too: a stroke under scale(2 1) is twice as wide across", () => {
    const box = boxOf(
      art(
        '<g transform="scale(2 1)"><line x1="20" y1="10" x2="20" y2="60" stroke="#000" stroke-width="4"/></g>',
      ).layers[0]?.polygons ?? [],
    );
    expect(box.maxX - box.minX).toBeCloseTo(8, 2);
    expect(box.maxY - box.minY).toBeCloseTo(50, 2);
  });

  it("a mirror keeps areas", () => {
    expect(
      area(
        '<g transform="translate(60 0) scale(-1 1)"><path d="M10 10h20v10h-20z" stroke="#000" stroke-width="2"/></g>',
      ),
    ).toBeCloseTo(22 * 12, 1);
  });
});

describe("colours and layers", () => {
  it("reads names, hex, rgb and hsl; others are taken as black and said", () => {
    expect(readPaint("tomato", undefined)).toMatchObject({ colour: "#FF6347" });
    expect(readPaint("#abc", undefined)).toMatchObject({ colour: "#AABBCC" });
    expect(readPaint("rgb(10, 20, 30)", undefined)).toMatchObject({ colour: "#0A141E" });
    expect(readPaint("hsl(120, 100%, 25%)", undefined)).toMatchObject({ colour: "#008000" });
    expect(readPaint("currentColor", "red")).toMatchObject({ colour: "#FF0000" });
    expect(readPaint("currentColor", undefined)).toMatchObject({ colour: "#000000" });
    expect(readPaint("none", undefined)).toEqual({ kind: "none" });
    expect(codes('<rect width="9" height="9" fill="blurple"/>')).toEqual(["unknownColour"]);
  });

  it("one layer a colour, the lowest first; the upper is cut out of the lower", () => {
    const read = art(
      '<rect width="40" height="40" fill="#1F4E79"/><circle cx="20" cy="20" r="10" fill="#C8452F"/><rect x="60" width="10" height="10" fill="#1F4E79"/>',
    );
    expect(read.layers.map(({ colour }) => colour)).toEqual(["#1F4E79", "#C8452F"]);
    expect((read.layers[0]?.area ?? 0) / (1700 - Math.PI * 100)).toBeCloseTo(1, 2);
    expect(read.layers[0]?.polygons).toHaveLength(2);
  });

  it("or left whole below, on request", () => {
    const read = importSvg(
      page(
        '<rect width="40" height="40" fill="#1F4E79"/><circle cx="20" cy="20" r="10" fill="#C8452F"/>',
      ),
      { stack: true },
    );
    expect(read.ok && read.layers[0]?.area).toBeCloseTo(1600, 3);
  });

  it("styles come from attributes, then sheets, then the style attribute; children inherit", () => {
    const read = art(
      '<style>.sky { fill: #3B5878 } #one { fill: #2D5A45 } rect { fill: red }</style><g fill="#8F6412"><circle cx="10" cy="10" r="5"/><rect class="sky" x="20" width="9" height="9"/><rect id="one" class="sky" x="40" width="9" height="9"/><rect x="60" width="9" height="9" style="fill:#9E3A2B"/></g>',
    );
    expect(read.layers.map(({ colour }) => colour)).toEqual([
      "#8F6412",
      "#3B5878",
      "#2D5A45",
      "#9E3A2B",
    ]);
  });

  it("a style sheet with more than plain selectors is used as far as it goes, and said", () => {
    expect(
      readStyleSheet(
        "@import url(other.css); .a > .b { fill: red } .c { fill: blue } /* x { fill: green } */",
      ),
    ).toMatchObject({ skipped: 2, rules: [{ classes: ["c"] }] });
    expect(
      codes("<style>g rect:hover { fill: red }</style><rect width='9' height='9'/>"),
    ).toContain("styleLeftOut");
  });

  it("see-through parts: above half solid, below left out, both said", () => {
    expect(codes('<rect width="9" height="9" opacity=".7"/>')).toEqual(["opacityIgnored"]);
    expect(
      codes('<rect width="9" height="9"/><rect x="20" width="9" height="9" fill-opacity="30%"/>'),
    ).toEqual(["tooFaint"]);
    expect(
      codes(
        '<g opacity=".6"><rect width="9" height="9"/><rect x="20" width="9" height="9" opacity=".6"/></g>',
      ),
    ).toContain("tooFaint");
  });

  it("a gradient is cut in its first colour", () => {
    const read = art(
      '<linearGradient id="a"><stop stop-color="#3B5878"/><stop offset="1" stop-color="#fff"/></linearGradient><linearGradient id="b" xlink:href="#a"/><rect width="9" height="9" fill="url(#b)"/>',
    );
    expect(read.layers[0]?.colour).toBe("#3B5878");
    expect(read.findings.map(({ code }) => code)).toEqual(["gradientFlattened"]);
  });

  it("nothing hidden is cut", () => {
    expect(
      area(
        '<rect width="9" height="9"/><rect x="20" width="9" height="9" display="none"/><g style="visibility:hidden"><rect x="40" width="9" height="9"/></g><defs><rect x="60" width="9" height="9"/></defs>',
      ),
    ).toBeCloseTo(81, 2);
  });
});

describe("things that are used again", () => {
  it("use, with its own place; symbols with a viewBox", () => {
    const read = art(
      '<defs><rect id="r" width="10" height="10"/></defs><use href="#r"/><use xlink:href="#r" x="30" y="40"/><symbol id="s" viewBox="0 0 1 1"><rect width="1" height="1"/></symbol><use href="#s" x="60" y="60" width="20" height="20"/>',
    );
    expect(read.layers[0]?.area).toBeCloseTo(100 + 100 + 400, 1);
    expect(boxOf(read.layers[0]?.polygons ?? [])).toMatchObject({ minX: 0, maxX: 80, maxY: 80 });
  });

  it("that use themselves come to an end", () => {
    expect(codes('<rect width="9" height="9"/><g id="a"><use href="#a"/></g>')).toContain(
      "notUnderstood",
    );
    const bomb = Array.from(
      { length: 12 },
      (_, i) => `<g id="g${i}">${`<use href="#g${i + 1}"/>`.repeat(8)}</g>`,
    ).join("");
    expect(importSvg(page(`${bomb}<g id="g12"><rect width="1" height="1"/></g>`)).ok).toBe(true);
  });

  it("a clip is followed, also through a transform", () => {
    expect(
      area(
        '<clipPath id="c"><rect width="10" height="100"/></clipPath><rect width="50" height="10" clip-path="url(#c)"/>',
      ),
    ).toBeCloseTo(100, 2);
    expect(
      area(
        '<clipPath id="c"><circle cx="5" cy="5" r="5"/></clipPath><g transform="scale(2)" clip-path="url(#c)"><rect width="50" height="50"/></g>',
      ),
    ).toBeCloseTo(313.6, 0);
  });

  it("a nested svg has a place and a size of its own", () => {
    expect(
      area(
        '<svg x="50" y="50" width="20" height="20" viewBox="0 0 2 2"><rect width="1" height="1"/></svg>',
      ),
    ).toBeCloseTo(100, 2);
  });
});

describe("what comes from outside", () => {
  const fault = (text: string) => {
    const read = importSvg(text);
    return read.ok ? "read" : read.fault;
  };

  it("refuses entities, which can grow without end", () => {
    expect(
      fault('<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><svg><text>&b;</text></svg>'),
    ).toBe("entities");
  });

  it("refuses what is no SVG, with the reason", () => {
    expect(fault("hello")).toBe("notXml");
    expect(fault("<svg><g></svg>")).toBe("notXml");
    expect(fault("<html/>")).toBe("notSvg");
    expect(fault("")).toBe("notXml");
    expect(fault(page(""))).toBe("nothingToCut");
    expect(fault(page('<rect width="9" height="9" fill="none"/>'))).toBe("nothingToCut");
  });

  it("refuses too much of anything", () => {
    expect(fault(`<svg>${" ".repeat(6 * 1024 * 1024)}</svg>`)).toBe("tooLarge");
    expect(fault(`${"<g>".repeat(200)}`.replace(/^/u, "<svg>"))).toBe("tooDeep");
    expect(fault(`<svg>${'<path d=""/>'.repeat(60_001)}</svg>`)).toBe("tooMany");
    expect(fault(page(`<path d="M0 0${"l1 1".repeat(401_000)}"/>`))).toBe("tooManyPoints");
  });

  it("leaves out text, pictures, scripts and other files' parts, and says each", () => {
    const read = art(
      '<rect width="9" height="9" onclick="alert(1)"/><text>Kale</text><image href="a.png"/><script>alert(1)</script><use href="https://other.example/x.svg#y"/>',
    );
    expect(read.findings.map(({ code }) => code).sort()).toEqual([
      "outsideReferenceLeftOut",
      "pictureLeftOut",
      "scriptLeftOut",
      "textLeftOut",
    ]);
    for (const finding of read.findings) expect(sayArtFinding(finding)).toMatch(/^[A-Z].*\.$/u);
  });

  it("text alone is refused, and the reason tells what to do", () => {
    const read = importSvg(page("<text>Kale</text>"));
    expect(!read.ok && sayArtFault(read)).toContain("Convert it to outlines");
  });

  it("a path with a fault is drawn as far as it can be read", () => {
    expect(importSvg(page('<path d="M10 10h40v40h-40z L oops"/>')).ok).toBe(true);
    expect(importSvg(page('<path d="oops"/><rect width="4" height="4"/>')).ok).toBe(true);
  });

  it("survives anything that looks like SVG", () => {
    const bit = fc.constantFrom(
      '<rect width="9"',
      ' height="9"/>',
      "<g>",
      "</g>",
      '<path d="M0 0L9 9',
      'Z"/>',
      "<use href='#a'/>",
      "<!-- x -->",
      "&lt;",
      "&b;",
      "<style>a{",
      "}</style>",
      "\u0000",
      "<svg>",
      "</svg>",
      'transform="scale(1e99)"',
      'stroke-dasharray="0 0"',
    );
    fc.assert(
      fc.property(fc.array(bit, { maxLength: 14 }), (bits) => {
        const read = importSvg(page(bits.join("")));
        expect(typeof read.ok).toBe("boolean");
      }),
      { seed: 5, numRuns: 300 },
    );
  });
});

describe("dashes", () => {
  const line = { points: [[0, 0] as const, [100, 0] as const], closed: false };

  it("are as long as the pattern says, also round corners", () => {
    expect(dashed([line], [30, 10])).toHaveLength(3);
    const corner = dashed(
      [{ points: [[0, 0] as const, [10, 0] as const, [10, 10] as const], closed: false }],
      [15, 5],
    );
    expect(corner[0]?.points).toEqual([
      [0, 0],
      [10, 0],
      [10, 5],
    ]);
  });

  it("an odd pattern is repeated; a senseless one leaves the line whole", () => {
    expect(dashed([line], [10])).toHaveLength(5);
    expect(dashed([line], [0, 0])).toEqual([line]);
    expect(dashed([line], [-1, 4])).toEqual([line]);
    expect(dashed([line], [1e-6, 1e-6])).toEqual([line]);
  });
});

describe("the layers together", () => {
  it("cover what was painted, whatever lies on what: checked by sampling", () => {
    const shape = fc.record({
      x: fc.integer({ min: 0, max: 80 }),
      y: fc.integer({ min: 0, max: 80 }),
      w: fc.integer({ min: 3, max: 40 }),
      h: fc.integer({ min: 3, max: 40 }),
      fill: fc.constantFrom("#111111", "#222222", "#333333"),
    });
    fc.assert(
      fc.property(fc.array(shape, { minLength: 1, maxLength: 6 }), (shapes) => {
        const read = art(
          shapes
            .map(
              (s) =>
                `<rect x="${s.x}" y="${s.y}" width="${s.w}" height="${s.h}" fill="${s.fill}"/>`,
            )
            .join(""),
        );
        for (let i = 0; i < 60; i++) {
          const [px, py] = [((i * 37) % 97) + 0.513, ((i * 61) % 97) + 0.497];
          const top = shapes
            .filter((s) => px > s.x && px < s.x + s.w && py > s.y && py < s.y + s.h)
            .at(-1)?.fill;
          const found = read.layers
            .filter(({ polygons }: { polygons: Polygons }) =>
              polygons.some((polygon) => pointInPolygon([px, py], polygon)),
            )
            .map(({ colour }) => colour);
          expect(found).toEqual(top && px < 100 && py < 100 ? [top] : []);
        }
        expect(polygonsArea(read.layers.flatMap((layer) => layer.polygons))).toBeLessThanOrEqual(
          10_000,
        );
      }),
      { seed: 9, numRuns: 60 },
    );
  });
});
