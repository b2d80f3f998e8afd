"use client";

import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import type { HandleSchool } from "@elm-basket/core/blanks/blank-kinds.ts";
import { finishingOf } from "@elm-basket/core/blanks/finishing-of.ts";
import { groundOf } from "@elm-basket/core/blanks/ground-of.ts";
import { readFace } from "@elm-basket/core/blanks/read-face.ts";
import type { BlankShape, ShapeKind } from "@elm-basket/core/blanks/shape.ts";
import { isCup } from "@elm-basket/core/blanks/shape-size.ts";
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { thingOf } from "@elm-basket/core/document/thing-document.ts";
import type { Tack } from "@elm-basket/core/films/film-choice.ts";
import { readySurface } from "@elm-basket/core/films/ready-surface.ts";
import { readPiecePath } from "@elm-basket/core/geometry/path.ts";
import type { Schools } from "@elm-basket/core/studio/settings.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import dynamic from "next/dynamic";
import { type ReactNode, useMemo, useState } from "react";
import type { TrialRow } from "@/data/trials.ts";
import { SaveNote } from "@/stations/frame/save-note.tsx";
import { ShapeFields, shapeAs } from "@/stations/frame/shape-fields.tsx";
import { usePart } from "@/stations/frame/use-part.ts";
import { filmWords } from "@/ui/craft/films.ts";
import { techniqueWords } from "@/ui/craft/techniques.ts";
import { Fetching } from "@/ui/fetched.tsx";
import { Field } from "@/ui/field.tsx";
import { LengthField, TextField } from "@/ui/fields.tsx";
import { insist } from "@/ui/insist.ts";
import { SelectField } from "@/ui/select-field.tsx";
import { shapeWords } from "../frame/shape-words.ts";
import { BlankDrawing } from "./blank-drawing.tsx";
import { Figures } from "./figures.tsx";
import { FinishingFields, GroundFields } from "./ground-fields.tsx";
import { LimitsFields } from "./limits-fields.tsx";
import { SurfaceAdvice } from "./surface-advice.tsx";
import type { Dashed } from "./use-dashed.ts";
import { measureBenchWords } from "./words.ts";

/** Of classes to which each brings a piece. */
const OwnPieces = dynamic(
  () => insist(() => import("./own-pieces.tsx")).then((all) => all.OwnPieces),
  { loading: Fetching },
);

const marginWords = () =>
  ({
    bySize: measureBenchWords().byTheSize,
    small: measureBenchWords().aQuarterInchASide,
    board: measureBenchWords().halfAnInchASide,
    sign: measureBenchWords().anInchASide,
    byHand: measureBenchWords().byHand,
  }) as const;

interface Props {
  readonly classId: string;
  readonly document: ClassDocument;
  readonly thing: string;
  readonly versions: { readonly blank: number; readonly class: number };
  readonly unit: LengthUnit;
  /** How this studio works, where others work otherwise. */
  readonly ways: {
    readonly cupSide: HandleSchool;
    readonly tack: Exclude<Tack, "none">;
    readonly schools: Schools;
  };
  /** Where each brings their own: who they are. */
  readonly own: {
    readonly seats: ClassDocument["seats"];
    readonly version: number;
    readonly labels: Readonly<Record<string, string>>;
  } | null;
  readonly trials: readonly TrialRow[];
  readonly widest: number;
  readonly tallest: number;
  readonly pieces: readonly {
    readonly id: string;
    readonly colour: string;
    readonly path: string;
  }[];
  readonly dashed: Dashed | null;
  readonly children: ReactNode;
}

/** Asked for as soon as a field has the focus, so that it is there when the value is given. */
const reader = () => insist(() => import("./read-blank.ts"));

const takeClass = (document: ClassDocument) => document;

export function MeasureBench({
  classId,
  document,
  thing,
  versions,
  unit,
  ways,
  own,
  trials,
  widest,
  tallest,
  pieces,
  dashed,
  children,
}: Props) {
  const say = measureBenchWords();
  const editor = usePart<Blank>(
    classId,
    `blank:${thing}`,
    thingOf(document, thing).blank,
    versions.blank,
    (answer) => thingOf(answer.document as ClassDocument, thing).blank,
  );
  const whole = usePart<ClassDocument>(classId, "class", document, versions.class, (answer) =>
    takeClass(answer.document as ClassDocument),
  );
  const [refused, setRefused] = useState<string>();
  const blank = editor.value;
  const made = thingOf(whole.value, thing);
  const { shape } = blank;
  const ground = groundOf(
    blank,
    made.technique,
    twoSided(whole.value, thing),
    ways.schools.rawWood === "seal",
  );
  const drawn = useMemo(
    () => pieces.map(({ id, colour, path }) => ({ id, colour, polygon: readPiecePath(path) })),
    [pieces],
  );
  const change = (next: Blank, label: string) => {
    void reader().then(({ readBlank }) => {
      const read = readBlank(next);
      setRefused("fault" in read ? read.fault : undefined);
      if ("blank" in read) editor.change(read.blank, label);
    });
  };
  const setShape = (next: BlankShape, label: string) => change({ ...blank, shape: next }, label);
  return (
    <div
      className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 lg:grid-cols-[270px_1fr_310px]"
      onFocusCapture={() => void reader()}
    >
      <section className="grid grid-cols-[minmax(0,1fr)] content-start gap-3 lg:row-span-2">
        <h2 className="text-lg">{say.theBlank}</h2>
        <TextField
          label={say.whatIt}
          maxLength={120}
          required={say.sayWhatItIsSuch}
          value={blank.name}
          onChange={(name) => change({ ...blank, name }, say.nameOfTheBlank)}
        />
        <SelectField
          label={say.shape}
          value={shape.kind}
          words={shapeWords()}
          onChange={(kind: ShapeKind) =>
            change({ ...blank, shape: shapeAs(kind, shape), specimens: [] }, say.shapeOfTheBlank)
          }
        />
        <ShapeFields key={shape.kind} shape={shape} unit={unit} onChange={setShape} />
        {refused && (
          <p role="alert" className="text-brick text-sm">
            {say.notTaken(refused)}
          </p>
        )}
        <SelectField
          label={say.margin}
          value={blank.margin.rule}
          words={marginWords()}
          onChange={(rule) =>
            change(
              {
                ...blank,
                margin: rule === "byHand" ? { rule, mm: readFace(blank).marginMm } : { rule },
              },
              say.marginRule,
            )
          }
        />
        {blank.margin.rule === "byHand" && (
          <LengthField
            label={say.marginASide}
            mm={blank.margin.mm}
            unit={unit}
            allowZero
            onChange={(mm) => change({ ...blank, margin: { rule: "byHand", mm } }, say.margin)}
          />
        )}
        <div className="grid grid-cols-[minmax(0,1fr)_72px] gap-3">
          <SelectField
            label={say.madeOf}
            value={blank.material}
            words={filmWords().MATERIAL_WORDS}
            onChange={(material) => change({ ...blank, material }, say.material)}
          />
          <Field label={say.colour}>
            {(props) => (
              <input
                {...props}
                type="color"
                className="h-10 w-full p-1"
                value={blank.colour}
                onChange={(event) =>
                  change({ ...blank, colour: event.target.value }, say.colourOfTheBlank)
                }
              />
            )}
          </Field>
        </div>
        <LimitsFields blank={blank} unit={unit} cupSide={ways.cupSide} onChange={change} />
        <GroundFields blank={blank} ground={ground} unit={unit} onChange={change} />
        <FinishingFields
          {...finishingOf({ ...made, blank })}
          said={made.finishing !== undefined}
          shape={shape}
          unit={unit}
          onChange={(finishing, label) =>
            whole.change(
              {
                ...whole.value,
                things: whole.value.things.map((one) => {
                  const { finishing: _, ...usual } = one;
                  return one.id !== thing ? one : finishing ? { ...one, finishing } : usual;
                }),
              },
              label,
            )
          }
        />
        <SaveNote editor={editor} />
        {isCup(shape) && (
          <label className="flex min-h-11 items-start gap-2 text-sm">
            <input
              type="checkbox"
              className="mt-1"
              checked={made.brought ?? false}
              onChange={(event) =>
                whole.change(
                  {
                    ...whole.value,
                    things: whole.value.things.map((one) =>
                      one.id === thing ? { ...one, brought: event.target.checked } : one,
                    ),
                  },
                  say.broughtFromHome,
                )
              }
            />
            <span>{say.eachBringsTheirOwn}</span>
          </label>
        )}
        {own && (
          <OwnPieces
            key={own.version}
            classId={classId}
            document={{ things: whole.value.things, seats: own.seats }}
            thing={thing}
            blank={blank}
            version={own.version}
            labels={own.labels}
            unit={unit}
          />
        )}
      </section>
      <section>
        <BlankDrawing blank={blank} unit={unit} pieces={drawn} widest={widest} dashed={dashed} />
      </section>
      <section>
        <Figures blank={blank} unit={unit} widest={widest} tallest={tallest} />
        <h2 className="mt-6 text-lg">{say.findings}</h2>
        {children}
      </section>
      <div className="lg:col-span-2">
        <SurfaceAdvice
          use={made.use ?? whole.value.use}
          material={readySurface({
            blank,
            preparation: whole.value.preparation,
            thing: made,
            things: whole.value.things,
          })}
          glitterOnGlass={ways.schools.glitterOnGlass}
          shape={shape}
          technique={made.technique}
          vinyls={document.vinyls}
          trials={trials}
          tack={ways.tack}
          onChange={(use, label) =>
            whole.change(
              whole.value.things.length === 1
                ? { ...whole.value, use }
                : {
                    ...whole.value,
                    things: whole.value.things.map((one) =>
                      one.id === thing ? { ...one, use } : one,
                    ),
                  },
              label,
            )
          }
          onTechnique={(technique) =>
            whole.change(
              {
                ...whole.value,
                things: whole.value.things.map((one) =>
                  one.id === thing ? { ...one, technique } : one,
                ),
              },
              techniqueWords().TECHNIQUE_WORDS[technique].name,
            )
          }
        />
        <SaveNote editor={whole} />
      </div>
    </div>
  );
}

/** Whether another face of the object is decorated, too. */
const twoSided = ({ things }: Pick<ClassDocument, "things">, id: string): boolean =>
  things.some((thing) => (thing.id === id ? thing.sideOf !== undefined : thing.sideOf === id));
