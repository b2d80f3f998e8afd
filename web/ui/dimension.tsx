/**
 * Parts of a pattern-sheet drawing. Everything is drawn in millimetres; `px` is how many mm one
 * screen pixel is.
 */

export function Dimension({
  from,
  to,
  at,
  text,
  px,
  vertical = false,
}: {
  from: number;
  to: number;
  at: number;
  text: string;
  px: number;
  vertical?: boolean;
}) {
  const tick = 5 * px;
  const size = 14 * px;
  const middle = (from + to) / 2;
  const gap = Math.min((text.length * size * 0.3 + 4 * px) as number, Math.abs(to - from) / 2);
  const outside = text.length * size * 0.56 > Math.abs(to - from) - 8 * px;
  const line = (a: number, b: number) =>
    vertical ? <line x1={at} x2={at} y1={a} y2={b} /> : <line x1={a} x2={b} y1={at} y2={at} />;
  return (
    <g stroke="var(--color-ink)" strokeWidth={px * 1.1} fill="none">
      {[from, to].map((end) =>
        vertical ? (
          <line key={end} x1={at - tick} x2={at + tick} y1={end} y2={end} />
        ) : (
          <line key={end} x1={end} x2={end} y1={at - tick} y2={at + tick} />
        ),
      )}
      {outside ? (
        line(from, to)
      ) : (
        <>
          {line(from, middle - gap)}
          {line(middle + gap, to)}
        </>
      )}
      <text
        x={vertical ? at : middle}
        y={vertical ? middle : at}
        fontSize={size}
        fill="var(--color-ink)"
        stroke="none"
        textAnchor="middle"
        dominantBaseline="central"
        transform={
          vertical
            ? `rotate(-90 ${at} ${middle})${outside ? ` translate(0 ${-size * 0.8})` : ""}`
            : outside
              ? `translate(0 ${-size * 0.8})`
              : undefined
        }
      >
        {text}
      </text>
    </g>
  );
}

export function Hatch({ id, px }: { id: string; px: number }) {
  return (
    <pattern
      id={id}
      width={9 * px}
      height={9 * px}
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <line
        x1="0"
        x2="0"
        y1="0"
        y2={9 * px}
        stroke="var(--color-rule-strong)"
        strokeWidth={px * 1.6}
      />
    </pattern>
  );
}
