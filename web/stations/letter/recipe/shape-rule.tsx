"use client";

import type { ShapeItem } from "@elm-basket/core/lettering/recipe.ts";
import { LengthField, NumberField } from "@/ui/fields.tsx";
import { formWords, shapeRuleWords } from "../words.ts";
import { AlignField, type RuleProps, StandsField, tidy, VinylField } from "./item-fields.tsx";

export function ShapeRule({ item, vinyls, unit, scale, design, onChange }: RuleProps<ShapeItem>) {
  const say = shapeRuleWords();
  const name = formWords()[item.form];
  const surrounds = item.form === "ring" || item.form === "frame";
  const { around, ...loose } = item;
  const { on, ...inRow } = item;
  const { width: _, ...ruled } = item;
  return (
    <div className="field-rows grid gap-2">
      <VinylField
        value={item.vinyl}
        vinyls={vinyls}
        onChange={(vinyl) => onChange({ ...item, vinyl }, say.vinylOf(name))}
      />
      {around === undefined && (
        <StandsField
          on={on}
          own={item.id}
          design={design}
          as={item.form === "line" ? "rule" : "beside"}
          onChange={(next) =>
            onChange(
              next
                ? { ...(item.form === "line" ? ruled : item), on: next }
                : { ...inRow, ...(item.form === "line" ? { width: item.width ?? 40 } : {}) },
              say.whereTheStands(name),
            )
          }
        />
      )}
      {around === undefined && (
        <AlignField
          value={item.align}
          onChange={(align) => onChange({ ...item, align }, say.aligned(name))}
        />
      )}
      {around === undefined ? (
        <LengthField
          label={say.thicknessHeight(item.form)}
          name={shapeRuleWords().sizeOfThe(name)}
          mm={tidy(item.size * scale)}
          unit={unit}
          least={0.2}
          most={1000}
          onChange={(mm) => onChange({ ...item, size: tidy(mm / scale) }, say.sizeOf(name))}
        />
      ) : (
        <LengthField
          label={say.awayFromTheRest}
          name={shapeRuleWords().distanceOfThe(name)}
          mm={tidy(around * scale)}
          unit={unit}
          allowZero
          most={500}
          onChange={(mm) => onChange({ ...item, around: tidy(mm / scale) }, say.distanceOf(name))}
        />
      )}
      {item.width !== undefined && around === undefined && (
        <LengthField
          label={say.width}
          name={shapeRuleWords().widthOfThe(name)}
          mm={tidy(item.width * scale)}
          unit={unit}
          least={0.5}
          most={2000}
          onChange={(mm) => onChange({ ...item, width: tidy(mm / scale) }, say.widthOf(name))}
        />
      )}
      {item.form === "line" && (
        <DashFields item={item} unit={unit} scale={scale} onChange={onChange} />
      )}
      {item.form === "star" && (
        <NumberField
          label={say.points}
          value={item.points}
          least={3}
          most={24}
          onChange={(points) => onChange({ ...item, points }, say.pointsOfTheStar)}
        />
      )}
      {surrounds && (
        <>
          <LengthField
            label={say.band}
            name={shapeRuleWords().bandOfThe(name)}
            mm={tidy(item.band * scale)}
            unit={unit}
            least={0.2}
            most={200}
            onChange={(mm) => onChange({ ...item, band: tidy(mm / scale) }, say.bandOf(name))}
          />
          <label className="inline-flex min-h-8 items-center gap-2 text-sm">
            <input
              type="checkbox"
              checked={around !== undefined}
              onChange={(event) =>
                onChange(
                  event.target.checked ? { ...item, around: 4 } : loose,
                  say.roundEverything(name),
                )
              }
            />{" "}
            {say.roundEverything2}
          </label>
        </>
      )}
    </div>
  );
}

/** A bar drawn and left out in turns, as school lines have it. */
function DashFields({
  item,
  unit,
  scale,
  onChange,
}: Omit<RuleProps<ShapeItem>, "vinyls" | "design">) {
  const say = shapeRuleWords();
  const { dash, ...solid } = item;
  return (
    <>
      <label className="inline-flex min-h-9 items-center gap-2 text-sm">
        <input
          type="checkbox"
          checked={dash !== undefined}
          onChange={(event) =>
            onChange(
              event.target.checked ? { ...item, dash: { on: 4, off: 3 } } : solid,
              say.barDashedBar(event.target.checked),
            )
          }
        />{" "}
        {say.dashed}
      </label>
      {dash && (
        <>
          <LengthField
            label={say.dash}
            mm={tidy(dash.on * scale)}
            unit={unit}
            least={0.2}
            most={500}
            onChange={(mm) =>
              onChange({ ...item, dash: { ...dash, on: tidy(mm / scale) } }, say.lengthOfADash)
            }
          />
          <LengthField
            label={say.leftOut}
            mm={tidy(dash.off * scale)}
            unit={unit}
            least={0.2}
            most={500}
            onChange={(mm) =>
              onChange(
                { ...item, dash: { ...dash, off: tidy(mm / scale) } },
                say.spaceBetweenDashes,
              )
            }
          />
        </>
      )}
    </>
  );
}
