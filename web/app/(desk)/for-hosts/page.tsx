import type { Metadata } from "next";
import { isHost, requireMember } from "@/account/session.ts";
import { forHostsWords } from "@/app/words.ts";
import { LinkButton } from "@/ui/button.tsx";

export const generateMetadata = (): Metadata => ({ title: forHostsWords().forHosts });

/** In the place of a page that somebody may not open. */
export default async function ForHostsPage() {
  const say = forHostsWords();
  const member = await requireMember();
  return (
    <div className="grid max-w-xl gap-4">
      <h1 className="text-4xl">{say.thisIsForOwners(isHost(member))}</h1>
      <p className="text-lg">{say.onlyOwnersOfTheStudio(isHost(member), member.studio.name)}</p>
      <LinkButton href="/" tone="main" className="justify-self-start">
        {say.toTonight}
      </LinkButton>
    </div>
  );
}
