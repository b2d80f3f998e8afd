export interface Cluster {
  readonly url: string;
  readonly webUrl: string;
  readonly owned: boolean;
  readonly database: string;
  readonly keeper: string;
  tool(program: string, args: string[], options?: object): { readonly status: number | null; readonly stderr: string };
  stop(): void;
  crash(): void;
  again(): boolean;
}

export function startCluster(folder: string): Promise<Cluster>;
export function webUrlFor(ownerUrl: string, folder: string): string;
