"use client";

import type { ShapeItem } from "@elm-basket/core/lettering/recipe.ts";
import { LengthField, NumberField } from "@/ui/fields.tsx";
import { AlignField, type RuleProps, StandsField, tidy, VinylField } from "./item-fields.tsx";
import { FORM_WORDS } from "./new-items.ts";

export function ShapeRule({ item, vinyls, unit, scale, design, onChange }: RuleProps<ShapeItem>) {
  const name = FORM_WORDS[item.form];
  const surrounds = item.form === "ring" || item.form === "frame";
  const { around, ...loose } = item;
  const { on, ...inRow } = item;
  const { width: _, ...ruled } = item;
  return (
    <div className="field-rows grid gap-2">
      <VinylField
        value={item.vinyl}
        vinyls={vinyls}
        onChange={(vinyl) => onChange({ ...item, vinyl }, `Vinyl of the ${name}`)}
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
              `Where the ${name} stands`,
            )
          }
        />
      )}
      {around === undefined && (
        <AlignField
          value={item.align}
          onChange={(align) => onChange({ ...item, align }, `${name} aligned`)}
        />
      )}
      {around === undefined ? (
        <LengthField
          label={item.form === "line" ? "Thickness" : "Height"}
          name={`Size of the ${name}`}
          mm={tidy(item.size * scale)}
          unit={unit}
          least={0.2}
          most={1000}
          onChange={(mm) => onChange({ ...item, size: tidy(mm / scale) }, `Size of the ${name}`)}
        />
      ) : (
        <LengthField
          label="Away from the rest"
          name={`Distance of the ${name}`}
          mm={tidy(around * scale)}
          unit={unit}
          allowZero
          most={500}
          onChange={(mm) =>
            onChange({ ...item, around: tidy(mm / scale) }, `Distance of the ${name}`)
          }
        />
      )}
      {item.width !== undefined && around === undefined && (
        <LengthField
          label="Width"
          name={`Width of the ${name}`}
          mm={tidy(item.width * scale)}
          unit={unit}
          least={0.5}
          most={2000}
          onChange={(mm) => onChange({ ...item, width: tidy(mm / scale) }, `Width of the ${name}`)}
        />
      )}
      {item.form === "line" && (
        <DashFields item={item} unit={unit} scale={scale} onChange={onChange} />
      )}
      {item.form === "star" && (
        <NumberField
          label="Points"
          value={item.points}
          least={3}
          most={24}
          onChange={(points) => onChange({ ...item, points }, "Points of the star")}
        />
      )}
      {surrounds && (
        <>
          <LengthField
            label="Band"
            name={`Band of the ${name}`}
            mm={tidy(item.band * scale)}
            unit={unit}
            least={0.2}
            most={200}
            onChange={(mm) => onChange({ ...item, band: tidy(mm / scale) }, `Band of the ${name}`)}
          />
          <label className="inline-flex min-h-8 items-center gap-2 text-sm">
            <input
              type="checkbox"
              checked={around !== undefined}
              onChange={(event) =>
                onChange(
                  event.target.checked ? { ...item, around: 4 } : loose,
                  `${name} round everything`,
                )
              }
            />{" "}
            round everything
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
              event.target.checked ? "Bar dashed" : "Bar in one",
            )
          }
        />{" "}
        dashed
      </label>
      {dash && (
        <>
          <LengthField
            label="Dash"
            mm={tidy(dash.on * scale)}
            unit={unit}
            least={0.2}
            most={500}
            onChange={(mm) =>
              onChange({ ...item, dash: { ...dash, on: tidy(mm / scale) } }, "Length of a dash")
            }
          />
          <LengthField
            label="Left out"
            mm={tidy(dash.off * scale)}
            unit={unit}
            least={0.2}
            most={500}
            onChange={(mm) =>
              onChange(
                { ...item, dash: { ...dash, off: tidy(mm / scale) } },
                "Space between dashes",
              )
            }
          />
        </>
      )}
    </>
  );
}
