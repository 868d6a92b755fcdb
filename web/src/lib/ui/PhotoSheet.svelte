<script lang="ts">
	import { words as w } from '$words/ui/photoSheet';
	import { clock } from '$words/dates';

	/** Photographs of a job, for reading and print. */
	let {
		home,
		photos
	}: { home: string; photos: readonly { id: string; caption: string; takenAt: string }[] } = $props();
</script>

{#if photos.length > 0}
	<section>
		<h2>{w.photographs}</h2>
		<ul>
			{#each photos as photo (photo.id)}<li>
					<img src={`/${home}/photo/${photo.id}`} alt={photo.caption || w.photographOfTheBox} /><span
						>{photo.caption} <span class="soft">{w.utc(clock(photo.takenAt))}</span></span
					>
				</li>{/each}
		</ul>
	</section>
{/if}

<style>
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(14rem, 1fr));
		gap: 0.8rem;
		list-style: none;
		padding: 0;
		margin: 0.4rem 0 0.8rem;
	}
	li {
		display: grid;
		gap: 0.2rem;
		align-content: start;
		break-inside: avoid;
	}
	img {
		width: 100%;
		border: 1px solid var(--ink);
	}
</style>
