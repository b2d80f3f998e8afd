"use client";

import { type ReactNode, useId } from "react";

export function Field({
  label,
  hint,
  error,
  children,
}: {
  label: string;
  hint?: string;
  error?: string | undefined;
  children: (props: {
    id: string;
    "aria-invalid"?: true;
    "aria-describedby"?: string;
  }) => ReactNode;
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
      {children({
        id,
        ...(error ? { "aria-invalid": true as const } : {}),
        ...(note ? { "aria-describedby": `${id}-note` } : {}),
      })}
      {note && (
        <p
          id={`${id}-note`}
          className={`text-sm ${error ? "text-brick" : "text-soft"}`}
          role={error ? "alert" : undefined}
        >
          {note}
        </p>
      )}
    </div>
  );
}
