/**
 * The machines of the stand-in: one for each name it is spoken to by, so that studios do not meet
 * at one cutter.
 */
import { FAULTS, type Fault, Machine } from "./machine.ts";

/** A name is what a connection asks for; without one it speaks to the machine without a name. */
export const MACHINE_NAME = /^[a-z0-9-]{1,40}$/u;
/** Beyond, the one that has been idle longest makes room. */
const MOST_MACHINES = 200;
const POWER_OFF_MS = 2500;
/** With mishaps on, one load in about eight meets one. */
const MISHAP_CHANCE = 1 / 8;

interface Stand {
  readonly machine: Machine;
  offUntil: number;
  before: string;
}

export class Workshop {
  private readonly stands = new Map<string, Stand>();
  /** Spoken to last: the page shows this one first. */
  private last = "";

  constructor(private readonly mishaps = false) {}

  /** Null while its power is off. */
  machine(name: string): Machine | null {
    const stand = this.stand(name);
    return Date.now() < stand.offUntil ? null : stand.machine;
  }

  /** As the machine itself knows it, whatever its power does. */
  shown(name: string | null): { readonly name: string; readonly machine: Machine } {
    const own = name ?? this.last;
    return { name: own, machine: (this.stands.get(own) ?? this.stand(own)).machine };
  }

  names(): string[] {
    return [...this.stands.keys()].sort();
  }

  inject(name: string, fault: Fault): void {
    const stand = this.stand(name);
    stand.machine.inject(fault);
    if (fault === "powerLoss") stand.offUntil = Date.now() + POWER_OFF_MS;
  }

  /** Time goes by for all of them. */
  pass(seconds: number): void {
    for (const [name, stand] of this.stands) {
      stand.machine.pass(seconds);
      const { state } = stand.machine.status();
      if (
        this.mishaps &&
        state === "cutting" &&
        stand.before === "ready" &&
        Math.random() < MISHAP_CHANCE
      )
        this.inject(name, FAULTS[Math.floor(Math.random() * FAULTS.length)] as Fault);
      stand.before = state;
    }
  }

  private stand(name: string): Stand {
    const found = this.stands.get(name);
    const stand = found ?? { machine: new Machine(), offUntil: 0, before: "empty" };
    // What is used goes to the end: the first is the one that has waited longest.
    this.stands.delete(name);
    this.stands.set(name, stand);
    this.last = name;
    if (!found && this.stands.size > MOST_MACHINES) {
      const idle = [...this.stands].find(
        ([other, { machine }]) => other !== name && machine.status().state !== "cutting",
      );
      if (idle) this.stands.delete(idle[0]);
    }
    return stand;
  }
}
