import type { ChildProcess } from 'node:child_process';
export function keep(
	start: () => ChildProcess,
	options?: { atMost?: number; withinMs?: number; say?: (line: string) => void }
): { readonly ended: Promise<number | string>; stop(): void };
