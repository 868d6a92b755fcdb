import { fennelLaneRecorded } from '@wary/core/demo';
import { editHouse, type Edit, type House } from '@wary/core/house';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { shownNotices } from '$lib/ui/toasts.svelte';
import { HouseEditor } from './editor.svelte';

vi.mock('$app/environment', () => ({ browser: true }));

/** A server with one house: it takes edits as the real one does. */
class Server {
	house: House = fennelLaneRecorded();
	version = 1;
	down = false;
	refuseNext = false;
	answer(body: { expectedVersion: number; edits: Edit[] }): object {
		if (body.expectedVersion !== this.version)
			return { ok: false, code: 'conflict', version: this.version, house: this.house };
		if (this.refuseNext) {
			this.refuseNext = false;
			return { ok: false, code: 'refused', refusal: { code: 'nameTaken', name: 'x' } };
		}
		const edited = editHouse(this.house, body.edits);
		if (!edited.ok) return { ok: false, code: 'refused', refusal: edited.refusal };
		this.house = edited.house;
		return { ok: true, version: ++this.version };
	}
}
let server: Server;
let editor: HouseEditor;
const label = (house: House, id: string) =>
	house.panels[0]!.breakers.find((breaker) => breaker.id === id)!.label;
const write = (id: string, text: string) =>
	editor.apply([{ do: 'setBreaker', breaker: id, label: text }], `label of ${id}`);

beforeEach(() => {
	server = new Server();
	editor = new HouseEditor({ house: server.house, version: 1, slug: 'home' });
	vi.stubGlobal('fetch', async (_: string, { body }: { body: string }) => {
		if (server.down) throw new TypeError('network');
		const answer = server.answer(JSON.parse(body) as { expectedVersion: number; edits: Edit[] });
		return { ok: 'ok' in answer && answer.ok, status: 200, json: async () => answer };
	});
});
afterEach(() => vi.unstubAllGlobals());

describe('editing the house on a device', () => {
	it('keeps, takes back and makes again', async () => {
		expect(await write('b9', 'stove')).toBe(true);
		expect([label(server.house, 'b9'), editor.version, editor.canUndo]).toEqual(['stove', 2, true]);
		await editor.undo();
		expect([label(server.house, 'b9'), label(editor.house, 'b9'), editor.canUndo, editor.canRedo]).toEqual([
			'reading nook',
			'reading nook',
			false,
			true
		]);
		await editor.redo();
		expect([label(server.house, 'b9'), editor.canRedo]).toEqual(['stove', false]);
	});

	it('a change that is not taken leaves those made after it: they reach the server, and stay on the page', async () => {
		server.refuseNext = true;
		const [first, second] = await Promise.all([write('b9', 'lost'), write('b10', 'stays')]);
		expect([first, second]).toEqual([false, true]);
		for (const house of [server.house, editor.house])
			expect([label(house, 'b9'), label(house, 'b10')]).toEqual(['reading nook', 'stays']);
		await editor.undo();
		expect([label(server.house, 'b10'), label(editor.house, 'b10')]).toEqual(['music rm', 'music rm']);
	});

	it('a change that stood on one that was not taken goes with it, and says so', async () => {
		server.refuseNext = true;
		const room: Edit = { do: 'addRoom', name: 'Loft' };
		const outlet: Edit = { do: 'addOutlet', room: 'loft', name: 'hatch' };
		const made = await Promise.all([editor.apply([room], 'room'), editor.apply([outlet], 'outlet')]);
		expect(made).toEqual([false, false]);
		expect(editor.house).toEqual(server.house);
		expect([editor.canUndo, editor.trouble !== null]).toEqual([false, true]);
	});

	it('sends quick changes one after another, so that none overtakes another', async () => {
		await Promise.all([write('b9', 'one'), write('b10', 'two'), write('b9', 'three')]);
		expect([label(server.house, 'b9'), label(server.house, 'b10'), editor.version]).toEqual([
			'three',
			'two',
			4
		]);
	});

	it('refuses at once what can’t be, in words, and sends nothing', async () => {
		expect(await editor.apply([{ do: 'setBreaker', breaker: 'b9', spaces: [10] }], 'moved')).toBe(false);
		expect(editor.trouble).toMatch(/space 10 is taken/);
		expect([editor.version, server.version]).toEqual([1, 1]);
	});

	it('puts a change on top of what somebody else did meanwhile, and says so', async () => {
		server.answer({ expectedVersion: 1, edits: [{ do: 'addRoom', name: 'Cellar' }] });
		expect(await write('b9', 'stove')).toBe(true);
		expect(shownNotices().map(({ text }) => text)).toContainEqual(expect.stringMatching(/changed elsewhere/));
		expect([
			label(server.house, 'b9'),
			server.house.rooms.at(-1)!.name,
			editor.house.rooms.at(-1)!.name
		]).toEqual(['stove', 'Cellar', 'Cellar']);
	});

	it('takes nothing back over what somebody else did: it shows how it stands', async () => {
		await write('b9', 'stove');
		server.answer({ expectedVersion: 2, edits: [{ do: 'addRoom', name: 'Cellar' }] });
		await editor.undo();
		expect(editor.trouble).toMatch(/no longer fits/);
		expect([label(editor.house, 'b9'), editor.house.rooms.at(-1)!.name]).toEqual(['stove', 'Cellar']);
	});

	it('while the server is away a change is not kept, is said not to be, and what was there is shown', async () => {
		server.down = true;
		expect(await write('b9', 'stove')).toBe(false);
		expect(editor.trouble).toMatch(/can’t be reached/);
		expect([label(editor.house, 'b9'), editor.canUndo]).toEqual(['reading nook', false]);
	});

	it('where what makes changes was never fetched, nothing is changed, and it says what to do', async () => {
		vi.resetModules();
		vi.doMock('./making', () => {
			throw new TypeError('network');
		});
		try {
			expect(await editor.wrongWith([{ do: 'renameHome', name: 'Elsewhere' }], 'home renamed')).toMatch(
				/never fetched.*load the page anew/
			);
			expect([editor.house.name, server.house.name, editor.canUndo]).toEqual([
				fennelLaneRecorded().name,
				fennelLaneRecorded().name,
				false
			]);
		} finally {
			vi.doUnmock('./making');
			vi.resetModules();
		}
	});
});
