"use client";

import { useState, useTransition } from "react";
import type { PersonRow, Role } from "@/data/people.ts";
import { Button } from "@/ui/button.tsx";
import { SureButton } from "@/ui/sure-button.tsx";
import { useAct } from "@/ui/use-act.ts";
import { Said } from "./account-forms.tsx";
import {
  changeRole,
  type InviteAnswer,
  invitePerson,
  removeFromStudio,
  withdrawInvitation,
} from "./people-actions.ts";
import { peopleListWords } from "./words.ts";

export interface RoleWords {
  readonly role: Role;
  readonly name: string;
  readonly may: string;
}

/** Who works here, as what; the owners change it. */
export function PeopleList({
  people,
  own,
  roles,
}: {
  people: readonly PersonRow[];
  own: string;
  roles: readonly RoleWords[];
}) {
  const say = peopleListWords();
  const { busy, said, act } = useAct();
  return (
    <>
      <ul className="max-w-3xl" aria-busy={busy}>
        {people.map(({ id, name, email, role }) => (
          <li
            key={id}
            className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1 border-rule border-b py-2"
            data-person={email}
          >
            <span className="min-w-0 [overflow-wrap:anywhere]">
              <b>{name}</b> <span className="text-soft">{email}</span>
              {id === own && <span className="text-soft"> {say.you}</span>}
            </span>
            <span className="flex items-center gap-4">
              <select
                aria-label={say.whatIs(name)}
                value={role}
                disabled={busy}
                onChange={(event) => act(() => changeRole(id, event.target.value as Role))}
              >
                {roles.map((one) => (
                  <option key={one.role} value={one.role}>
                    {one.name}
                  </option>
                ))}
              </select>
              {id !== own && (
                <SureButton
                  label={say.remove}
                  warning={say.theAccountOfGoes(name)}
                  yes={say.remove2(name)}
                  no={say.keepTheAccount}
                  act={() => removeFromStudio(id)}
                />
              )}
            </span>
          </li>
        ))}
      </ul>
      <Said answer={{ ok: false, message: said }} />
    </>
  );
}

export interface InvitationLine {
  readonly id: string;
  readonly role: string;
  readonly until: string;
}

/** A link for one person, to be given by hand; the server sends no letters. */
export function Invite({
  roles,
  open,
}: {
  roles: readonly RoleWords[];
  open: readonly InvitationLine[];
}) {
  const say = peopleListWords();
  const [role, setRole] = useState<Role>("helper");
  const [made, setMade] = useState<InviteAnswer | null>(null);
  const [copied, setCopied] = useState("");
  const [inviting, start] = useTransition();
  const { busy, said, act } = useAct();
  const chosen = roles.find((one) => one.role === role);
  return (
    <div className="mt-5">
      <div className="flex flex-wrap items-end gap-4">
        <label className="grid gap-1">
          <span className="text-soft text-sm">{say.inviteA}</span>
          <select value={role} onChange={(event) => setRole(event.target.value as Role)}>
            {roles.map((one) => (
              <option key={one.role} value={one.role}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
        <Button
          disabled={inviting}
          onClick={() => start(async () => setMade(await invitePerson(role)))}
        >
          {say.makeALinkToJoin}
        </Button>
      </div>
      <p className="mt-1 text-soft text-sm">{chosen && `${chosen.name}: ${chosen.may}.`}</p>
      {!made?.ok && <Said answer={made} />}
      {made?.ok && (
        <div role="status" className="mt-3 max-w-2xl bg-paper p-4">
          <p className="mb-2">{say.giveThisLink}</p>
          <p className="font-bold [overflow-wrap:anywhere]" data-invitation>
            {made.link}
          </p>
          <Button
            className="mt-3"
            onClick={() =>
              navigator.clipboard?.writeText(made.link).then(
                () => setCopied(made.link),
                () => {},
              )
            }
          >
            {copied === made.link ? say.copied : say.copy}
          </Button>
        </div>
      )}
      {open.length > 0 && (
        <ul className="mt-4 max-w-2xl" aria-label={say.openInvitations} aria-busy={busy}>
          {open.map(({ id, role: as, until }) => (
            <li
              key={id}
              className="flex min-h-11 flex-wrap items-center justify-between gap-x-6 border-rule border-b"
            >
              <span>
                {as}, <span className="text-soft">{say.until(until)}</span>
              </span>
              <button
                type="button"
                className="verb"
                disabled={busy}
                onClick={() => act(() => withdrawInvitation(id))}
              >
                {say.takeItBack}
              </button>
            </li>
          ))}
        </ul>
      )}
      <Said answer={{ ok: false, message: said }} />
    </div>
  );
}
