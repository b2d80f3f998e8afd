"use client";

import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import type { Finishing, Frame } from "@elm-basket/core/blanks/finishing.ts";
import { FINISHINGS, loopMm } from "@elm-basket/core/blanks/finishing-of.ts";
import type { Ground } from "@elm-basket/core/blanks/ground.ts";
import { GROUND_BY, GROUND_FACES, GROUND_WORKS } from "@elm-basket/core/blanks/ground-kinds.ts";
import type { GroundRead } from "@elm-basket/core/blanks/ground-of.ts";
import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import { isWood } from "@elm-basket/core/blanks/woods.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { CheckField } from "@/ui/choice.tsx";
import { LengthField, NumberField } from "@/ui/fields.tsx";
import { Rows } from "@/ui/rows.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { Section } from "./section.tsx";

const WORK_WORDS: Readonly<Record<Ground["what"], string>> = {
  none: "nothing",
  seal: "sealed",
  stain: "stained",
  paint: "painted",
};
const BY_WORDS: Readonly<Record<Ground["by"], string>> = {
  bought: "bought like that",
  host: "by you, before the class",
  class: "in the class",
};
const FACE_WORDS: Readonly<Record<Ground["faces"], string>> = {
  front: "the face",
  both: "both faces",
  inside: "inside, as a jar",
  back: "behind, as clear plastic",
};

interface Props {
  readonly blank: Blank;
  /** What counts where the host has not said. */
  readonly ground: GroundRead;
  readonly unit: LengthUnit;
  readonly onChange: (blank: Blank, label: string) => void;
}

/** What the blank gets before any film lies on it, and the frame round it. */
export function GroundFields({ blank, ground, unit, onChange }: Props) {
  const { said, because, ...read } = ground;
  const set = (patch: Partial<Ground>, label: string) =>
    onChange({ ...blank, ground: { ...read, ...patch } }, label);
  const { ground: _, ...unsaid } = blank;
  const done = ground.what !== "none" && ground.by !== "bought";
  return (
    <Section
      title={`Made ready: ${ground.what === "none" ? "as it comes" : `${WORK_WORDS[ground.what]}, ${BY_WORDS[ground.by]}`}`}
      open={done}
    >
      <p className="text-soft text-sm">
        {because}
        {said && (
          <>
            {" "}
            <button
              type="button"
              className="verb min-h-9"
              onClick={() => onChange(unsaid, "Made ready as usual")}
            >
              As is usual for it
            </button>
          </>
        )}
      </p>
      <SelectField
        label="Before the film it is"
        value={ground.what}
        words={GROUND_WORKS.map((what) => [what, WORK_WORDS[what]] as const)}
        onChange={(what) => set({ what }, "What the blank gets")}
      />
      {ground.what !== "none" && (
        <>
          <SelectField
            label="That is done"
            value={ground.by}
            words={GROUND_BY.map((by) => [by, BY_WORDS[by]] as const)}
            onChange={(by) => set({ by }, "Who makes blanks ready")}
          />
          <div className="grid grid-cols-2 gap-3">
            <NumberField
              label="Coats"
              value={ground.coats}
              least={1}
              most={6}
              onChange={(coats) => set({ coats }, "Coats on the blank")}
            />
            <SelectField
              label="On"
              value={ground.faces}
              words={GROUND_FACES.map((face) => [face, FACE_WORDS[face]] as const)}
              onChange={(faces) => set({ faces }, "Faces of the blank")}
            />
          </div>
        </>
      )}
      {isWood(blank.material) && (
        <CheckField
          label="sanded first"
          checked={ground.sand}
          onChange={(sand) => set({ sand }, sand ? "Sanded" : "Left rough")}
        />
      )}
      {"width" in blank.shape && <FrameFields blank={blank} unit={unit} onChange={onChange} />}
    </Section>
  );
}

const FIXED_WORDS: Readonly<Record<Frame["fixed"], string>> = {
  glued: "glued on",
  loose: "loose, so that it comes out",
};
const FINISH_WORDS: Readonly<Record<Frame["finish"], string>> = {
  raw: "left raw",
  stained: "stained",
  painted: "painted",
};
const FRAME_BY: Readonly<Record<Frame["by"], string>> = {
  bought: "bought ready",
  host: "by you, before",
  class: "in the class",
};

function FrameFields({ blank, unit, onChange }: Omit<Props, "ground">) {
  const { frame, ...bare } = blank;
  const set = (patch: Partial<Frame>, label: string) =>
    frame && onChange({ ...blank, frame: { ...frame, ...patch } }, label);
  const start: Frame = {
    strip: 20,
    ledge: 0,
    fixed: "glued",
    finish: "stained",
    by: "host",
    sold: 2400,
    kerf: 3,
  };
  if (!frame)
    return (
      <button
        type="button"
        className="verb min-h-11 justify-self-start"
        onClick={() => onChange({ ...blank, frame: start }, "A frame round it")}
      >
        Put a frame round it
      </button>
    );
  return (
    <div className="grid gap-3 border-rule border-t pt-2">
      <div className="grid grid-cols-2 gap-3">
        <LengthField
          label="Width of a strip"
          mm={frame.strip}
          unit={unit}
          onChange={(strip) => set({ strip }, "Width of the frame")}
        />
        <LengthField
          label="Covers of the face"
          mm={frame.ledge}
          unit={unit}
          allowZero
          onChange={(ledge) => set({ ledge }, "Ledge of the frame")}
        />
        <SelectField
          label="The frame is"
          value={frame.fixed}
          words={FIXED_WORDS}
          onChange={(fixed) => set({ fixed }, "Frame glued or loose")}
        />
        <SelectField
          label="Its strips are"
          value={frame.finish}
          words={FINISH_WORDS}
          onChange={(finish) => set({ finish }, "Finish of the frame")}
        />
        <SelectField
          label="Made"
          value={frame.by}
          words={FRAME_BY}
          onChange={(by) => set({ by }, "Who makes the frame")}
        />
        <LengthField
          label="Strips are sold in lengths of"
          mm={frame.sold}
          unit={unit}
          onChange={(sold) => set({ sold }, "Length of strips")}
        />
        <LengthField
          label="The saw takes"
          mm={frame.kerf}
          unit={unit}
          allowZero
          onChange={(kerf) => set({ kerf }, "Width of the saw")}
        />
      </div>
      <button
        type="button"
        className="verb min-h-11 justify-self-start"
        onClick={() => onChange(bare, "No frame")}
      >
        no frame
      </button>
    </div>
  );
}

const PART_WORDS: Readonly<Record<Finishing["kind"], string>> = {
  rings: "rings and key ring",
  twine: "twine or cord",
  ribbon: "ribbon",
  hanger: "a hanger",
};

interface FinishingProps {
  readonly parts: readonly Finishing[];
  readonly because: string;
  readonly said: boolean;
  readonly shape: BlankShape;
  readonly unit: LengthUnit;
  /** Undefined: as is usual for it. */
  readonly onChange: (parts: Finishing[] | undefined, label: string) => void;
}

/** What is put on it in the end. */
export function FinishingFields({ parts, because, said, shape, unit, onChange }: FinishingProps) {
  const fresh = (kind: Finishing["kind"]): Finishing =>
    kind === "rings" ? { kind, tassel: true } : kind === "twine" ? { kind, beads: 0 } : { kind };
  return (
    <Section
      title={
        parts.length === 0
          ? "Put on in the end: nothing"
          : `Put on in the end: ${parts.map(({ kind }) => PART_WORDS[kind]).join(", ")}`
      }
      open={parts.length > 0}
    >
      {(because || said) && (
        <p className="text-soft text-sm">
          {because}
          {said && (
            <>
              {" "}
              <button
                type="button"
                className="verb min-h-9"
                onClick={() => onChange(undefined, "Finishing as usual")}
              >
                As is usual for it
              </button>
            </>
          )}
        </p>
      )}
      <Rows
        rows={parts}
        className="grid gap-2 border-rule border-b pb-3"
        out={{
          name: (i) => `Leave out ${PART_WORDS[parts[i]?.kind ?? "hanger"]}`,
          words: "leave out",
          label: "A finishing part removed",
        }}
        onChange={(next, label) => onChange(next, label)}
      >
        {(part, set) => (
          <>
            <SelectField
              label="Put on"
              value={part.kind}
              words={FINISHINGS.map((kind) => [kind, PART_WORDS[kind]] as const)}
              onChange={(kind) => set(fresh(kind), "Finishing part")}
            />
            {part.kind === "rings" && (
              <CheckField
                label="with a tassel"
                checked={part.tassel}
                onChange={(tassel) => set({ ...part, tassel }, "Tassel")}
              />
            )}
            {(part.kind === "twine" || part.kind === "ribbon") && (
              <LengthField
                label="Length of each"
                mm={part.mm ?? loopMm(shape)}
                unit={unit}
                onChange={(mm) => set({ ...part, mm }, "Length of the twine")}
              />
            )}
            {part.kind === "twine" && (
              <NumberField
                label="Beads"
                value={part.beads}
                least={0}
                most={200}
                onChange={(beads) => set({ ...part, beads }, "Beads")}
              />
            )}
          </>
        )}
      </Rows>
      {parts.length < MOST_PARTS && (
        <button
          type="button"
          className="verb min-h-11 justify-self-start"
          onClick={() => onChange([...parts, fresh("twine")], "Another finishing part")}
        >
          Put something on
        </button>
      )}
    </Section>
  );
}

const MOST_PARTS = 8;
