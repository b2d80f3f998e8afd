import type { ChildProcess } from "node:child_process";

interface CutterAt {
  readonly port: number;
  readonly pagePort: number;
}
interface Between {
  readonly state: string;
  readonly secret: string;
}

export function serveWeb(ways: { readonly databaseUrl: string; readonly port: number; readonly cutter?: CutterAt; readonly room?: Between; readonly dev?: boolean; readonly demo?: boolean; readonly quiet?: boolean }): ChildProcess;
export function serveRoom(ways: Between & { readonly wanted: string; readonly port: number; readonly webPort: number }): ChildProcess;
export function roomBetween(): Between & { readonly folder: string };
export function answers(url: string, child: ChildProcess, seconds?: number): Promise<void>;
