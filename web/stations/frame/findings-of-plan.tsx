import type { Finding } from "@elm-basket/core/findings/finding.ts";
import type { LengthUnit } from "@elm-basket/core/units/length.ts";
import type { StoredPlan } from "@/data/making.ts";
import { Findings } from "./findings.tsx";

interface Props {
  readonly classId: string;
  /** Null where there is no plan, so that nobody has looked. */
  readonly plan: Pick<StoredPlan, "seats" | "findings"> | null;
  /** Which of its findings are shown here. */
  readonly of: (finding: StoredPlan["findings"][number]) => boolean;
  readonly unit: LengthUnit;
  readonly things?: readonly { readonly id: string; readonly title: string }[];
  readonly quiet?: string;
  readonly acts?: boolean;
}

/** Findings of a plan, with the names of those seats and things only that they speak of. */
export function FindingsOfPlan({ plan, of, things = [], ...rest }: Props) {
  // What is stored is one of our own; the text of its schema is wider than the codes there are.
  const findings = (plan?.findings.filter(of) ?? null) as readonly Finding[] | null;
  return (
    <Findings
      {...rest}
      findings={findings}
      labels={findings ? namesIn(findings, plan?.seats ?? []) : {}}
      {...(things.length > 1 ? { things: things.map(({ id, title }) => ({ id, title })) } : {})}
    />
  );
}

/** Labels of the seats that findings are about. */
export function namesIn(
  findings: readonly { readonly where: { readonly seat?: string | undefined } }[],
  seats: readonly { readonly seat: string; readonly label: string }[],
): Record<string, string> {
  const spoken = new Set(findings.map(({ where }) => where.seat));
  return Object.fromEntries(
    seats.flatMap(({ seat, label }) => (spoken.has(seat) ? [[seat, label]] : [])),
  );
}
