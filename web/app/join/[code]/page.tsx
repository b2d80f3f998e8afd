import type { Metadata } from "next";
import Link from "next/link";
import { invitationHash, roleWords } from "@/account/invitation.ts";
import { JoinForm } from "@/account/join-form.tsx";
import { currentMember } from "@/account/session.ts";
import { joinWords } from "@/app/words.ts";
import { withoutStudio } from "@/data/client.ts";
import { invitationFor } from "@/data/people.ts";

export const generateMetadata = (): Metadata => ({
  title: joinWords().joinAStudio,
  robots: { index: false, follow: false },
  referrer: "no-referrer",
});
export const dynamic = "force-dynamic";

export default async function JoinPage({ params }: { params: Promise<{ code: string }> }) {
  const say = joinWords();
  const { code } = await params;
  const found = await withoutStudio((sql) => invitationFor(sql, invitationHash(code)));
  const member = await currentMember();
  return (
    <main className="mx-auto max-w-md px-6 py-14">
      <p className="mb-6 font-bold font-head text-2xl text-elm-dark">{say.elmBasket}</p>
      {found ? (
        <>
          <h1 className="mb-3 text-4xl [overflow-wrap:anywhere]">{say.join(found.studio)}</h1>
          <p className="mb-6">
            {say.asSaid} <b>{roleWords()[found.role].name.toLowerCase()}</b>:{" "}
            {roleWords()[found.role].may}.
          </p>
          {member && (
            <p className="mb-6 bg-ochre-tint px-4 py-3">
              {say.youAreSigned(member.studio.name, member.studio.person, found.studio)}
            </p>
          )}
          <JoinForm code={code} />
        </>
      ) : (
        <>
          <h1 className="mb-3 text-4xl">{say.thisLinkLetsNobody}</h1>
          <p className="mb-6">{say.itWasUsedTakenBack}</p>
          <Link href="/sign-in" className="verb">
            {say.toSigning}
          </Link>
        </>
      )}
    </main>
  );
}
