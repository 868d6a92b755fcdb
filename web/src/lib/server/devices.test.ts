import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { connections } from './db';
import { addPairingCode, isPairingCode, manyPaired, maybePaired, pairDevice, sendAway } from './devices';
import { freshDatabase } from './test/database';

let client: pg.Client;
let drop: () => Promise<void>;
beforeAll(async () => {
	({ client, drop } = await freshDatabase());
});
afterAll(async () => {
	await connections().end();
	await drop();
});

const paired = async (name = 'Phone'): Promise<string> => (await pairDevice(await addPairingCode(), name))!;

describe('pairing a device', () => {
	it('takes it in by a code, which is then used up', async () => {
		const code = await addPairingCode();
		expect(await isPairingCode(code)).toBe(true);
		const cookie = await pairDevice(code, 'Phone in the hall');
		expect(await maybePaired(cookie!)).not.toBeNull();
		expect((await manyPaired()).map(({ name }) => name)).toContain('Phone in the hall');
		expect(await isPairingCode(code)).toBe(false);
		expect(await pairDevice(code, 'Another')).toBeNull();
	});

	it('one code takes in one device, however many ask at once', async () => {
		const code = await addPairingCode();
		const all = await Promise.all(Array.from({ length: 8 }, (_, k) => pairDevice(code, `Phone ${k}`)));
		expect(all.filter((cookie) => cookie !== null)).toHaveLength(1);
	});

	it('a dozen at once take in a dozen, the first time this server signs for any', async () => {
		vi.resetModules();
		const [fresh, db] = [await import('./devices'), await import('./db')];
		const codes = await Promise.all(Array.from({ length: 12 }, () => fresh.addPairingCode()));
		const cookies = await Promise.all(codes.map((code, k) => fresh.pairDevice(code, `Phone ${k}`)));
		expect(cookies.filter((cookie) => cookie !== null)).toHaveLength(12);
		await db.disconnect();
	});

	it('a code is good for ten minutes, and is nowhere stored as it is', async () => {
		const code = await addPairingCode();
		const { rows } = await client.query<{ code_hash: Buffer; minutes: string }>(
			'select code_hash, extract(epoch from expires_at - now()) / 60 as minutes from pairing_code where used_at is null'
		);
		expect(Number(rows.at(-1)!.minutes)).toBeGreaterThan(9.5);
		expect(Number(rows.at(-1)!.minutes)).toBeLessThanOrEqual(10);
		expect(rows.some(({ code_hash }) => code_hash.toString('utf8').includes(code))).toBe(false);
		await client.query(
			`update pairing_code set expires_at = now() - interval '1 second' where used_at is null`
		);
		expect(await isPairingCode(code)).toBe(false);
		expect(await pairDevice(code, 'Late')).toBeNull();
	});

	it('a code that was never given opens nothing', async () => {
		for (const code of ['', 'x', 'A'.repeat(22), 'A'.repeat(5000)]) {
			expect(await isPairingCode(code)).toBe(false);
			expect(await pairDevice(code, 'Guess')).toBeNull();
		}
	});
});

describe('a cookie', () => {
	it('opens nothing where it is missing, changed or made up', async () => {
		const cookie = await paired();
		const [id, signature] = cookie.split('.') as [string, string];
		const other = (await paired()).split('.')[1]!;
		for (const wrong of [
			undefined,
			'',
			id,
			`${id}.`,
			`.${signature}`,
			`${id}.${other}`,
			`${id}.${signature.slice(0, -1)}`,
			`${id.slice(0, -1)}0.${signature}`,
			`${id}.${signature}x`,
			`' or 1=1 --.${signature}`,
			'\u0000.\u0000'
		])
			if (wrong !== cookie) expect(await maybePaired(wrong), String(wrong)).toBeNull();
		expect(await maybePaired(cookie)).toBe(id);
	});

	it('opens nothing any more once its device is sent away, and the others go on', async () => {
		const [gone, stays] = [await paired('Gone'), await paired('Stays')];
		await sendAway(gone.split('.')[0]!);
		expect(await maybePaired(gone)).toBeNull();
		expect(await maybePaired(stays)).not.toBeNull();
		const names = (await manyPaired()).map(({ name }) => name);
		expect(names).toContain('Stays');
		expect(names).not.toContain('Gone');
	});

	it('tells when its device was last seen', async () => {
		const cookie = await paired('Seen');
		await client.query(`update paired_device set seen_at = now() - interval '1 day' where name = 'Seen'`);
		await maybePaired(cookie);
		const seen = (await manyPaired()).find(({ name }) => name === 'Seen')!;
		expect(Date.now() - Date.parse(seen.seenAt)).toBeLessThan(60_000);
	});
});
