import type { Metadata } from "next";
import {
  LeaveAlone,
  LeaveForm,
  PasswordForm,
  RecoveryCodes,
  Sessions,
} from "@/account/account-forms.tsx";
import { ROLE_WORDS } from "@/account/invitation.ts";
import { Passkeys } from "@/account/passkeys.tsx";
import { Invite, PeopleList } from "@/account/people-list.tsx";
import { isHost, ownSession, requireMember } from "@/account/session.ts";
import { emailOf, listSessions, recoveryOf } from "@/data/accounts.ts";
import { withStudio } from "@/data/client.ts";
import { listPasskeys } from "@/data/passkeys.ts";
import { listInvitations, listPeople, ROLES } from "@/data/people.ts";
import { FileButton } from "@/ui/button.tsx";
import { showDate, timeIn, todayIn } from "@/ui/dates.ts";

export const metadata: Metadata = { title: "Your account" };

const ROLES_SAID = ROLES.map((role) => ({ role, ...ROLE_WORDS[role] }));

export default async function AccountPage() {
  const member = await requireMember();
  const { studio, studioId, personId } = member;
  const isOwner = studio.role === "owner";
  const own = await ownSession();
  const [email, sessions, recovery, passkeys, people, invited] = await withStudio(
    studioId,
    async (sql) =>
      [
        await emailOf(sql, personId),
        await listSessions(sql, personId, own),
        await recoveryOf(sql, personId),
        await listPasskeys(sql, personId),
        await listPeople(sql),
        await listInvitations(sql),
      ] as const,
  );
  const { zone, settings } = studio;
  const day = (at: Date) => showDate(todayIn(zone, at), "short");
  return (
    <>
      <h1 className="mb-1 text-4xl">Your account</h1>
      <p className="mb-8 text-lg text-soft">
        {studio.person}, {email}
        {people.length > 1 && ` · ${ROLE_WORDS[studio.role].name} of ${studio.name}`}
      </p>
      {studio.is_demo && (
        <p className="mb-8 max-w-2xl bg-ochre-tint px-5 py-3">
          The demo studio is open to everybody who sees this page: its password is published, and
          its account stays as it is.
        </p>
      )}
      <section className="mb-10 print:hidden">
        <h2 className="mb-3 text-2xl">Where you are signed in</h2>
        <Sessions
          sessions={sessions.map(({ id, device, seen, own }) => ({
            id,
            device,
            own,
            seen: `${day(seen)}, ${timeIn(zone, seen, settings.clock)}`,
          }))}
        />
      </section>
      {!studio.is_demo && (
        <>
          <section className="mb-10 print:hidden">
            <h2 className="mb-1 text-2xl">Passkeys</h2>
            <p className="mb-3 max-w-2xl text-soft">
              A device that keeps one signs you in by fingerprint, face or its own PIN. Your
              password goes on working.
            </p>
            <Passkeys
              passkeys={passkeys.map(({ id, device, madeAt, usedAt }) => ({
                id,
                device,
                when: `made ${day(madeAt)}, ${usedAt ? `last used ${day(usedAt)}` : "not used yet"}`,
              }))}
            />
          </section>
          <section className="mb-10">
            <h2 className="mb-1 text-2xl">If you forget your password</h2>
            <p className="mb-3 max-w-2xl text-soft">
              {recovery.madeAt === null
                ? "There are no recovery codes yet: without one nobody but whoever runs the server can let you in again."
                : recovery.left === 0
                  ? "Every recovery code is used up: make new ones."
                  : `${recovery.left} of your recovery codes ${recovery.left === 1 ? "is" : "are"} unused, made ${day(recovery.madeAt)}.`}
            </p>
            <RecoveryCodes made={recovery.madeAt !== null} />
          </section>
          <section className="mb-10 print:hidden">
            <h2 className="mb-3 text-2xl">Change the password</h2>
            <PasswordForm />
          </section>
        </>
      )}
      {isOwner && !studio.is_demo && (
        <section className="mb-10 print:hidden">
          <h2 className="mb-3 text-2xl">Who works here</h2>
          <PeopleList people={people} own={personId} roles={ROLES_SAID} />
          <Invite
            roles={ROLES_SAID}
            open={invited.map(({ id, role, until }) => ({
              id,
              role: ROLE_WORDS[role].name,
              until: day(until),
            }))}
          />
        </section>
      )}
      {isHost(member) && (
        <section className="mb-10 print:hidden">
          <h2 className="mb-1 text-2xl">Take your work along</h2>
          <p className="mb-3 max-w-2xl text-soft">
            One file with every class and project, the shelf, the logbook, your fonts and pictures,
            in formats that other programs read. Participants&rsquo; names are in it: keep it as you
            keep a list of names.
          </p>
          <FileButton href="/settings/studio.zip">Save as a file</FileButton>
        </section>
      )}
      {!studio.is_demo && !isOwner && (
        <section className="mb-10 print:hidden">
          <h2 className="mb-1 text-2xl">Leave {studio.name}</h2>
          <p className="mb-3 max-w-2xl text-soft">
            Your account goes at once, on every device. What you planned and marked stays with the
            studio.
          </p>
          <LeaveAlone />
        </section>
      )}
      {!studio.is_demo && isOwner && (
        <section className="mb-10 print:hidden">
          <h2 className="mb-1 text-2xl">Erase the studio</h2>
          <p className="mb-3 max-w-2xl text-soft">
            Every class with its names, kits and marks, the projects, the shelf, the logbook and
            your account go at once and for good; participants&rsquo; links stop. Only copies that
            whoever runs the server has made stay as long as those are kept.
          </p>
          <LeaveForm studio={studio.name} />
        </section>
      )}
    </>
  );
}
