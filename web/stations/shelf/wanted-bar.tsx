import { goodsWords } from "@/ui/craft/goods.ts";
import { showDate } from "@/ui/dates.ts";
import type { ShelfGood } from "./shelf-view.ts";
import { wantedBarWords } from "./words.ts";

const WIDTH = 270;
const HEIGHT = 14;

/**
 * What the classes ahead want, earliest first, against what is here: the upright line. What lies
 * beyond it is lacking.
 */
export function WantedBar({ good }: { good: ShelfGood }) {
  const say = wantedBarWords();
  const { classes, amount } = good.wanted;
  const full = Math.max(amount, good.onHand, 1e-9);
  const scale = (WIDTH - 2) / full;
  const here = good.onHand * scale;
  const starts = [0];
  for (const { need } of classes) starts.push((starts.at(-1) ?? 0) + need);
  // Where tools come back between two days, all of them together want less than their sum.
  const share = amount / Math.max(starts.at(-1) ?? 0, 1e-9);
  const words = classes
    .map(
      ({ title, date, need }) =>
        `${goodsWords().tidyAmount(need)} ${title}, ${showDate(date, "short")}`,
    )
    .join(" · ");
  return (
    <div>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT + 4}`}
        className="block h-[18px] w-full"
        preserveAspectRatio="none"
        role="img"
        aria-label={say.hereWanted(
          goodsWords().tidyAmount(good.onHand),
          goodsWords().tidyAmount(amount),
        )}
      >
        {classes.map(({ id, need }, i) => {
          const [x, end] = [
            (starts[i] ?? 0) * share * scale,
            ((starts[i] ?? 0) + need) * share * scale,
          ];
          return (
            <g key={id}>
              {x < here && (
                <rect
                  x={x}
                  y={3}
                  width={Math.max(0, Math.min(end, here) - x - 1)}
                  height={HEIGHT - 3}
                  fill="var(--color-elm)"
                />
              )}
              {end > here && (
                <rect
                  x={Math.max(x, here) + 0.5}
                  y={3}
                  width={Math.max(0, end - Math.max(x, here) - 1)}
                  height={HEIGHT - 3}
                  fill="var(--color-brick-tint)"
                  stroke="var(--color-brick)"
                  strokeWidth={1}
                  vectorEffect="non-scaling-stroke"
                />
              )}
            </g>
          );
        })}
        <line
          x1={here + 0.5}
          x2={here + 0.5}
          y1={0}
          y2={HEIGHT + 3}
          stroke="var(--color-ink)"
          strokeWidth={1.6}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <p className="line-clamp-2 text-soft text-sm">{say.noClassAheadWants(words)}</p>
    </div>
  );
}
