import type { Cluster } from "./cluster.d.mts";

type Tools = Pick<Cluster, "database" | "keeper" | "tool">;

export function backUp(cluster: Tools, file: string): string;
export function restore(cluster: Tools, file: string): string;
