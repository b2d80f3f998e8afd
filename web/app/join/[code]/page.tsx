import type { Metadata } from "next";
import Link from "next/link";
import { invitationHash, ROLE_WORDS } from "@/account/invitation.ts";
import { JoinForm } from "@/account/join-form.tsx";
import { currentMember } from "@/account/session.ts";
import { withoutStudio } from "@/data/client.ts";
import { invitationFor } from "@/data/people.ts";

export const metadata: Metadata = {
  title: "Join a studio",
  robots: { index: false, follow: false },
  referrer: "no-referrer",
};
export const dynamic = "force-dynamic";

export default async function JoinPage({ params }: { params: Promise<{ code: string }> }) {
  const { code } = await params;
  const found = await withoutStudio((sql) => invitationFor(sql, invitationHash(code)));
  const member = await currentMember();
  return (
    <main className="mx-auto max-w-md px-6 py-14">
      <p className="mb-6 font-bold font-head text-2xl text-elm-dark">Elm Basket</p>
      {found ? (
        <>
          <h1 className="mb-3 text-4xl [overflow-wrap:anywhere]">Join {found.studio}</h1>
          <p className="mb-6">
            As <b>{ROLE_WORDS[found.role].name.toLowerCase()}</b>: {ROLE_WORDS[found.role].may}.
          </p>
          {member && (
            <p className="mb-6 bg-ochre-tint px-4 py-3">
              You are signed in to {member.studio.name} as {member.studio.person}. Joining signs you
              in to {found.studio} in its place.
            </p>
          )}
          <JoinForm code={code} />
        </>
      ) : (
        <>
          <h1 className="mb-3 text-4xl">This link lets nobody in any more</h1>
          <p className="mb-6">
            It was used, taken back, or is older than a week. Ask whoever gave it to you for a new
            one.
          </p>
          <Link href="/sign-in" className="verb">
            To signing in
          </Link>
        </>
      )}
    </main>
  );
}
