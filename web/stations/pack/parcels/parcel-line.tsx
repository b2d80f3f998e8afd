"use client";

import type { Address } from "@elm-basket/core/posting/posting.ts";
import { readAddress } from "@elm-basket/core/posting/read-address.ts";
import { useState } from "react";
import { Button } from "@/ui/button.tsx";
import { Field } from "@/ui/field.tsx";
import { useAct } from "@/ui/use-act.ts";
import { parcelLineWords } from "../words.ts";
import type { ShownParcel } from "./load-parcels.ts";
import { markParcels, saveAddresses } from "./parcel-actions.ts";

const parts = () =>
  ({
    name: parcelLineWords().theName,
    lines: parcelLineWords().theAddress,
    country: parcelLineWords().theCountry,
  }) as const;

/** One parcel: ticked when it is posted; its address is written in its own row. */
export function ParcelLine({
  classId,
  row,
  by,
  late,
}: {
  classId: string;
  row: ShownParcel;
  by: string;
  late: boolean;
}) {
  const say = parcelLineWords();
  const { seat, name, address, doubtful, erased, packed, posted } = row;
  const { busy, said, act } = useAct();
  const [open, setOpen] = useState(false);
  return (
    <li className="border-rule border-b py-1.5" aria-busy={busy}>
      <div className="grid grid-cols-[44px_1fr_auto] items-center gap-x-3">
        <label className="grid size-11 place-items-center">
          <input
            type="checkbox"
            className="size-6"
            checked={posted}
            disabled={busy}
            aria-label={say.seatPosted(name, seat)}
            onChange={(event) => {
              const on = event.target.checked;
              act(() => markParcels(classId, [seat], on));
            }}
          />
        </label>
        <div className="min-w-0">
          <p className="leading-tight [overflow-wrap:anywhere]">
            <b>{name}</b>{" "}
            {!name.includes(say.seat(seat)) && (
              <span className="text-soft text-sm">{say.seat(seat)}</span>
            )}
            {posted ? (
              <span className="ml-2 text-elm-dark text-sm">{say.posted}</span>
            ) : packed ? null : (
              <span className="ml-2 text-ochre text-sm">{say.itsBagIsNotClosed}</span>
            )}
            {!posted && by !== "" && (
              <span className={`ml-2 text-sm ${late ? "font-bold text-brick" : "text-soft"}`}>
                {say.wasToGo(late, by)}
              </span>
            )}
          </p>
          <p className="text-soft text-sm [overflow-wrap:anywhere]">
            {address ? (
              oneLine(address)
            ) : (
              <span className={erased ? "" : "text-ochre"}>{whyNone(row)}</span>
            )}
          </p>
        </div>
        <button
          type="button"
          className="verb min-h-11"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          aria-label={say.theAddressOfSeat(address ? say.change : say.write, name, seat)}
        >
          {open ? say.close : address ? say.change2 : say.writeIt}
        </button>
      </div>
      {said && (
        <p role="alert" className="pl-14 text-brick text-sm">
          {said}
        </p>
      )}
      {doubtful && !open && (
        <p className="flex flex-wrap gap-x-5 pl-14">
          <button
            type="button"
            className="verb min-h-11"
            disabled={busy}
            onClick={() => act(() => saveAddresses(classId, [{ seat, address: doubtful.address }]))}
          >
            {say.itIsRight(name)}
          </button>
          <button
            type="button"
            className="verb min-h-11"
            disabled={busy}
            onClick={() => act(() => saveAddresses(classId, [{ seat, address: null }]))}
          >
            {say.removeIt}
          </button>
        </p>
      )}
      {open && (
        <AddressForm
          name={name}
          address={address}
          busy={busy}
          onSave={(next) =>
            act(
              () => saveAddresses(classId, [{ seat, address: next }]),
              () => setOpen(false),
            )
          }
        />
      )}
    </li>
  );
}

function whyNone({ doubtful, erased }: ShownParcel): string {
  const say = parcelLineWords();
  if (doubtful) return say.wasWrittenForWhoHad(doubtful.called, oneLine(doubtful.address));
  return say.itsAddressIsErased(erased);
}

const oneLine = ({ name, lines, country }: Address): string =>
  [name, ...lines, country].filter(Boolean).join(", ");

/** As it is printed: name, lines, country. What is typed stays until it can be read. */
function AddressForm({
  name,
  address,
  busy,
  onSave,
}: {
  name: string;
  address: Address | null;
  busy: boolean;
  onSave: (next: Address | null) => void;
}) {
  const say = parcelLineWords();
  const [to, setTo] = useState(address?.name ?? name);
  const [lines, setLines] = useState(address?.lines.join("\n") ?? "");
  const [country, setCountry] = useState(address?.country ?? "");
  const [wrong, setWrong] = useState("");
  return (
    <form
      className="grid gap-3 py-3 pl-14 sm:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        const read = readAddress({ name: to, lines: lines.split("\n"), country });
        setWrong(read.fault ? `${parts()[read.fault.part]}: ${read.fault.message}.` : "");
        if (!read.fault) onSave(read.address);
      }}
    >
      <Field label={say.to}>
        {(props) => (
          <input
            {...props}
            value={to}
            maxLength={120}
            autoComplete="off"
            onChange={(event) => setTo(event.target.value)}
          />
        )}
      </Field>
      <Field label={say.countryWhere}>
        {(props) => (
          <input
            {...props}
            value={country}
            maxLength={60}
            autoComplete="off"
            onChange={(event) => setCountry(event.target.value)}
          />
        )}
      </Field>
      <div className="sm:col-span-2">
        <Field label={say.streetPostcodeAndTown} {...(wrong ? { error: wrong } : {})}>
          {(props) => (
            <textarea
              {...props}
              rows={4}
              className="w-full"
              value={lines}
              autoComplete="off"
              onChange={(event) => setLines(event.target.value)}
            />
          )}
        </Field>
      </div>
      <div className="flex flex-wrap gap-3 sm:col-span-2">
        <Button tone="main" type="submit" disabled={busy}>
          {say.keepIt}
        </Button>
        {address && (
          <Button tone="stop" disabled={busy} onClick={() => onSave(null)}>
            {say.takeTheAddressAway}
          </Button>
        )}
      </div>
    </form>
  );
}

/** Everything that is shown and closed goes at once. */
export function MarkAll({
  classId,
  seats,
  words,
}: {
  classId: string;
  seats: readonly string[];
  words: string;
}) {
  const { busy, said, act } = useAct();
  return (
    <div className="mb-3">
      <Button disabled={busy} onClick={() => act(() => markParcels(classId, seats, true))}>
        {words}
      </Button>
      {said && (
        <p role="alert" className="text-brick text-sm">
          {said}
        </p>
      )}
    </div>
  );
}
