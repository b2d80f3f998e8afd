import type { Metadata } from "next";
import { LeaveForm, PasswordForm, RecoveryCodes, Sessions } from "@/account/account-forms.tsx";
import { ownSession, requireHost } from "@/account/session.ts";
import { emailOf, listSessions, recoveryOf } from "@/data/accounts.ts";
import { withStudio } from "@/data/client.ts";
import { FileButton } from "@/ui/button.tsx";
import { showDate, timeIn, todayIn } from "@/ui/dates.ts";

export const metadata: Metadata = { title: "Your account" };

export default async function AccountPage() {
  const { studio, studioId, personId } = await requireHost();
  const own = await ownSession();
  const [email, sessions, recovery] = await withStudio(
    studioId,
    async (sql) =>
      [
        await emailOf(sql, personId),
        await listSessions(sql, personId, own),
        await recoveryOf(sql, personId),
      ] as const,
  );
  const { zone, settings } = studio;
  const day = (at: Date) => showDate(todayIn(zone, at), "short");
  return (
    <>
      <h1 className="mb-1 text-4xl">Your account</h1>
      <p className="mb-8 text-lg text-soft">
        {studio.person}, {email}
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
      <section className="mb-10 print:hidden">
        <h2 className="mb-1 text-2xl">Take your work along</h2>
        <p className="mb-3 max-w-2xl text-soft">
          One file with every class and project, the shelf, the logbook, your fonts and pictures, in
          formats that other programs read. Participants&rsquo; names are in it: keep it as you keep
          a list of names.
        </p>
        <FileButton href="/settings/studio.zip">Save as a file</FileButton>
      </section>
      {!studio.is_demo && (
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
