"use client";

import { type LengthUnit, parseLength, showLength } from "@elm-basket/core/units/length.ts";
import { type ReactNode, useEffect, useId, useState } from "react";

export function Field({
  label,
  hint,
  error,
  children,
}: {
  label: string;
  hint?: string;
  error?: string | undefined;
  children: (props: { id: string; "aria-invalid"?: true; "aria-describedby"?: string }) => ReactNode;
}) {
  const id = useId();
  const note = error ?? hint;
  return (
    <div className="grid content-start gap-1">
      {label !== "" && (
        <label htmlFor={id} className="text-sm text-soft">
          {label}
        </label>
      )}
      {children({ id, ...(error ? { "aria-invalid": true as const } : {}), ...(note ? { "aria-describedby": `${id}-note` } : {}) })}
      {note && (
        <p id={`${id}-note`} className={`text-sm ${error ? "text-brick" : "text-soft"}`} role={error ? "alert" : undefined}>
          {note}
        </p>
      )}
    </div>
  );
}

const WRONG = { empty: "Give a length, such as 7 3/4, 7.75in, 19 cm or 196.", notALength: "Not a length. Try 7 3/4, 7.75in, 19 cm or 196.", outOfRange: "A length above 0 and below 100 m." } as const;

/** A length typed as people write it; told in millimetres once it is sound. */
export function LengthField({
  label,
  name,
  mm,
  unit,
  onChange,
  allowZero = false,
}: {
  label: string;
  /** Spoken name where the label stands only at the head of a column. */
  name?: string;
  mm: number;
  unit: LengthUnit;
  onChange: (mm: number) => void;
  allowZero?: boolean;
}) {
  const [text, setText] = useState(() => showLength(mm, unit));
  const [error, setError] = useState<string>();
  useEffect(() => {
    setText(showLength(mm, unit));
    setError(undefined);
  }, [mm, unit]);
  const commit = () => {
    if (text === showLength(mm, unit)) return;
    if (allowZero && /^0+([.,]0+)?\s*\D*$/u.test(text.trim())) {
      onChange(0);
      return;
    }
    const read = parseLength(text, unit === "inFraction" || unit === "inDecimal" ? "inDecimal" : unit);
    if (read.ok) {
      setError(undefined);
      onChange(Math.round(read.mm * 100) / 100);
    } else setError(WRONG[read.code]);
  };
  return (
    <Field label={label} error={error}>
      {(props) => (
        <input
          {...props}
          aria-label={name}
          value={text}
          inputMode="text"
          autoComplete="off"
          className="w-full"
          onChange={(event) => setText(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => event.key === "Enter" && commit()}
        />
      )}
    </Field>
  );
}
