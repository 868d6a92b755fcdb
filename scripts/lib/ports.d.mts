export function holderOf(port: number): { pid: number; command: string } | null;
