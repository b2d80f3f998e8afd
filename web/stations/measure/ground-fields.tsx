"use client";

import type { Blank } from "@elm-basket/core/blanks/blank.ts";
import type { Finishing, Frame } from "@elm-basket/core/blanks/finishing.ts";
import { FINISHINGS, type FinishingWhy, loopMm } from "@elm-basket/core/blanks/finishing-of.ts";
import type { Ground } from "@elm-basket/core/blanks/ground.ts";
import { GROUND_BY, GROUND_FACES, GROUND_WORKS } from "@elm-basket/core/blanks/ground-kinds.ts";
import type { GroundRead } from "@elm-basket/core/blanks/ground-of.ts";
import type { BlankShape } from "@elm-basket/core/blanks/shape.ts";
import { isWood } from "@elm-basket/core/blanks/woods.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import { CheckField } from "@/ui/choice.tsx";
import { groundWords } from "@/ui/craft/grounds.ts";
import { LengthField, NumberField } from "@/ui/fields.tsx";
import { Rows } from "@/ui/rows.tsx";
import { SelectField } from "@/ui/select-field.tsx";
import { Section } from "./section.tsx";
import { groundFieldsWords } from "./words.ts";

const workWords = (): Readonly<Record<Ground["what"], string>> => ({
  none: groundFieldsWords().nothing,
  seal: groundFieldsWords().sealed,
  stain: groundFieldsWords().stained,
  paint: groundFieldsWords().painted,
});
const byWords = (): Readonly<Record<Ground["by"], string>> => ({
  bought: groundFieldsWords().boughtLike,
  host: groundFieldsWords().byYouBeforeTheClass,
  class: groundFieldsWords().inTheClass,
});
const faceWords = (): Readonly<Record<Ground["faces"], string>> => ({
  front: groundFieldsWords().theFace,
  both: groundFieldsWords().bothFaces,
  inside: groundFieldsWords().insideAsAJar,
  back: groundFieldsWords().behindAsClearPlastic,
});

interface Props {
  readonly blank: Blank;
  /** What counts where the host has not said. */
  readonly ground: GroundRead;
  readonly unit: LengthUnit;
  readonly onChange: (blank: Blank, label: string) => void;
}

/** What the blank gets before any film lies on it, and the frame round it. */
export function GroundFields({ blank, ground, unit, onChange }: Props) {
  const say = groundFieldsWords();
  const { said, why, ...read } = ground;
  const set = (patch: Partial<Ground>, label: string) =>
    onChange({ ...blank, ground: { ...read, ...patch } }, label);
  const { ground: _, ...unsaid } = blank;
  const done = ground.what !== "none" && ground.by !== "bought";
  return (
    <Section
      title={say.madeReady(
        ground.what === "none"
          ? say.asItComes
          : `${workWords()[ground.what]}, ${byWords()[ground.by]}`,
      )}
      open={done}
    >
      <p className="text-soft text-sm">
        {groundWords().GROUND_WORDS[why]}
        {said && (
          <>
            {" "}
            <button
              type="button"
              className="verb min-h-9"
              onClick={() => onChange(unsaid, say.madeReadyAsUsual)}
            >
              {say.asIsUsual}
            </button>
          </>
        )}
      </p>
      <SelectField
        label={say.beforeTheFilm}
        value={ground.what}
        words={GROUND_WORKS.map((what) => [what, workWords()[what]] as const)}
        onChange={(what) => set({ what }, say.whatTheBlankGets)}
      />
      {ground.what !== "none" && (
        <>
          <SelectField
            label={say.thatIsDone}
            value={ground.by}
            words={GROUND_BY.map((by) => [by, byWords()[by]] as const)}
            onChange={(by) => set({ by }, say.whoMakesBlanksReady)}
          />
          <div className="grid grid-cols-2 gap-3">
            <NumberField
              label={say.coats}
              value={ground.coats}
              least={1}
              most={6}
              onChange={(coats) => set({ coats }, say.coatsOnTheBlank)}
            />
            <SelectField
              label={say.on}
              value={ground.faces}
              words={GROUND_FACES.map((face) => [face, faceWords()[face]] as const)}
              onChange={(faces) => set({ faces }, say.facesOfTheBlank)}
            />
          </div>
        </>
      )}
      {isWood(blank.material) && (
        <CheckField
          label={say.sandedFirst}
          checked={ground.sand}
          onChange={(sand) => set({ sand }, say.sandedLeftRough(sand))}
        />
      )}
      {"width" in blank.shape && <FrameFields blank={blank} unit={unit} onChange={onChange} />}
    </Section>
  );
}

const fixedWords = (): Readonly<Record<Frame["fixed"], string>> => ({
  glued: groundFieldsWords().gluedOn,
  loose: groundFieldsWords().looseSoThatItComes,
});
const finishWords = (): Readonly<Record<Frame["finish"], string>> => ({
  raw: groundFieldsWords().leftRaw,
  stained: groundFieldsWords().stained,
  painted: groundFieldsWords().painted,
});
const frameBy = (): Readonly<Record<Frame["by"], string>> => ({
  bought: groundFieldsWords().boughtReady,
  host: groundFieldsWords().byYouBefore,
  class: groundFieldsWords().inTheClass,
});

function FrameFields({ blank, unit, onChange }: Omit<Props, "ground">) {
  const say = groundFieldsWords();
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
        onClick={() => onChange({ ...blank, frame: start }, say.aFrameRound)}
      >
        {say.putAFrameRound}
      </button>
    );
  return (
    <div className="grid gap-3 border-rule border-t pt-2">
      <div className="grid grid-cols-2 gap-3">
        <LengthField
          label={say.widthOfAStrip}
          mm={frame.strip}
          unit={unit}
          onChange={(strip) => set({ strip }, say.widthOfTheFrame)}
        />
        <LengthField
          label={say.coversOfTheFace}
          mm={frame.ledge}
          unit={unit}
          allowZero
          onChange={(ledge) => set({ ledge }, say.ledgeOfTheFrame)}
        />
        <SelectField
          label={say.theFrame}
          value={frame.fixed}
          words={fixedWords()}
          onChange={(fixed) => set({ fixed }, say.frameGluedOrLoose)}
        />
        <SelectField
          label={say.itsStrips}
          value={frame.finish}
          words={finishWords()}
          onChange={(finish) => set({ finish }, say.finishOfTheFrame)}
        />
        <SelectField
          label={say.made}
          value={frame.by}
          words={frameBy()}
          onChange={(by) => set({ by }, say.whoMakesTheFrame)}
        />
        <LengthField
          label={say.stripsAreSoldInLengths}
          mm={frame.sold}
          unit={unit}
          onChange={(sold) => set({ sold }, say.lengthOfStrips)}
        />
        <LengthField
          label={say.theSawTakes}
          mm={frame.kerf}
          unit={unit}
          allowZero
          onChange={(kerf) => set({ kerf }, say.widthOfTheSaw)}
        />
      </div>
      <button
        type="button"
        className="verb min-h-11 justify-self-start"
        onClick={() => onChange(bare, say.noFrame)}
      >
        {say.noFrame2}
      </button>
    </div>
  );
}

const partWords = (): Readonly<Record<Finishing["kind"], string>> => ({
  rings: groundFieldsWords().ringsAndKeyRing,
  twine: groundFieldsWords().twineOrCord,
  ribbon: groundFieldsWords().ribbon,
  hanger: groundFieldsWords().aHanger,
});

interface FinishingProps {
  readonly parts: readonly Finishing[];
  readonly why: FinishingWhy | null;
  readonly said: boolean;
  readonly shape: BlankShape;
  readonly unit: LengthUnit;
  /** Undefined: as is usual for it. */
  readonly onChange: (parts: Finishing[] | undefined, label: string) => void;
}

/** What is put on it in the end. */
export function FinishingFields({ parts, why, said, shape, unit, onChange }: FinishingProps) {
  const say = groundFieldsWords();
  const fresh = (kind: Finishing["kind"]): Finishing =>
    kind === "rings" ? { kind, tassel: true } : kind === "twine" ? { kind, beads: 0 } : { kind };
  return (
    <Section
      title={
        parts.length === 0
          ? say.putOnInTheEnd
          : say.putOnInTheEnd2(parts.map(({ kind }) => partWords()[kind]).join(", "))
      }
      open={parts.length > 0}
    >
      {why && (
        <p className="text-soft text-sm">
          {groundWords().FINISHING_WORDS[why]}
          {said && (
            <>
              {" "}
              <button
                type="button"
                className="verb min-h-9"
                onClick={() => onChange(undefined, say.finishingAsUsual)}
              >
                {say.asIsUsual}
              </button>
            </>
          )}
        </p>
      )}
      <Rows
        rows={parts}
        className="grid gap-2 border-rule border-b pb-3"
        out={{
          name: (i) => say.leaveOut(partWords()[parts[i]?.kind ?? "hanger"]),
          words: say.leaveOut2,
          label: say.aFinishingPartRemoved,
        }}
        onChange={(next, label) => onChange(next, label)}
      >
        {(part, set) => (
          <>
            <SelectField
              label={say.putOn}
              value={part.kind}
              words={FINISHINGS.map((kind) => [kind, partWords()[kind]] as const)}
              onChange={(kind) => set(fresh(kind), say.finishingPart)}
            />
            {part.kind === "rings" && (
              <CheckField
                label={say.withATassel}
                checked={part.tassel}
                onChange={(tassel) => set({ ...part, tassel }, say.tassel)}
              />
            )}
            {(part.kind === "twine" || part.kind === "ribbon") && (
              <LengthField
                label={say.lengthOfEach}
                mm={part.mm ?? loopMm(shape)}
                unit={unit}
                onChange={(mm) => set({ ...part, mm }, say.lengthOfTheTwine)}
              />
            )}
            {part.kind === "twine" && (
              <NumberField
                label={say.beads}
                value={part.beads}
                least={0}
                most={200}
                onChange={(beads) => set({ ...part, beads }, say.beads)}
              />
            )}
          </>
        )}
      </Rows>
      {parts.length < MOST_PARTS && (
        <button
          type="button"
          className="verb min-h-11 justify-self-start"
          onClick={() => onChange([...parts, fresh("twine")], say.anotherFinishingPart)}
        >
          {say.putSomething}
        </button>
      )}
    </Section>
  );
}

const MOST_PARTS = 8;
