import { toString } from 'qrcode';
import { inviteAnswer } from '$lib/answers';
import { answer } from '$lib/server/requests';
import { isLoopback, isWildcard, machineAddresses } from '$lib/server/addresses';
import { addPairingCode, codeGoodForMin } from '$lib/server/devices';

/** A new pairing link, as text and as a QR code. Asked on the machine itself it names an address that other devices reach. */
export async function POST({ url, getClientAddress }) {
	const host = process.env.HOST ?? '';
	const own = isLoopback(getClientAddress()) && isWildcard(host);
	const [address] = own ? machineAddresses(host) : [];
	const origin = address ? `http://${address}${url.port ? `:${url.port}` : ''}` : url.origin;
	const link = `${origin}/pair?code=${await addPairingCode()}`;
	const svg = await toString(link, { type: 'svg', margin: 1 });
	return answer(inviteAnswer, { link, svg, goodForMin: codeGoodForMin }, 201);
}
