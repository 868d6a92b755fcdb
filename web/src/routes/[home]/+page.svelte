<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import { circuitsInBox, placeName } from '@wary/core/house';
	import DeviceDrawing from '$lib/ui/DeviceDrawing.svelte';
	import ChainDrawing from '$lib/ui/ChainDrawing.svelte';
	import { day } from '$lib/words/dates';
	import { worryWords } from '$lib/words/worries';
	import { terms } from '$lib/words/terms';

	let { data } = $props();
	const t = $derived(terms[data.house.region]);
	const first = $derived(data.needs[0]);
	const unplaced = $derived(
		data.house.boxes.filter(
			(box) => box.use === 'outlet' && box.device && circuitsInBox(data.house, box.id).length === 0
		)
	);
	const others = $derived(data.needs.slice(1));
	const firstBox = $derived(first ? data.house.boxes.find(({ id }) => id === first.boxId) : undefined);
	const rooms = $derived(
		data.house.rooms
			.map((room) => ({
				...room,
				boxes: data.house.boxes.filter((box) => box.room === room.id && box.use === 'outlet' && box.device)
			}))
			.filter(({ boxes }) => boxes.length > 0)
	);
</script>

<svelte:head><title>Today · {data.home.name} · Wary Hand</title></svelte:head>
<main>
	{#if data.underWay.length > 0}
		<section class="underway">
			<h2>Under way</h2>
			{#each data.underWay as job (job.id)}
				<a class="job {job.energy}" href={`/${data.home.slug}/job/${job.id}`}>
					<b>{job.place}</b><span class="state">{job.word}</span><span>next: {job.next}</span><span
						class="soft">begun {day(job.startedAt, t.locale)}</span
					>
				</a>
			{/each}
		</section>
	{/if}

	<div class="columns">
		<section class="next">
			{#if first && firstBox}
				<p class="soft">Next at {data.home.name}</p>
				<h1>{first.place}</h1>
				<p class="why">
					{worryWords[first.worry.kind].what} <q>{first.worry.note}</q>
					<span class="soft">Seen {day(first.worry.seen, t.locale)}.</span>
				</p>
				<p>{worryWords[first.worry.kind].why}</p>
				<p class="row">
					<Button size="lg" href={`/${data.home.slug}/outlet/${first.boxId}`}>See the {t.outlet}</Button>
				</p>
				<div class="where"><ChainDrawing house={data.house} boxId={first.boxId} slug={data.home.slug} /></div>
			{:else if data.house.boxes.length === 0}
				<h1>An empty house, so far</h1>
				<p>
					Put in the {t.panel}, its directory, rooms and {t.outlet}s; five minutes are enough. Then each {t.outlet}
					can be looked at, its {t.breaker}
					found, and the {t.outlet} replaced.
				</p>
				<p class="row"><Button size="lg" href={`/${data.home.slug}/house`}>Put the house in</Button></p>
			{:else if data.underWay.length === 0}
				<h1>{unplaced.length > 0 ? `${unplaced.length} without ${t.aBreaker}` : 'Nothing is waiting'}</h1>
				{#if unplaced.length > 0}
					<p>
						Nobody has found yet what feeds these. A lamp or a radio and a few walks find it, and the
						directory learns it.
					</p>
					<ul class="plain">
						{#each unplaced.slice(0, 8) as box (box.id)}<li>
								<a href={`/${data.home.slug}/find/${box.id}`}
									>Find the {t.breaker} of {placeName(data.house, box)}</a
								>
							</li>{/each}
					</ul>
				{/if}
				<p>
					No worry is on record at {data.home.name}. Choose any {t.outlet} below to look at it, or to replace it
					like for like.
				</p>
			{:else}
				<h1>One thing at a time</h1>
				<p>Nothing else is waiting at {data.home.name}. Go on with the job under way.</p>
			{/if}
			{#if others.length > 0}
				<h2 class="mt-6">After that</h2>
				<ul class="plain">
					{#each others as need (need.boxId + need.worry.id)}<li>
							<a href={`/${data.home.slug}/outlet/${need.boxId}`}>{need.place}</a>: {worryWords[
								need.worry.kind
							].what}
						</li>{/each}
				</ul>
			{/if}
		</section>
		<aside>
			{#if firstBox?.device}<DeviceDrawing device={firstBox.device} region={data.house.region} />{/if}
		</aside>
	</div>

	<section class="rooms">
		<h2>{t.outlet === 'outlet' ? 'Outlets' : 'Socket-outlets'} by room</h2>
		<dl>
			{#each rooms as room (room.id)}
				<div>
					<dt>{room.name}</dt>
					{#each room.boxes as box (box.id)}<dd>
							<a href={`/${data.home.slug}/outlet/${box.id}`}>{box.name}</a>{#if box.worries.length > 0}<span
									title="a worry is on record"
								>
									!</span
								>{/if}
						</dd>{/each}
				</div>
			{/each}
		</dl>
	</section>

	{#if data.ended.length > 0}
		<section>
			<h2>Records</h2>
			<ul class="plain">
				{#each data.ended as job (job.id)}<li>
						<a href={`/${data.home.slug}/job/${job.id}/record`}>{job.place}</a>
						<span class="soft">{job.outcome}{job.endedAt ? `, ${day(job.endedAt, t.locale)}` : ''}</span>
					</li>{/each}
			</ul>
		</section>
	{/if}
	<p class="soft foot">
		<a href={`/${data.home.slug}/house.json`}>Take this home’s house file with you</a>{#if data.home.isDemo}
			· A made-up home: its instruments are simulated.{/if}
	</p>
</main>

<style>
	main {
		max-width: 76rem;
		margin: 0 auto;
		padding: 1.5rem 1.5rem 3rem;
	}
	.columns {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 22rem;
		gap: 2.5rem;
		align-items: start;
	}
	.why {
		font-size: 1.12rem;
		max-width: 46ch;
	}
	.next p {
		margin: 0 0 0.8rem;
		max-width: 58ch;
	}
	.where {
		margin-top: 1.4rem;
		border-top: 1px solid var(--hair);
		padding-top: 0.8rem;
	}
	.underway {
		margin-bottom: 1.6rem;
	}
	.job {
		display: grid;
		grid-template-columns: 1.4fr auto 2fr auto;
		gap: 1.2rem;
		align-items: center;
		min-height: 3.4rem;
		padding: 0.5rem 1rem;
		border: 2px solid var(--ink);
		background: var(--sheet);
		text-decoration: none;
	}
	.job + .job {
		margin-top: 0.5rem;
	}
	.state {
		font-weight: 700;
		letter-spacing: 0.04em;
	}
	.assumedLive .state,
	.deliberatelyLive .state {
		color: var(--live);
	}
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
	.plain {
		list-style: none;
		margin: 0;
		padding: 0;
		line-height: 2;
	}
	.foot {
		margin-top: 2rem;
	}
	@media (max-width: 800px) {
		main {
			padding: 1rem 1rem 3rem;
		}
		.columns {
			grid-template-columns: minmax(0, 1fr);
			gap: 1rem;
		}
		aside {
			max-width: 18rem;
		}
		.job {
			grid-template-columns: 1fr auto;
			gap: 0.2rem 1rem;
		}
	}
</style>
