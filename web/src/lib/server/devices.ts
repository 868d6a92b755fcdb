import { createHash, createHmac, randomBytes, randomUUID, timingSafeEqual } from 'node:crypto';
import { z } from 'zod';
import { connections, many, maybeOne, one, transaction } from './db';

/** A device of the local network that may use this server. */
export interface PairedDevice {
	readonly id: string;
	readonly name: string;
	readonly pairedAt: string;
	readonly seenAt: string;
}

/** A pairing link is good for this long, minutes. */
export const codeGoodForMin = 10;

const hashOf = (code: string): Buffer => createHash('sha256').update(code).digest();

/** A new one-time code; only its hash is kept. */
export async function addPairingCode(): Promise<string> {
	const code = randomBytes(16).toString('base64url');
	await connections().query(
		`insert into pairing_code (code_hash, expires_at) values ($1, now() + make_interval(mins => $2))`,
		[hashOf(code), codeGoodForMin]
	);
	return code;
}

/** Whether a code would pair a device now. */
export async function isPairingCode(code: string): Promise<boolean> {
	const row = await maybeOne(connections(), {
		name: 'pairing code',
		row: z.object({}),
		sql: 'select 1 from pairing_code where code_hash = $1 and used_at is null and expires_at > now()',
		values: [hashOf(code)]
	});
	return row !== null;
}

/** Uses a code up and takes the device in: the value of its cookie; null where the code is used or too old. */
export async function pairDevice(code: string, name: string): Promise<string | null> {
	const id = randomUUID();
	// Signed before: inside it would ask for a second connection, and ten at once would wait for each other.
	const cookie = `${id}.${await signatureOf(id)}`;
	return transaction(async (on) => {
		const used = await maybeOne(on, {
			name: 'pairing code used up',
			row: z.object({}),
			sql: `update pairing_code set used_at = now()
			where code_hash = $1 and used_at is null and expires_at > now() returning 1`,
			values: [hashOf(code)]
		});
		if (!used) return null;
		await on.query('insert into paired_device (device_id, name) values ($1, $2)', [id, name]);
		return cookie;
	});
}

let secret: Buffer | undefined;
async function signatureOf(id: string): Promise<string> {
	secret ??= (
		await one(connections(), {
			name: 'secret of this server',
			row: z.object({ secret: z.instanceof(Buffer) }),
			sql: 'select secret from server_secret'
		})
	).secret;
	return createHmac('sha256', secret).update(id).digest('base64url');
}

/** The device that a cookie belongs to, if it was signed here and has not been sent away. */
export async function maybePaired(cookie: string | undefined): Promise<string | null> {
	const [id, given] = cookie?.split('.') ?? [];
	if (!id || !given || !/^[0-9a-f-]{36}$/.test(id)) return null;
	const expected = Buffer.from(await signatureOf(id));
	const signature = Buffer.from(given);
	if (expected.length !== signature.length || !timingSafeEqual(expected, signature)) return null;
	const row = await maybeOne(connections(), {
		name: 'paired device seen',
		row: z.object({}),
		sql: 'update paired_device set seen_at = now() where device_id = $1 and sent_away_at is null returning 1',
		values: [id]
	});
	return row ? id : null;
}

/** Devices that may come in, the last paired first. */
export async function manyPaired(): Promise<PairedDevice[]> {
	const rows = await many(connections(), {
		name: 'paired devices',
		row: z.object({ device_id: z.string(), name: z.string(), paired_at: z.date(), seen_at: z.date() }),
		sql: `select device_id, name, paired_at, seen_at from paired_device
		where sent_away_at is null order by paired_at desc limit 100`
	});
	return rows.map(({ device_id, name, paired_at, seen_at }) => ({
		id: device_id,
		name,
		pairedAt: paired_at.toISOString(),
		seenAt: seen_at.toISOString()
	}));
}

/** From now on the device's cookie opens nothing. */
export async function sendAway(id: string): Promise<void> {
	await connections().query(
		'update paired_device set sent_away_at = now() where device_id = $1 and sent_away_at is null',
		[id]
	);
}
