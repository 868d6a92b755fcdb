import { doneAnswer, photosAnswer } from '$lib/answers';
import { isHeic, largestPhotoBytes } from '$lib/photo';
import { addPhoto, manyPhotos, photosAtMostBytes } from '$lib/server/photos';
import { picture } from '$lib/server/picture';
import { answer, failure, isUuid, routeJob } from '$lib/server/requests';

export async function GET({ params }) {
	const found = await routeJob(params.home, params.job);
	if (!found.ok) return found.response;
	return answer(photosAnswer, {
		photos: [...(await manyPhotos(found.value.household.id, found.value.loaded.job.id))]
	});
}

/** Takes a photograph: the picture itself as the body, its id and caption in the address. Judged by its content, not by what it is called, and kept without what a camera writes beside the picture. */
export async function POST({ params, request, url }) {
	const found = await routeJob(params.home, params.job);
	if (!found.ok) return found.response;
	const id = url.searchParams.get('id') ?? '';
	const caption = (url.searchParams.get('caption') ?? '').trim();
	if (!isUuid(id) || caption.length > 200) return failure(400, 'malformed');
	const content = await readBytes(request);
	if (!content || content.length > largestPhotoBytes) return failure(413, 'tooLarge', { largestPhotoBytes });
	if (isHeic(content)) return failure(415, 'heic');
	const kept = await picture(content);
	if (!kept) return failure(415, 'notAPhoto');
	const { household, loaded } = found.value;
	return (await addPhoto(household.id, loaded.job.id, { id, caption, ...kept })) === 'kept'
		? answer(doneAnswer, {}, 201)
		: failure(413, 'homeFull', { photosAtMostBytes });
}

/** The body, or null where the server's own limit cut it off. */
async function readBytes(request: Request): Promise<Uint8Array | null> {
	try {
		return new Uint8Array(await request.arrayBuffer());
	} catch {
		return null;
	}
}
