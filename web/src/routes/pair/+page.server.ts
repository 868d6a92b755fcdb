import { fail, redirect } from '@sveltejs/kit';
import { nameText } from '@wary/core/text';
import { isPairingCode, pairDevice } from '$lib/server/devices';
import { formOf } from '$lib/server/sameSite';

/** The link with a one-time code leads here. Only the button uses the code up: whoever looks ahead of a link doesn't. */
export async function load({ url, locals }) {
	const code = url.searchParams.get('code') ?? '';
	return { code, good: code !== '' && (await isPairingCode(code)), theme: locals.theme };
}

export const actions = {
	default: async ({ request, cookies }) => {
		const form = await formOf(request);
		const name = nameText(80).safeParse(form?.get('name'));
		const code = form?.get('code');
		if (!name.success) return fail(400, { fault: 'name' as const });
		const cookie = typeof code === 'string' ? await pairDevice(code, name.data) : null;
		if (!cookie) return fail(410, { fault: 'code' as const });
		cookies.set('device', cookie, {
			path: '/',
			httpOnly: true,
			sameSite: 'lax',
			secure: false,
			maxAge: 31_536_000
		});
		redirect(303, '/');
	}
};
