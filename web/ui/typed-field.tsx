"use client";

import { Minus, Plus } from "lucide-react";
import { type KeyboardEvent, type ReactNode, useEffect, useRef, useState } from "react";
import { Field } from "./field.tsx";
import { typedFieldWords } from "./words.ts";

export type Read<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly message: string };

export interface TypedProps<T> {
  readonly label: string;
  /** Spoken name where the label stands only at the head of a column. */
  readonly name?: string | undefined;
  readonly hint?: string | undefined;
  readonly value: T;
  readonly write: (value: T) => string;
  readonly read: (text: string) => Read<T>;
  readonly onChange: (value: T) => void;
  /** The next value by one step up or down; arrow keys and two small buttons use it. */
  readonly step?: ((value: T, by: 1 | -1) => T) | undefined;
  /** What stands in the field instead of the two small buttons; arrow keys step all the same. */
  readonly aside?: ReactNode;
  readonly inputMode?: "text" | "decimal" | "numeric";
  readonly maxLength?: number;
  readonly error?: string | undefined;
  readonly className?: string;
  readonly disabled?: boolean;
}

/**
 * What is typed stays as it is typed; it is read when the field is left, on Enter or by a step.
 * What cannot be read
 * stays, with the reason beside it, and nothing is changed; Escape puts back what was.
 */
export function TypedField<T>({
  label,
  name,
  hint,
  value,
  write,
  read,
  onChange,
  step,
  aside,
  inputMode = "text",
  maxLength,
  error,
  className = "",
  disabled = false,
}: TypedProps<T>) {
  const say = typedFieldWords();
  const written = write(value);
  const [text, setText] = useState(written);
  const [wrong, setWrong] = useState<string>();
  const typing = useRef(false);
  // A newer value from outside is shown, but never under the hands of somebody who types.
  useEffect(() => {
    if (typing.current) return;
    setText(written);
    setWrong(undefined);
  }, [written]);
  const take = (): T | null => {
    typing.current = false;
    if (text === written) {
      setWrong(undefined);
      return value;
    }
    const answer = read(text);
    if (!answer.ok) {
      setWrong(answer.message);
      return null;
    }
    setWrong(undefined);
    setText(write(answer.value));
    if (write(answer.value) !== written) onChange(answer.value);
    return answer.value;
  };
  const stepBy = (by: 1 | -1) => {
    const from = take();
    if (from === null || !step) return;
    const next = step(from, by);
    setText(write(next));
    if (write(next) !== write(from)) onChange(next);
  };
  const buttons = step !== undefined && aside === undefined;
  const onKey = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === "Enter") take();
    else if (event.key === "Escape" && text !== written) {
      event.stopPropagation();
      typing.current = false;
      setText(written);
      setWrong(undefined);
    } else if (step && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      stepBy(event.key === "ArrowUp" ? 1 : -1);
    }
  };
  return (
    <Field label={label} error={wrong ?? error} {...(hint ? { hint } : {})}>
      {(props) => (
        <span className={buttons ? "@container relative block" : "relative block"}>
          <input
            {...props}
            aria-label={name}
            value={text}
            inputMode={inputMode}
            maxLength={maxLength}
            disabled={disabled}
            autoComplete="off"
            className={`min-h-11 w-full tabular-nums ${buttons ? "@min-[116px]:px-8 @min-[116px]:text-center" : aside ? "pr-9" : ""} ${className}`}
            onChange={(event) => {
              typing.current = true;
              setText(event.target.value);
            }}
            onBlur={take}
            onKeyDown={onKey}
          />
          {!disabled && aside}
          {buttons && !disabled && (
            <>
              <StepButton
                label={say.less(name, label)}
                side="left-px border-r"
                onPress={() => stepBy(-1)}
              >
                <Minus size={14} aria-hidden />
              </StepButton>
              <StepButton
                label={say.more(name, label)}
                side="right-px border-l"
                onPress={() => stepBy(1)}
              >
                <Plus size={14} aria-hidden />
              </StepButton>
            </>
          )}
        </span>
      )}
    </Field>
  );
}

/**
 * Out of the way of the keyboard, where the arrow keys do the same; gone where the number needs the
 * room.
 */
function StepButton({
  label,
  side,
  onPress,
  children,
}: {
  label: string;
  side: string;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      tabIndex={-1}
      aria-label={label}
      className={`absolute inset-y-px ${side} hidden w-7 place-items-center border-rule text-soft hover:bg-elm-tint hover:text-elm @min-[116px]:grid`}
      // The field keeps what is typed in it until the press has read it.
      onMouseDown={(event) => event.preventDefault()}
      onClick={onPress}
    >
      {children}
    </button>
  );
}
