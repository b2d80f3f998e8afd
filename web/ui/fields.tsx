"use client";

import { minorDigits } from "@elm-basket/core/supplies/money.ts";
import { type LengthUnit, parseLength } from "@elm-basket/core/units/length.ts";
import { Field } from "./field.tsx";
import { decimal, plainNumber, writeLength } from "./figures.ts";
import { type Read, TypedField, type TypedProps } from "./typed-field.tsx";
import { fieldsWords } from "./words.ts";

type Plain<T> = Pick<
  TypedProps<T>,
  "label" | "name" | "hint" | "value" | "onChange" | "error" | "className" | "disabled"
>;

interface TextProps extends Plain<string> {
  readonly maxLength?: number;
  /** What is said when it is left empty; without this it may be empty. */
  readonly required?: string;
}

/** Words, with spaces as they are typed; trimmed when the field is left. */
export function TextField({ required, ...props }: TextProps) {
  const read = (text: string): Read<string> =>
    required && text.trim() === ""
      ? { ok: false, message: required }
      : { ok: true, value: text.trim() };
  return <TypedField<string> {...props} write={(text) => text} read={read} />;
}

/** Several lines; saved when it is left. */
export function LongTextField({
  label,
  value,
  onChange,
  maxLength = 600,
  rows = 2,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  maxLength?: number;
  rows?: number;
}) {
  return (
    <Field label={label}>
      {(props) => (
        <textarea
          {...props}
          key={value}
          rows={rows}
          maxLength={maxLength}
          className="w-full"
          defaultValue={value}
          onBlur={(event) => {
            if (event.target.value.trim() !== value) onChange(event.target.value.trim());
          }}
        />
      )}
    </Field>
  );
}

interface NumberProps extends Plain<number> {
  readonly least: number;
  readonly most: number;
  readonly step?: number;
  /** Decimal places that are kept. */
  readonly digits?: number;
  /** Shown behind the number and may be typed with it: min, %, g. */
  readonly unit?: string;
}

const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));

/** A number, typed freely. */
export function NumberField({ least, most, step = 1, digits = 0, unit, ...props }: NumberProps) {
  const say = fieldsWords();
  const word = unit ? ` ${unit}` : "";
  const read = (text: string): Read<number> => {
    const bare = text
      .trim()
      .replace(/\s*[a-z%°]+\.?$/iu, "")
      .replace(",", ".")
      .replace("−", "-");
    const value = bare === "" ? Number.NaN : Number(bare);
    if (!Number.isFinite(value))
      return {
        ok: false,
        message: say.aNumberSuch(
          word,
          unit,
          rounded(Math.min(most, Math.max(least, props.value)), digits),
        ),
      };
    if (digits === 0 && !Number.isInteger(value)) return { ok: false, message: say.aWholeNumber };
    if (value < least || value > most) return { ok: false, message: say.fromTo(least, most, word) };
    return { ok: true, value: rounded(value, digits) };
  };
  return (
    <TypedField<number>
      {...props}
      inputMode={digits > 0 || least < 0 ? "decimal" : "numeric"}
      write={(value) => `${plainNumber(rounded(value, digits))}${word}`}
      read={read}
      step={(value, by) => Math.min(most, Math.max(least, rounded(value + by * step, digits)))}
    />
  );
}

interface LengthProps extends Omit<Plain<number>, "value"> {
  readonly mm: number;
  readonly unit: LengthUnit;
  readonly allowZero?: boolean;
  /** To either side of a middle. */
  readonly signed?: boolean;
  readonly least?: number;
  readonly most?: number;
  /** One press, mm; half a millimetre or a sixteenth of an inch unless it is said. */
  readonly step?: number;
}

const wrong = () =>
  ({
    empty: fieldsWords().giveALengthSuch,
    notALength: fieldsWords().notALengthTry62,
    outOfRange: fieldsWords().aLengthAbove0,
  }) as const;

/** A length typed as people write it, in any unit; told in millimetres. */
export function LengthField({
  mm,
  unit,
  allowZero = false,
  signed = false,
  least = signed ? -100_000 : 0,
  most = 100_000,
  step,
  ...props
}: LengthProps) {
  const say = fieldsWords();
  const inches = unit === "inFraction" || unit === "inDecimal";
  const within = (value: number): Read<number> => {
    if (value < least || value > most)
      return {
        ok: false,
        message: say.fromTo2(writeLength(least, unit), writeLength(most, unit)),
      };
    return { ok: true, value };
  };
  const read = (text: string): Read<number> => {
    const bare = text.trim().replace("−", "-");
    if ((allowZero || signed) && /^-?0+([.,]0+)?\s*\D*$/u.test(bare)) return within(0);
    const minus = bare.startsWith("-");
    if (minus && !signed && least >= 0) return { ok: false, message: say.aLengthOf0 };
    const answer = parseLength(minus ? bare.slice(1) : bare, inches ? "inDecimal" : unit);
    return answer.ok
      ? within((minus ? -1 : 1) * (Math.round(answer.mm * 1000) / 1000))
      : { ok: false, message: wrong()[answer.code] };
  };
  const by = step ?? (inches ? 25.4 / 16 : 0.5);
  const floor = Math.max(least, signed || least < 0 ? least : allowZero ? 0 : by);
  return (
    <TypedField<number>
      {...props}
      value={mm}
      write={(value) => writeLength(value, unit)}
      read={read}
      step={(value, way) =>
        Math.min(most, Math.max(floor, Math.round((value + way * by) * 1000) / 1000))
      }
    />
  );
}

interface MoneyProps extends Omit<Plain<number | null>, "value"> {
  /** Minor units; null where nobody said. */
  readonly minor: number | null;
  readonly currency: string;
  readonly mayBeUnknown?: boolean;
}

/** An amount of money; empty means that it is not known, which is not nothing. */
export function MoneyField({ minor, currency, mayBeUnknown = true, ...props }: MoneyProps) {
  const say = fieldsWords();
  const digits = minorDigits(currency);
  const write = (value: number | null) =>
    value === null ? "" : decimal(value / 10 ** digits, digits);
  const read = (text: string): Read<number | null> => {
    const bare = text
      .trim()
      .replace(/^[^\d.,-]+|[^\d.,]+$/gu, "")
      .replace(",", ".");
    if (bare === "")
      return mayBeUnknown
        ? { ok: true, value: null }
        : { ok: false, message: say.anAmountInSuch(currency, write(1250)) };
    const value = Math.round(Number(bare) * 10 ** digits);
    if (!Number.isFinite(value) || value < 0 || value > 1_000_000_000)
      return {
        ok: false,
        message: say.anAmountInSuch2(currency, write(1250), mayBeUnknown),
      };
    return { ok: true, value };
  };
  return (
    <TypedField<number | null>
      {...props}
      value={minor}
      inputMode="decimal"
      write={write}
      read={read}
    />
  );
}
