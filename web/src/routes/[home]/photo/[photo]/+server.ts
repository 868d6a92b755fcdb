import { error } from '@sveltejs/kit';
import { maybePhoto } from '$lib/server/photos';
import { isUuid, pageHousehold } from '$lib/server/requests';

export async function GET({ params }) {
	const household = await pageHousehold(params.home);
	const photo = isUuid(params.photo) ? await maybePhoto(household.id, params.photo) : null;
	if (!photo) error(404, { message: 'There is no such photograph.', code: 'unknownPhoto' });
	return new Response(new Uint8Array(photo.content), {
		headers: {
			'content-type': photo.type,
			'x-content-type-options': 'nosniff',
			'cache-control': 'private, max-age=31536000, immutable'
		}
	});
}
