import { spawn } from 'node:child_process';
import { expect, it } from 'vitest';
import { keep } from '../../../../scripts/lib/keep.mjs';

const program = (text: string) => spawn(process.execPath, ['-e', text], { stdio: 'ignore' });

it('what dies is started again, three times a minute at most; then how it ended is told', async () => {
	const said: string[] = [];
	let starts = 0;
	const { ended } = keep(
		() => {
			starts++;
			return program('process.exit(7)');
		},
		{ say: (line) => said.push(line) }
	);
	expect(await ended).toBe(7);
	expect([starts, said.length]).toEqual([4, 3]);
	expect(said[0]).toContain('(7)');
});

it('killed once it runs again; told to stop it ends, and is not started again', async () => {
	const children: ReturnType<typeof program>[] = [];
	const kept = keep(
		() => {
			const child = program('setInterval(() => {}, 1000)');
			children.push(child);
			return child;
		},
		{ say: () => {} }
	);
	children[0]!.kill('SIGKILL');
	await expect.poll(() => children.length).toBe(2);
	kept.stop();
	kept.stop();
	expect(await kept.ended).toBe('SIGTERM');
	expect(children).toHaveLength(2);
});
