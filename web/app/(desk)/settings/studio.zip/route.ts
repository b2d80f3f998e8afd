import { strToU8, Zip, ZipDeflate, ZipPassThrough } from "fflate";
import { requireHost } from "@/account/session.ts";
import { download } from "@/requests/download.ts";
import { archiveOf } from "./archive.ts";

/** One file is read at a time, and the next when this one has been taken. */
export async function GET(): Promise<Response> {
  const entries = archiveOf(await requireHost());
  const zip = new Zip();
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      zip.ondata = (error, data, last) => {
        if (error) return controller.error(error);
        controller.enqueue(data);
        if (last) controller.close();
      };
    },
    async pull() {
      const { value, done } = await entries.next();
      if (done) return zip.end();
      const [name, given] = value;
      // Pictures are pressed together already.
      const file = name.startsWith("pictures/") ? new ZipPassThrough(name) : new ZipDeflate(name);
      zip.add(file);
      file.push(typeof given === "string" ? strToU8(given) : given, true);
    },
    async cancel() {
      await entries.return(undefined);
    },
  });
  return download(body, "application/zip", "studio.zip");
}
