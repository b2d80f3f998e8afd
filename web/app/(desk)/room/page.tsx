import type { Metadata } from "next";
import { requireHost } from "@/account/session.ts";
import { roomWords } from "@/app/words.ts";
import { addressOf, readState } from "@/room/state.ts";
import { QrPicture } from "@/ui/qr-picture.tsx";
import { RoomNow } from "@/ui/room-now.tsx";
import { notReached, START_WITH_DOOR, sayFault } from "@/ui/room-words-en.ts";

export const generateMetadata = (): Metadata => ({ title: roomWords().phonesInTheRoom });
export const dynamic = "force-dynamic";

export default async function RoomPage() {
  const say = roomWords();
  await requireHost();
  const state = readState();
  const address = addressOf(state);
  return (
    <>
      <h1 className="mb-1 text-4xl">{say.phonesInTheRoom}</h1>
      {!state && (
        <div className="max-w-3xl text-lg">
          <p className="mb-4">{say.noPhoneCanOpen}</p>
          <p className="mb-4">
            <code className="rounded-card bg-paper px-4 py-3 text-xl">{START_WITH_DOOR}</code>
          </p>
          <p>{say.computerAndPhones}</p>
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
            <p className="text-lg">{say.phonesOnThisNetworkCome}</p>
            <p className="my-3 font-bold font-head text-4xl [overflow-wrap:anywhere]" data-room>
              {address.replace("http://", "")}
            </p>
            <p className="text-lg">
              <RoomNow initial={state} /> {say.tryItOnce}
            </p>
            <p className="mt-3 text-soft">{say.whatIsSent}</p>
          </div>
          <QrPicture text={address} label={say.qrCodeOfTheRooms} />
        </div>
      )}
      {state && (
        <section className="mt-8 max-w-3xl">
          <h2 className="mb-2 text-2xl">{say.ifAPhoneCannotReach}</h2>
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
