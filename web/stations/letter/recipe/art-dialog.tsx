"use client";

import type { ImportedArt } from "@elm-basket/core/art/import-svg.ts";
import { MOST_SVG_BYTES } from "@elm-basket/core/art/limits.ts";
import { polygonsPath } from "@elm-basket/core/geometry/path.ts";
import type { ArtItem } from "@elm-basket/core/lettering/recipe.ts";
import type { Vinyl } from "@elm-basket/core/weeding/vinyl.ts";
import { useState } from "react";
import { Button } from "@/ui/button.tsx";
import { artWords } from "@/ui/craft/art.ts";
import { Dialog } from "@/ui/dialog.tsx";
import { Field } from "@/ui/field.tsx";
import { FilmDot, SeverityMark } from "@/ui/marks.tsx";
import { artDialogWords } from "../words.ts";

interface Props {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly vinyls: readonly Vinyl[];
  readonly id: string;
  readonly onTake: (art: ArtItem) => void;
}

/** Saved documents hold no more points of one drawing than this. */
const MOST_KEPT_POINTS = 60_000;

/** Art from an SVG file: each colour becomes a layer of one vinyl, or is left out. */
export function ArtDialog({ open, onOpenChange, vinyls, id, onTake }: Props) {
  const texts = artDialogWords();
  const [art, setArt] = useState<ImportedArt | null>(null);
  const [trouble, setTrouble] = useState<string>();
  const [name, setName] = useState("");
  const [licence, setLicence] = useState("");
  const [source, setSource] = useState("");
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const read = async (file: File | undefined) => {
    if (!file) return;
    setArt(null);
    if (file.size > MOST_SVG_BYTES) return setTrouble(texts.thatFileIsLarger);
    const { importSvg } = await import("@elm-basket/core/art/import-svg.ts");
    const found = importSvg(await file.text());
    if (!found.ok) return setTrouble(`${file.name}: ${artWords().sayArtFault(found)}.`);
    setTrouble(undefined);
    setArt(found);
    setName((old) => old || file.name.replace(/\.svg$/iu, "").slice(0, 80));
    setChosen(found.layers.map((_, i) => vinyls[Math.min(i, vinyls.length - 1)]?.id ?? ""));
  };
  const kept =
    art?.layers.flatMap((layer, i) =>
      chosen[i] ? [{ vinyl: chosen[i] as string, polygons: layer.polygons }] : [],
    ) ?? [];
  const points = kept.reduce(
    (sum, { polygons }) => sum + polygons.flat().reduce((all, ring) => all + ring.length, 0),
    0,
  );
  const ready =
    kept.length > 0 && name.trim() !== "" && licence.trim() !== "" && points <= MOST_KEPT_POINTS;
  const take = () => {
    const layers = kept.map(({ vinyl, polygons }) => ({
      vinyl,
      polygons: polygons.map((polygon) =>
        polygon.map((ring) => ring.map(([x, y]): [number, number] => [x, y])),
      ),
    }));
    onTake({
      kind: "art",
      id,
      name: name.trim(),
      size: 20,
      align: "centre",
      layers,
      licence: licence.trim(),
      source: source.trim(),
      others: [],
      thickenMm: 0,
    });
    onOpenChange(false);
    setArt(null);
    setName("");
  };
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title={texts.bringInArt} wide>
      <div className="grid gap-6 md:grid-cols-2">
        <div className="grid content-start gap-3">
          <label className="grid gap-1 text-soft text-sm">
            {texts.anSvgDrawingTextMust}
            <input
              type="file"
              accept=".svg,image/svg+xml"
              className="border-0 bg-transparent p-0"
              onChange={(event) => void read(event.target.files?.[0])}
            />
          </label>
          {trouble && (
            <p role="alert" className="text-brick">
              {trouble}
            </p>
          )}
          <Field label={texts.name}>
            {(props) => (
              <input
                {...props}
                maxLength={80}
                value={name}
                onChange={(event) => setName(event.target.value)}
              />
            )}
          </Field>
          <Field label={texts.licence} hint={texts.aClassThatIsPaid}>
            {(props) => (
              <input
                {...props}
                maxLength={200}
                value={licence}
                onChange={(event) => setLicence(event.target.value)}
              />
            )}
          </Field>
          <Field label={texts.whereIt}>
            {(props) => (
              <input
                {...props}
                maxLength={200}
                value={source}
                onChange={(event) => setSource(event.target.value)}
              />
            )}
          </Field>
        </div>
        <div>
          {!art && <p className="py-10 text-center text-soft">{texts.theDrawingIsShownHere}</p>}
          {art && (
            <>
              <svg
                viewBox={`0 0 ${art.width} ${art.height}`}
                className="max-h-56 w-full border border-rule bg-white"
                role="img"
                aria-label={texts.theDrawing}
              >
                {art.layers.map((layer, i) => (
                  <path
                    key={layer.colour}
                    d={polygonsPath(layer.polygons)}
                    fillRule="evenodd"
                    fill={vinyls.find((vinyl) => vinyl.id === chosen[i])?.colour ?? "none"}
                    stroke="var(--color-rule-strong)"
                    strokeWidth={art.width / 400}
                  />
                ))}
              </svg>
              <ul className="mt-2">
                {art.layers.map((layer, i) => (
                  <li
                    key={layer.colour}
                    className="grid grid-cols-[auto_1fr_1fr] items-center gap-3 border-rule border-b py-1.5"
                  >
                    <FilmDot colour={layer.colour} />
                    <span className="text-sm">{texts.text(layer.polygons.length)}</span>
                    <select
                      aria-label={texts.vinylOfColour(i)}
                      value={chosen[i] ?? ""}
                      onChange={(event) =>
                        setChosen(chosen.map((old, k) => (k === i ? event.target.value : old)))
                      }
                    >
                      {vinyls.map((vinyl) => (
                        <option key={vinyl.id} value={vinyl.id}>
                          {vinyl.name}
                        </option>
                      ))}
                      <option value="">{texts.leaveOut}</option>
                    </select>
                  </li>
                ))}
              </ul>
              <ul className="mt-2">
                {art.findings.map((finding) => (
                  <li key={`${finding.code}-${finding.text}`} className="flex gap-2 py-1 text-sm">
                    <SeverityMark severity="check" size={12} />
                    {artWords().sayArtFinding(finding)}
                  </li>
                ))}
                {points > MOST_KEPT_POINTS && (
                  <li role="alert" className="text-brick text-sm">
                    {texts.moreThan60000Points}
                  </li>
                )}
              </ul>
            </>
          )}
        </div>
      </div>
      <div className="mt-5 flex justify-end">
        <Button tone="main" disabled={!ready} onClick={take}>
          {texts.takeItIntoTheDesign}
        </Button>
      </div>
    </Dialog>
  );
}
