import type { Metadata } from "next";
import {
  LeaveAlone,
  LeaveForm,
  PasswordForm,
  RecoveryCodes,
  Sessions,
} from "@/account/account-forms.tsx";
import { roleWords } from "@/account/invitation.ts";
import { LanguageChoice } from "@/account/language-choice.tsx";
import { Passkeys } from "@/account/passkeys.tsx";
import { Invite, PeopleList } from "@/account/people-list.tsx";
import { isHost, ownSession, requireMember } from "@/account/session.ts";
import { settingsAccountWords } from "@/app/words.ts";
import { emailOf, listSessions, recoveryOf } from "@/data/accounts.ts";
import { withStudio } from "@/data/client.ts";
import { listPasskeys } from "@/data/passkeys.ts";
import { listInvitations, listPeople, ROLES } from "@/data/people.ts";
import { FileButton } from "@/ui/button.tsx";
import { showDate, timeIn, todayIn } from "@/ui/dates.ts";

export const generateMetadata = (): Metadata => ({
  title: settingsAccountWords().yourAccount,
});

const ROLES_SAID = ROLES.map((role) => ({ role, ...roleWords()[role] }));

export default async function AccountPage() {
  const say = settingsAccountWords();
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
      <h1 className="mb-1 text-4xl">{say.yourAccount}</h1>
      <p className="mb-8 text-lg text-soft">
        {studio.person}, {email}
        {people.length > 1 && say.ofSaid2(roleWords()[studio.role].name, studio.name)}
      </p>
      {studio.is_demo && (
        <p className="mb-8 max-w-2xl bg-ochre-tint px-5 py-3">{say.theDemoStudioIsOpen}</p>
      )}
      <section className="mb-10 print:hidden">
        <h2 className="mb-3 text-2xl">{say.language}</h2>
        <LanguageChoice />
      </section>
      <section className="mb-10 print:hidden">
        <h2 className="mb-3 text-2xl">{say.whereYouAreSigned}</h2>
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
            <h2 className="mb-1 text-2xl">{say.passkeys}</h2>
            <p className="mb-3 max-w-2xl text-soft">{say.aDeviceThatKeeps}</p>
            <Passkeys
              passkeys={passkeys.map(({ id, device, madeAt, usedAt }) => ({
                id,
                device,
                when: say.made(day(madeAt), usedAt ? say.lastUsed(day(usedAt)) : say.notUsedYet),
              }))}
            />
          </section>
          <section className="mb-10">
            <h2 className="mb-1 text-2xl">{say.ifYouForgetYourPassword}</h2>
            <p className="mb-3 max-w-2xl text-soft">
              {recovery.madeAt === null
                ? say.thereAreNoRecoveryCodes
                : recovery.left === 0
                  ? say.everyRecoveryCodeIsUsed
                  : say.ofYourRecoveryCodesUnused(recovery.left, day(recovery.madeAt))}
            </p>
            <RecoveryCodes made={recovery.madeAt !== null} />
          </section>
          <section className="mb-10 print:hidden">
            <h2 className="mb-3 text-2xl">{say.changeThePassword}</h2>
            <PasswordForm />
          </section>
        </>
      )}
      {isOwner && !studio.is_demo && (
        <section className="mb-10 print:hidden">
          <h2 className="mb-3 text-2xl">{say.whoWorksHere}</h2>
          <PeopleList people={people} own={personId} roles={ROLES_SAID} />
          <Invite
            roles={ROLES_SAID}
            open={invited.map(({ id, role, until }) => ({
              id,
              role: roleWords()[role].name,
              until: day(until),
            }))}
          />
        </section>
      )}
      {isHost(member) && (
        <section className="mb-10 print:hidden">
          <h2 className="mb-1 text-2xl">{say.takeYourWorkAlong}</h2>
          <p className="mb-3 max-w-2xl text-soft">{say.oneFileWithEveryClass}</p>
          <FileButton href="/settings/studio.zip">{say.saveAsAFile}</FileButton>
        </section>
      )}
      {!studio.is_demo && !isOwner && (
        <section className="mb-10 print:hidden">
          <h2 className="mb-1 text-2xl">{say.leave(studio.name)}</h2>
          <p className="mb-3 max-w-2xl text-soft">{say.yourAccountGoesAtOnce}</p>
          <LeaveAlone />
        </section>
      )}
      {!studio.is_demo && isOwner && (
        <section className="mb-10 print:hidden">
          <h2 className="mb-1 text-2xl">{say.eraseTheStudio}</h2>
          <p className="mb-3 max-w-2xl text-soft">{say.everyClassWithItsNames}</p>
          <LeaveForm studio={studio.name} />
        </section>
      )}
    </>
  );
}
