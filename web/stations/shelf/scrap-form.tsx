"use client";

import { boxHeight, boxOfPoints, boxWidth } from "@elm-basket/core/geometry/polygon.ts";
import { type Corner, rectangle, withoutCorner } from "@elm-basket/core/stages/scrap-shapes.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { useRouter } from "next/navigation";
import { useState, useTransition } from "react";
import type { Film, ScrapRow } from "@/data/scraps.ts";
import { OutlineField } from "@/stations/frame/outline-field.tsx";
import { Button } from "@/ui/button.tsx";
import { Dialog } from "@/ui/dialog.tsx";
import { LengthField, TextField } from "@/ui/fields.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { DateField } from "@/ui/when-fields.tsx";
import { putScrap } from "./scrap-actions.ts";
import { ScrapShape } from "./scrap-shape.tsx";
import { scrapFormWords } from "./words.ts";

type Outline = [number, number][];
type Form = "rectangle" | "corner" | "points";
const formWords = (): Record<Form, string> => ({
  rectangle: scrapFormWords().aRectangle,
  corner: scrapFormWords().aRectangleWithACorner,
  points: scrapFormWords().anyOutline,
});
const cornerWords = (): Record<Corner, string> => ({
  topLeft: scrapFormWords().topLeft,
  topRight: scrapFormWords().topRight,
  bottomLeft: scrapFormWords().bottomLeft,
  bottomRight: scrapFormWords().bottomRight,
});

interface Props {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly films: readonly Film[];
  readonly unit: LengthUnit;
  readonly today: string;
  /** The scrap that is changed; a new one without. */
  readonly scrap: ScrapRow | null;
}

/** A scrap by its measures. It is drawn as it will be laid on. */
export function ScrapForm({ open, onOpenChange, films, unit, today, scrap }: Props) {
  const say = scrapFormWords();
  const router = useRouter();
  const [busy, start] = useTransition();
  const box = scrap ? boxOfPoints(scrap.outline) : null;
  const [film, setFilm] = useState(() =>
    String(Math.max(0, scrap ? films.findIndex((one) => sameFilm(one, scrap.film)) : 0)),
  );
  const [label, setLabel] = useState(scrap?.label ?? "");
  const [bought, setBought] = useState(scrap?.bought ?? "");
  const [form, setForm] = useState<Form>(scrap && !isBox(scrap) ? "points" : "rectangle");
  const [size, setSize] = useState({
    width: box ? boxWidth(box) : 150,
    height: box ? boxHeight(box) : 100,
  });
  const [gone, setGone] = useState({ width: 60, height: 40 });
  const [corner, setCorner] = useState<Corner>("topRight");
  const [points, setPoints] = useState<Outline>((scrap?.outline ?? []) as Outline);
  const [trouble, setTrouble] = useState("");
  const outline = outlineOf(form, size, gone, corner, points);
  const chosen = films[Number(film)];
  const save = () =>
    start(async () => {
      if (!outline || !chosen) return;
      const holes =
        form === "points" && scrap && JSON.stringify(points) === JSON.stringify(scrap.outline)
          ? scrap.holes
          : [];
      const answer = await putScrap(scrap?.label ?? null, {
        label: label.trim(),
        film: chosen,
        outline,
        holes,
        ...(bought ? { bought } : {}),
      });
      if (!answer.ok) return setTrouble(answer.message);
      onOpenChange(false);
      router.refresh();
    });
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={scrap ? say.scrap(scrap.label) : say.aScrapForTheBox}
      wide
    >
      <div className="grid gap-8 md:grid-cols-2">
        <div className="grid grid-cols-2 content-start gap-3">
          <div className="col-span-2">
            <SelectField
              label={say.film}
              value={film}
              words={films.map((one, i) => [String(i), one.name] as const)}
              onChange={setFilm}
            />
          </div>
          <TextField
            label={say.label}
            hint={scrap ? "" : say.emptyTheNextFree}
            value={label}
            maxLength={20}
            onChange={setLabel}
          />
          <DateField
            label={say.boughtIfKnown}
            value={bought}
            today={today}
            mayBeEmpty
            onChange={setBought}
          />
          <div className="col-span-2">
            <SelectField label={say.itIs} value={form} words={formWords()} onChange={setForm} />
          </div>
          {form === "points" ? (
            <OutlineField outline={points} onChange={setPoints} />
          ) : (
            <>
              <LengthField
                label={say.width}
                mm={size.width}
                unit={unit}
                onChange={(width) => setSize({ ...size, width })}
              />
              <LengthField
                label={say.height}
                mm={size.height}
                unit={unit}
                onChange={(height) => setSize({ ...size, height })}
              />
            </>
          )}
          {form === "corner" && (
            <>
              <LengthField
                label={say.goneInWidth}
                mm={gone.width}
                unit={unit}
                onChange={(width) => setGone({ ...gone, width })}
              />
              <LengthField
                label={say.goneInHeight}
                mm={gone.height}
                unit={unit}
                onChange={(height) => setGone({ ...gone, height })}
              />
              <div className="col-span-2">
                <SelectField
                  label={say.atThe}
                  value={corner}
                  words={cornerWords()}
                  onChange={setCorner}
                />
              </div>
            </>
          )}
        </div>
        <div>
          {outline && chosen ? (
            <ScrapShape
              outline={outline}
              holes={[]}
              colour={chosen.colour}
              unit={unit}
              label={say.asItLies}
            />
          ) : (
            <p className="text-soft">{say.thereIsNoFilm(films.length)}</p>
          )}
        </div>
      </div>
      <div className="mt-5 flex flex-wrap items-center justify-end gap-4">
        <p role="alert" className="flex-1 text-brick">
          {trouble}
        </p>
        <Button tone="main" disabled={busy || !outline || !chosen} onClick={save}>
          {scrap ? say.saveIt : say.putItInTheBox}
        </Button>
      </div>
    </Dialog>
  );
}

const sameFilm = (a: Film, b: Film): boolean =>
  a.name === b.name && a.family === b.family && a.colour.toLowerCase() === b.colour.toLowerCase();
const isBox = ({ outline, holes }: Pick<ScrapRow, "outline" | "holes">): boolean =>
  outline.length === 4 &&
  holes.length === 0 &&
  outline.every(([x, y], i) => x === outline[(i + 1) % 4]?.[0] || y === outline[(i + 1) % 4]?.[1]);

function outlineOf(
  form: Form,
  size: { width: number; height: number },
  gone: { width: number; height: number },
  corner: Corner,
  points: Outline,
): Outline | null {
  const own = (ring: readonly (readonly [number, number])[]): Outline =>
    ring.map(([x, y]) => [x, y]);
  if (form === "points") return points.length >= 3 ? points : null;
  if (form === "rectangle") return own(rectangle(size.width, size.height));
  return gone.width < size.width && gone.height < size.height
    ? own(withoutCorner(size.width, size.height, gone, corner))
    : null;
}
