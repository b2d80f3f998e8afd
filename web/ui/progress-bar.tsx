/** How far something long has come, in the colours of everything else here. */
export function ProgressBar({
  value,
  max,
  label,
  className = "w-full",
}: {
  value: number;
  max: number;
  label: string;
  className?: string;
}) {
  return (
    <progress
      value={value}
      max={max}
      aria-label={label}
      className={`h-2 appearance-none border-0 bg-rule [&::-moz-progress-bar]:bg-elm [&::-webkit-progress-bar]:bg-rule [&::-webkit-progress-value]:bg-elm ${className}`}
    />
  );
}
