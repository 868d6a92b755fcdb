import { arrangementsOf, here } from '@wary/core/arrangements';
import { benchFile, newBench } from '@wary/core/bench';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { BenchSession } from './session.svelte';

const file = benchFile(newBench('first', arrangementsOf('us')[0]!.build(), here));
afterEach(() => vi.unstubAllGlobals());

/** A server that keeps one revision, answering when it is told to. */
function server() {
	let revision = 1;
	const waiting: (() => void)[] = [];
	const seen: { revision: number; name: string }[] = [];
	vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
		const asked = JSON.parse(body) as { revision: number; name: string };
		seen.push({ revision: asked.revision, name: asked.name });
		return new Promise<Response>((resolve) =>
			waiting.push(() => {
				if (asked.revision !== revision) resolve(new Response('{"ok":false}', { status: 409 }));
				else resolve(new Response(JSON.stringify({ ok: true, revision: ++revision })));
			})
		);
	});
	const answer = async () => {
		await vi.waitFor(() => expect(waiting.length).toBeGreaterThan(0));
		waiting.shift()!();
	};
	return { seen, answer, elsewhere: () => revision++ };
}

describe('a bench being saved', () => {
	it('waits for a slow save before the next: nobody is told that somebody else saved', async () => {
		const { seen, answer } = server();
		const session = new BenchSession('/bench', file, 1);
		session.rename('second');
		const one = session.save();
		await vi.waitFor(() => expect(seen).toHaveLength(1));
		session.rename('third');
		const two = session.save();
		await answer();
		await one;
		expect(session.saved).not.toBe('elsewhere');
		await answer();
		await two;
		expect(seen).toEqual([
			{ revision: 1, name: 'second' },
			{ revision: 2, name: 'third' }
		]);
		expect(session.saved).toBe('saved');
	});

	it('says so when another tab did, and writes nothing over it', async () => {
		const { seen, answer, elsewhere } = server();
		const session = new BenchSession('/bench', file, 1);
		elsewhere();
		session.rename('mine');
		const one = session.save();
		await answer();
		await one;
		expect(session.saved).toBe('elsewhere');
		session.rename('mine again');
		await session.save();
		expect(seen).toHaveLength(1);
		expect(session.file().name).toBe('mine again');
	});

	it('tells a server that can’t be reached from one that refuses, and tries again with the next change', async () => {
		const session = new BenchSession('/bench', file, 1);
		vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
		session.rename('a');
		await session.save();
		expect(session.saved).toBe('unreachable');
		vi.stubGlobal('fetch', () => Promise.resolve(new Response('{"code":"benchFile"}', { status: 422 })));
		session.rename('b');
		await session.save();
		expect(session.saved).toBe('refused');
		const { answer } = server();
		session.rename('c');
		const last = session.save();
		await answer();
		await last;
		expect(session.saved).toBe('saved');
	});
});
