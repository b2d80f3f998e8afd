/** No schedule can be shorter than these. */
import type { Network } from "./network.ts";

/**
 * Minutes: the longest chain, the busiest span of a tool, or of what only one step can hold at a
 * time the preemptive schedule of one machine.
 */
export function lowerBound(net: Network): number {
  const chain = Math.max(0, ...net.heads.map((head, i) => head + (net.tails[i] ?? 0)));
  return net.capacity.reduce(
    (best, capacity, resource) =>
      Math.max(best, capacity === 1 ? oneMachine(net, resource) : busiestSpan(net, resource)),
    chain,
  );
}

const holding = (net: Network, resource: number) =>
  net.ids.flatMap((_, i) => {
    const count = net.holds[i]?.find((held) => held.resource === resource)?.count ?? 0;
    const minutes = net.minutes[i] ?? 0;
    return count > 0
      ? [{ head: net.heads[i] ?? 0, minutes, tail: (net.tails[i] ?? 0) - minutes, count }]
      : [];
  });

/**
 * Work that begins after a moment and has at least so much after it: its share of the tools fits
 * nowhere else.
 */
function busiestSpan(net: Network, resource: number): number {
  const rows = holding(net, resource);
  let best = 0;
  for (const { head } of rows) {
    for (const { tail } of rows) {
      const work = rows.reduce(
        (sum, row) => sum + (row.head >= head && row.tail >= tail ? row.minutes * row.count : 0),
        0,
      );
      if (work > 0)
        best = Math.max(best, head + Math.ceil(work / (net.capacity[resource] ?? 1)) + tail);
    }
  }
  return best;
}

/**
 * Jackson's preemptive schedule (Carlier 1982): of what may begin, always the one with most after
 * it; the least that any order can take.
 */
function oneMachine(net: Network, resource: number): number {
  const left = holding(net, resource).map((row) => ({ ...row }));
  let [now, best] = [0, 0];
  while (left.length > 0) {
    const ready = left.filter(({ head }) => head <= now);
    if (ready.length === 0) {
      now = Math.min(...left.map(({ head }) => head));
      continue;
    }
    const job = ready.reduce((a, b) => (b.tail > a.tail ? b : a));
    const next = Math.min(
      ...left.filter(({ head, tail }) => head > now && tail > job.tail).map(({ head }) => head),
      now + job.minutes,
    );
    job.minutes -= next - now;
    now = next;
    if (job.minutes > 0) continue;
    best = Math.max(best, now + job.tail);
    left.splice(left.indexOf(job), 1);
  }
  return best;
}
