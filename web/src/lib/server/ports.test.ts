import { createServer } from 'node:net';
import { expect, it } from 'vitest';
import { holderOf } from '../../../../scripts/lib/ports.mjs';

it('who holds a port is told by its process, and nobody where it is free', async () => {
	const server = createServer();
	const port = await new Promise<number>((resolve) =>
		server.listen(0, '127.0.0.1', () => resolve((server.address() as { port: number }).port))
	);
	expect(holderOf(port)).toEqual({ pid: process.pid, command: expect.stringContaining('node') as string });
	await new Promise((resolve) => server.close(resolve));
	expect(holderOf(port)).toBeNull();
});
