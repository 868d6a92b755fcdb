import { deflateSync } from 'node:zlib';
import { sendPacked } from '$lib/sent';

/** The value itself, which goes to the browser packed, and is packed once. */
export function packedOnce<Value extends object>(value: Value): Value {
	let text: string | null = null;
	sendPacked(value, () => (text ??= deflateSync(JSON.stringify(value)).toString('base64')));
	return value;
}
