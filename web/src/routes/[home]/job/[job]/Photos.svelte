<script lang="ts">
	import { newId } from '$lib/newId';
	import { words as w } from '$words/job/photos';
	import FilePick from '$lib/ui/FilePick.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { onMount } from 'svelte';
	import { ask } from '$lib/client';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import { photoWords as words } from '$words/failures';
	import { isHeic, largestPhotoBytes, resized } from '$lib/photo';
	import { getJob } from './context';

	/** Photographs of this job: taken here, kept with its record. */
	const { home, jobId } = getJob();
	let photos = $state<{ id: string; caption: string }[]>([]);
	let caption = $state('');
	let sending = $state<'idle' | 'sending'>('idle');
	let trouble = $state<string | null>(null);
	/** What could not be sent yet: it isn't lost, and is sent again on request. */
	let waiting = $state.raw<{ id: string; caption: string; picture: Blob } | null>(null);
	const address = `/api/${home}/jobs/${jobId}/photos`;
	holdsUnsaved(() => waiting !== null);

	onMount(async () => {
		const reply = await ask(address, 'photos');
		if (reply.ok) ({ photos } = reply.answer);
	});
	async function take(event: Event & { currentTarget: HTMLInputElement }) {
		const file = event.currentTarget.files?.[0];
		event.currentTarget.value = '';
		if (!file) return;
		trouble = null;
		try {
			const picture = await resized(file);
			if (picture.size > largestPhotoBytes) return void (trouble = w.evenMadeSmallerThePicture);
			await send({ id: newId(), caption: caption.trim(), picture });
		} catch {
			const start = new Uint8Array(await file.slice(0, 12).arrayBuffer());
			trouble = isHeic(start) ? words.heic : w.cantBeReadAsA(file.name);
		}
	}
	async function send(photo: NonNullable<typeof waiting>) {
		sending = 'sending';
		waiting = photo;
		const query = new URLSearchParams({ id: photo.id, caption: photo.caption });
		const reply = await ask(`${address}?${query}`, 'done', { method: 'POST', body: photo.picture });
		sending = 'idle';
		if (reply.ok) {
			photos = [...photos, { id: photo.id, caption: photo.caption }];
			waiting = null;
			caption = '';
			trouble = null;
		} else if (reply.status >= 400 && reply.status < 500) {
			waiting = null;
			const { code } = reply.failure;
			trouble =
				code === 'homeFull' || code === 'heic'
					? words[code]
					: reply.status === 413
						? words.tooLarge
						: words.notAPicture;
		} else trouble = words.unreachable;
	}
</script>

<section aria-label={w.photographs}>
	<ul>
		{#each photos as photo (photo.id)}<li>
				<a href={`/${home}/photo/${photo.id}`}
					><img src={`/${home}/photo/${photo.id}`} alt={photo.caption || 'photograph'} /></a
				><span class="soft">{photo.caption}</span>
			</li>{/each}
	</ul>
	<div class="row">
		<Input
			class="w-auto! flex-[1_1_10rem]"
			bind:value={caption}
			maxlength={200}
			placeholder={w.whatItShows}
			aria-label={w.whatThePhotographShows}
		/>
		<FilePick
			text={sending === 'sending' ? w.saving : w.addAPhotograph}
			accept="image/jpeg,image/png,image/webp"
			disabled={sending === 'sending'}
			onpick={take}
		/>
		{#if waiting && sending === 'idle'}<Button color="alternative" onclick={() => send(waiting!)}
				>{w.sendAgain}</Button
			>{/if}
	</div>
	{#if trouble}<Verdict kind="open" alert>{trouble}</Verdict>{/if}
</section>

<style>
	section {
		margin: 0.8rem 0;
	}
	ul {
		list-style: none;
		display: flex;
		flex-wrap: wrap;
		gap: 0.6rem;
		margin: 0 0 0.4rem;
		padding: 0;
	}
	li {
		width: 8rem;
		font-size: 0.9rem;
	}
	img {
		width: 8rem;
		height: 6rem;
		object-fit: cover;
		border: 1px solid var(--ink);
	}
</style>
