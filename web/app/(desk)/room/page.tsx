import type { Metadata } from "next";
import { requireHost } from "@/account/session.ts";
import { addressOf, readState } from "@/room/state.ts";
import { QrPicture } from "@/ui/qr-picture.tsx";
import { RoomNow } from "@/ui/room-now.tsx";
import { notReached, START_WITH_DOOR, sayFault } from "@/ui/room-words-en.ts";

export const metadata: Metadata = { title: "Phones in the room" };
export const dynamic = "force-dynamic";

export default async function RoomPage() {
  await requireHost();
  const state = readState();
  const address = addressOf(state);
  return (
    <>
      <h1 className="mb-1 text-4xl">Phones in the room</h1>
      {!state && (
        <div className="max-w-3xl text-lg">
          <p className="mb-4">
            No phone can open this computer’s pages now: they answer on this computer only. Stop the
            program with Ctrl-C and start it with the door to the room:
          </p>
          <p className="mb-4">
            <code className="rounded-card bg-paper px-4 py-3 text-xl">{START_WITH_DOOR}</code>
          </p>
          <p>
            Computer and phones have to be on one network: the hall’s Wi-Fi, or the hotspot of a
            phone. The internet is not needed. Phones then reach what the participants’ links show,
            nothing else: your desk, your shelf and your figures stay on this computer.
          </p>
        </div>
      )}
      {state && !address && (
        <p role="alert" className="max-w-3xl bg-ochre-tint px-5 py-4 text-lg">
          {sayFault(state)} <RoomNow initial={state} />
        </p>
      )}
      {state && address && (
        <div className="grid gap-x-12 gap-y-6 md:grid-cols-[auto_1fr]">
          <div className="max-w-2xl">
            <p className="text-lg">Phones on this network come in at</p>
            <p className="my-3 font-bold font-head text-4xl [overflow-wrap:anywhere]" data-room>
              {address.replace("http://", "")}
            </p>
            <p className="text-lg">
              <RoomNow initial={state} /> Try it once with your own phone before the class. The code
              of a class and its link are at Teach.
            </p>
            <p className="mt-3 text-soft">
              What is sent in the room is not encrypted: whoever is on the same network could read
              what participants see, which is names and steps. Prefer a network with a password.
            </p>
          </div>
          <QrPicture text={address} label="QR code of the room’s address, to try it" />
        </div>
      )}
      {state && (
        <section className="mt-8 max-w-3xl">
          <h2 className="mb-2 text-2xl">If a phone cannot reach it</h2>
          <ol className="list-decimal space-y-2 pl-6 text-lg">
            {notReached(state).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ol>
        </section>
      )}
    </>
  );
}
