/**
 * The cutter stand-in as a process: a port, a page, and a clock that runs faster than the real one.
 * ELM_CUTTER_PORT, ELM_CUTTER_PAGE_PORT; ELM_CUTTER_HASTE (times as fast as a real cutter); ELM_CUTTER_MISHAPS=1 lets things go wrong by chance.
 */
import { FAULTS, type Fault, Machine } from "./machine.ts";
import { servePage } from "./page.ts";
import { listen } from "./port.ts";

const TICK_MS = 100;
const POWER_OFF_MS = 2500;
/** With mishaps on, one load in about eight meets one. */
const MISHAP_CHANCE = 1 / 8;

const port = Number(process.env.ELM_CUTTER_PORT);
const pagePort = Number(process.env.ELM_CUTTER_PAGE_PORT);
const haste = Number(process.env.ELM_CUTTER_HASTE ?? 12);
if (!(port > 0 && pagePort > 0 && haste > 0)) {
  process.stderr.write("cutter: set ELM_CUTTER_PORT and ELM_CUTTER_PAGE_PORT to ports, and ELM_CUTTER_HASTE to a number above 0\n");
  process.exit(2);
}

const machine = new Machine();
let offUntil = 0;
const powerIsOff = () => Date.now() < offUntil;
const inject = (fault: Fault) => {
  machine.inject(fault);
  if (fault === "powerLoss") offUntil = Date.now() + POWER_OFF_MS;
};
await listen(machine, port, powerIsOff);
await servePage(machine, pagePort, inject);

let before = machine.status().state;
setInterval(() => {
  machine.pass((TICK_MS / 1000) * haste);
  const { state } = machine.status();
  if (process.env.ELM_CUTTER_MISHAPS === "1" && state === "cutting" && before === "ready" && Math.random() < MISHAP_CHANCE) inject(FAULTS[Math.floor(Math.random() * FAULTS.length)] as Fault);
  before = state;
}, TICK_MS);
process.on("SIGTERM", () => process.exit(0));
process.on("SIGINT", () => process.exit(0));
// When who started it is gone, nothing may be left running.
const parent = process.ppid;
setInterval(() => process.ppid !== parent && process.exit(0), 1000).unref();
