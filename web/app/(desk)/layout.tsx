import Link from "next/link";
import type { ReactNode } from "react";
import { signOut } from "@/account/actions.ts";
import { isHost, requireMember } from "@/account/session.ts";
import { DeskLink } from "@/ui/desk-link.tsx";
import { layoutWords } from "../words.ts";

const pages = () =>
  [
    ["/", layoutWords().tonight],
    ["/classes", layoutWords().classes],
    ["/projects", layoutWords().projects],
    ["/reckoner", layoutWords().reckoner],
    ["/shelf", layoutWords().shelf],
    ["/logbook", layoutWords().logbook],
  ] as const;

export default async function Desk({ children }: { children: ReactNode }) {
  const say = layoutWords();
  const member = await requireMember();
  const { studio } = member;
  const host = isHost(member);
  return (
    <div className="mx-auto min-h-screen max-w-[1280px] px-4 pb-16 sm:px-8">
      <header className="flex flex-wrap print:hidden items-center gap-x-8 gap-y-2 py-4">
        <Link href="/" className="font-bold font-head text-elm-dark text-xl">
          {say.elmBasket}
        </Link>
        <nav
          aria-label={say.desk}
          className="order-last flex basis-full flex-wrap gap-x-6 sm:order-none sm:flex-1 sm:basis-auto"
        >
          {pages()
            .filter(([href]) => host || href === "/")
            .map(([href, name]) => (
              <DeskLink key={href} href={href}>
                {name}
              </DeskLink>
            ))}
        </nav>
        <Link
          href={host ? "/settings" : "/settings/account"}
          className="min-h-6 text-soft hover:underline"
        >
          {studio.name}
        </Link>
        <form action={signOut}>
          <button type="submit" className="min-h-6 text-soft text-sm hover:underline">
            {say.signOut}
          </button>
        </form>
      </header>
      <main className="pt-4">{children}</main>
    </div>
  );
}
