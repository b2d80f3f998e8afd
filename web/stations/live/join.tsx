import { SHORT_LENGTH } from "@/room/passes.ts";
import { readState } from "@/room/state.ts";
import { QrPicture } from "@/ui/qr-picture.tsx";
import { RoomNow } from "@/ui/room-now.tsx";
import { phonesAddress, reachOf } from "@/ui/site-address.ts";
import { joinWords } from "./words.ts";

/** On the wall before the class: how phones come in. Null where no phone can reach this computer. */
export async function Join({ code }: { code: string }) {
  const say = joinWords();
  const address = await phonesAddress();
  const reach = reachOf(address);
  if (reach === "alone") return null;
  const inRoom = reach === "room" ? readState() : null;
  const plain = address.replace(/^https?:\/\//u, "");
  return (
    <div data-join className="mb-5">
      <p className="mb-2 text-stage-soft text-xl">{say.followOnYourPhone}</p>
      <div className="w-fit rounded-card bg-white p-4 pb-1">
        <QrPicture text={`${address}/f/${code}`} label={say.qrCodeOfTheLink} />
      </div>
      <p className="mt-3 font-bold text-2xl [overflow-wrap:anywhere]">
        {inRoom ? `${plain}/${code.slice(0, SHORT_LENGTH)}` : `${plain}/f/${code}`}
      </p>
      {inRoom && (
        <p className="text-stage-soft">
          {say.onTheSameWiFi} <RoomNow initial={inRoom} />
        </p>
      )}
    </div>
  );
}
