"use client";

import { isTaken, readAddresses } from "@elm-basket/core/posting/address-list.ts";
import { decodeText } from "@elm-basket/core/roster/roster.ts";
import { useRouter } from "next/navigation";
import { useMemo, useState, useTransition } from "react";
import { Button } from "@/ui/button.tsx";
import { addressWords } from "@/ui/craft/addresses.ts";
import { Dialog } from "@/ui/dialog.tsx";
import { addressListWords } from "../words.ts";
import { saveAddresses } from "./parcel-actions.ts";

const MOST_BYTES = 2 * 1024 * 1024;
const MOST_LETTERS = 1_000_000;
const SHOWN = 12;

interface Props {
  readonly classId: string;
  readonly seats: readonly {
    readonly seat: string;
    readonly name: string;
    readonly has: boolean;
  }[];
}

/** Addresses from a list: read here, shown as they were understood, and only then kept. */
export function AddressList({ classId, seats }: Props) {
  const say = addressListWords();
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const [text, setText] = useState("");
  const [said, setSaid] = useState("");
  const [busy, start] = useTransition();
  const { rows, findings } = useMemo(() => readAddresses(text, seats), [text, seats]);
  const over = rows.filter(({ seat }) => seats.find((row) => row.seat === seat)?.has).length;
  const put = (next: string) => {
    setSaid(say.theListIsLonger(next.length, MOST_LETTERS));
    if (next.length <= MOST_LETTERS) setText(next);
  };
  const take = () =>
    start(async () => {
      const answer = await saveAddresses(
        classId,
        rows.map(({ seat, address }) => ({
          seat,
          address: { ...address, lines: [...address.lines] },
        })),
      ).catch(() => ({
        ok: false as const,
        message: say.noConnectionNothingHasBeen,
      }));
      setSaid(answer.ok ? "" : answer.message);
      if (!answer.ok) return;
      setText("");
      setOpen(false);
      router.refresh();
    });
  return (
    <>
      <Button onClick={() => setOpen(true)}>{say.bringAListOfAddresses}</Button>
      <Dialog open={open} onOpenChange={setOpen} title={say.aListOfAddresses} wide>
        <p className="mb-3 max-w-3xl text-soft">
          {say.fromASpreadsheet} <b>{say.seat}</b> {say.orSaid} <b>{say.name}</b>
          {say.thePartsOfTheAddress} <b>{say.country}</b> {say.whereItIsNotYours}
        </p>
        <textarea
          aria-label={say.addressesWithHeadings}
          rows={8}
          className="w-full"
          spellCheck={false}
          value={text}
          onChange={(event) => put(event.target.value)}
        />
        <label className="mt-1 block text-sm">
          <span className="text-soft">{say.orAFileCsv} </span>
          <input
            type="file"
            accept=".csv,.txt,.tsv,text/csv,text/plain"
            className="border-0 bg-transparent"
            onChange={async (event) => {
              const file = event.target.files?.[0];
              if (!file) return;
              if (file.size > MOST_BYTES) setSaid(say.isLargerThan2Mb(file.name));
              else put(decodeText(new Uint8Array(await file.arrayBuffer())));
            }}
          />
        </label>
        {findings.length > 0 && (
          <ul className="mt-3 max-h-40 overflow-y-auto text-sm" aria-label={say.whatWasNoticed}>
            {findings.map((finding) => (
              <li
                key={`${finding.line} ${finding.code} ${finding.text}`}
                className={isTaken(finding.code) ? "text-ochre" : "text-brick"}
              >
                {addressWords().sayAddressFinding(finding)}
              </li>
            ))}
          </ul>
        )}
        {rows.length > 0 && (
          <table className="mt-3 w-full text-left text-sm">
            <thead className="text-soft">
              <tr className="border-rule-strong border-b">
                <th className="py-1 font-normal">{say.seat}</th>
                <th className="font-normal">{say.onTheLabel}</th>
                <th className="font-normal">{say.goesTo}</th>
              </tr>
            </thead>
            <tbody>
              {rows.slice(0, SHOWN).map(({ seat, address }) => (
                <tr key={seat} className="border-rule border-b align-top">
                  <td className="py-1 pr-3">{seat}</td>
                  <td className="pr-3">{seats.find((row) => row.seat === seat)?.name}</td>
                  <td className="[overflow-wrap:anywhere]">
                    {[address.name, ...address.lines, address.country].filter(Boolean).join(", ")}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {rows.length > SHOWN && (
          <p className="mt-1 text-soft text-sm">{say.andMore(rows.length, SHOWN)}</p>
        )}
        {said && (
          <p role="alert" className="mt-2 text-brick">
            {said}
          </p>
        )}
        <div className="mt-4 flex flex-wrap items-center justify-end gap-4">
          {over > 0 && <span className="text-ochre text-sm">{say.ofThemHadAnAddress(over)}</span>}
          <Button tone="main" disabled={busy || rows.length === 0} onClick={take}>
            {say.keepTheseKeepThese(rows.length)}
          </Button>
        </div>
      </Dialog>
    </>
  );
}
