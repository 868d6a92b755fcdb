<script lang="ts">
	import { words as w } from '$words/today';
	import type { House } from '@wary/core/house';

	/** Every outlet of the house, by its room. */
	let { house, slug }: { house: House; slug: string } = $props();
	const rooms = $derived(
		house.rooms
			.map((room) => ({
				...room,
				boxes: house.boxes.filter((box) => box.room === room.id && box.use === 'outlet' && box.device)
			}))
			.filter(({ boxes }) => boxes.length > 0)
	);
</script>

<section class="rooms">
	<h2>{w.byRoom(w.outletsOf[house.region])}</h2>
	<dl>
		{#each rooms as room (room.id)}
			<div>
				<dt>{room.name}</dt>
				{#each room.boxes as box (box.id)}<dd>
						<a href={`/${slug}/outlet/${box.id}`}>{box.name}</a>{#if box.worries.length > 0}<span
								title={w.aWorryIsOnRecord}
							>
								!</span
							>{/if}
					</dd>{/each}
			</div>
		{/each}
	</dl>
</section>

<style>
	.rooms {
		margin-top: 2.2rem;
		border-top: 2px solid var(--ink);
		padding-top: 1rem;
	}
	dl {
		columns: 5 11rem;
		gap: 1.5rem;
		margin: 0;
	}
	dl div {
		break-inside: avoid;
		margin-bottom: 0.9rem;
	}
	dt {
		font-weight: 600;
	}
	dd {
		margin: 0;
		line-height: 1.75;
	}
	dd span {
		font-weight: 700;
	}
</style>
