export function kernelCode(root: string): Promise<string>;
