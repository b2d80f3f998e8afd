/**
 * The cutter stand-in as a process: a port, a page, and a clock that runs faster than the real one.
 * ELM_CUTTER_PORT, ELM_CUTTER_PAGE_PORT; ELM_CUTTER_HASTE (times as fast as a real cutter);
 * ELM_CUTTER_MISHAPS=1 lets things go wrong by chance.
 */
import { servePage } from "./page.ts";
import { listen } from "./port.ts";
import { Workshop } from "./workshop.ts";

const TICK_MS = 100;

const port = Number(process.env.ELM_CUTTER_PORT);
const pagePort = Number(process.env.ELM_CUTTER_PAGE_PORT);
const haste = Number(process.env.ELM_CUTTER_HASTE ?? 12);
if (!(port > 0 && pagePort > 0 && haste > 0)) {
  process.stderr.write(
    "cutter: set ELM_CUTTER_PORT and ELM_CUTTER_PAGE_PORT to ports, and ELM_CUTTER_HASTE to a number above 0\n",
  );
  process.exit(2);
}

const workshop = new Workshop(process.env.ELM_CUTTER_MISHAPS === "1");
await listen(workshop, port);
await servePage(workshop, pagePort);
setInterval(() => workshop.pass((TICK_MS / 1000) * haste), TICK_MS);
process.on("SIGTERM", () => process.exit(0));
process.on("SIGINT", () => process.exit(0));
// When who started it is gone, nothing may be left running.
const parent = process.ppid;
setInterval(() => process.ppid !== parent && process.exit(0), 1000).unref();
