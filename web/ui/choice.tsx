"use client";

/** Two or three views of the same thing, side by side as one control. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
}) {
  return (
    <div role="tablist" aria-label={label} className="flex">
      {options.map(([key, words]) => (
        <button
          key={key}
          type="button"
          role="tab"
          aria-selected={value === key}
          className={`min-h-10 border border-elm px-4 font-bold first:rounded-l-card last:rounded-r-card not-first:border-l-0 ${value === key ? "bg-elm text-white" : "text-elm-dark"}`}
          onClick={() => onChange(key)}
        >
          {words}
        </button>
      ))}
    </div>
  );
}

/** Yes or no, in the words of what is true when it is ticked. */
export function CheckField({
  label,
  checked,
  onChange,
}: {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  return (
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />{" "}
      {label}
    </label>
  );
}
