/**
 * What the craft's knowledge proposes for a class as it is now: by the studio's ways, and by what
 * its lettered designs were found to be.
 */
import type { ClassDocument } from "@elm-basket/core/document/document.ts";
import { type Differences, differences } from "@elm-basket/core/proposal/merge.ts";
import { type Proposal, propose } from "@elm-basket/core/proposal/propose.ts";
import type { Host } from "../account/session.ts";
import { withStudio } from "../data/client.ts";
import type { StoredPlan } from "../data/making.ts";
import { studioPace } from "../data/pace.ts";

export type Facts = StoredPlan["facts"];

export const factsByThing = (facts: Facts): Map<string, Facts[number]> =>
  new Map(facts.map((own) => [own.thing, own]));

export async function proposalOf(
  host: Host,
  document: ClassDocument,
  facts: Facts,
): Promise<Proposal> {
  const { share } = await withStudio(host.studioId, studioPace);
  return propose(document, {
    schools: host.studio.settings.schools,
    share,
    facts: factsByThing(facts),
  });
}

export interface Proposed {
  readonly proposal: Proposal;
  /** Where the class stands otherwise than is proposed now. */
  readonly open: Differences;
}

export async function proposedFor(
  host: Host,
  document: ClassDocument,
  facts: Facts,
): Promise<Proposed> {
  const proposal = await proposalOf(host, document, facts);
  return { proposal, open: differences(document, proposal) };
}
