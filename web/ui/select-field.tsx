"use client";

import { Field } from "./field.tsx";

interface Props<T extends string> {
  readonly label: string;
  readonly hint?: string;
  readonly value: T;
  /** Values with their words, in the order shown. */
  readonly words: Readonly<Record<string, string>> | readonly (readonly [string, string])[];
  readonly onChange: (value: T) => void;
}

/** One of several, by its words. */
export function SelectField<T extends string>({ label, hint, value, words, onChange }: Props<T>) {
  const options = Array.isArray(words)
    ? (words as readonly (readonly [string, string])[])
    : Object.entries(words);
  return (
    <Field label={label} {...(hint ? { hint } : {})}>
      {(props) => (
        <select
          {...props}
          className="min-h-11 w-full"
          value={value}
          onChange={(event) => onChange(event.target.value as T)}
        >
          {options.map(([key, text]) => (
            <option key={key} value={key}>
              {text}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
