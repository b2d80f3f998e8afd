import type { ChildProcess } from "node:child_process";

interface CutterAt {
  readonly port: number;
  readonly pagePort: number;
}

export function serveWeb(ways: { readonly ownerUrl: string; readonly port: number; readonly cutter?: CutterAt; readonly dev?: boolean; readonly demo?: boolean; readonly quiet?: boolean }): ChildProcess;
export function answers(url: string, child: ChildProcess, seconds?: number): Promise<void>;
