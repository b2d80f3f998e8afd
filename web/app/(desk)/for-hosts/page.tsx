import type { Metadata } from "next";
import { isHost, requireMember } from "@/account/session.ts";
import { LinkButton } from "@/ui/button.tsx";

export const metadata: Metadata = { title: "For hosts" };

/** In the place of a page that somebody may not open. */
export default async function ForHostsPage() {
  const member = await requireMember();
  return (
    <div className="grid max-w-xl gap-4">
      <h1 className="text-4xl">{isHost(member) ? "This is for owners" : "This is for hosts"}</h1>
      <p className="text-lg">
        {isHost(member)
          ? "Only owners of the studio open that page. Ask one of them."
          : `You help in ${member.studio.name}: Cut, Weed and Pack of each class are open to you. What is planned, bought and charged is for its hosts.`}
      </p>
      <LinkButton href="/" tone="main" className="justify-self-start">
        To Tonight
      </LinkButton>
    </div>
  );
}
