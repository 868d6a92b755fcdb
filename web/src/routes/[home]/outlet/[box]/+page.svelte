<script lang="ts">
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import { circuitsInBox, findBreaker, neighbours, placeName } from '@wary/core/house';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';
	import ChainDrawing from '$lib/ui/ChainDrawing.svelte';
	import TopBar from '$lib/ui/TopBar.svelte';
	import { day } from '$lib/words/dates';
	import { deviceWords } from '$lib/words/devices';
	import { breakerName, capital, ohmsWord, terms, voltsWord } from '$lib/words/terms';
	import Material from './Material.svelte';
	import PluggedIn from './PluggedIn.svelte';
	import SeenOtherwise from './SeenOtherwise.svelte';
	import { worryWords } from '$lib/words/worries';

	let { data } = $props();
	const t = $derived(terms[data.house.region]);
	const circuit = $derived(circuitsInBox(data.house, data.box.id)[0]);
	const breaker = $derived(circuit ? findBreaker(data.house, circuit.breaker) : undefined);
	const findings = $derived(breaker?.findings.filter(({ box }) => box === data.box.id) ?? []);
	const around = $derived(neighbours(data.house, data.box.id));
	let who = $state('');
	let school = $state<'groundFirst' | 'hotFirst' | 'asItCameOff'>('groundFirst');
	let starting = $state(false);
	let trouble = $state<string | null>(null);

	onMount(() => {
		who = localStorage.getItem('wary-hand who') ?? '';
	});

	async function start(event: SubmitEvent) {
		event.preventDefault();
		trouble = null;
		if (who.trim() === '') {
			trouble = 'Your name goes on the tag and into the record.';
			return;
		}
		starting = true;
		localStorage.setItem('wary-hand who', who.trim());
		try {
			const response = await fetch(`/api/${data.home.slug}/jobs`, {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({ id: crypto.randomUUID(), boxId: data.box.id, school, who: who.trim() })
			});
			const answer = (await response.json()) as { jobId?: string };
			if (answer.jobId) return await goto(`/${data.home.slug}/job/${answer.jobId}`);
			trouble = 'The job could not be started. Reload the page and try again.';
		} catch {
			trouble = 'The server can’t be reached. Nothing was started; try again.';
		} finally {
			starting = false;
		}
	}
</script>

<svelte:head><title>{placeName(data.house, data.box)} · Wary Hand</title></svelte:head>
<TopBar home={data.home} theme={data.theme} />
<main>
	<section class="drawing">
		<BoxDrawing house={data.house} box={data.box} />
	</section>
	<section class="facts">
		<h1>{placeName(data.house, data.box)}</h1>
		{#if data.box.device}<p class="device">{deviceWords(data.box.device, data.house.region)}</p>{/if}
		{#each data.box.worries as worry (worry.id)}
			<p class="verdict open">
				<b>{worryWords[worry.kind].what}</b>
				{worry.note} <span class="soft">Seen {day(worry.seen, t.locale)}.</span>
			</p>
		{/each}
		{#if !data.underWay}{#key data.box.id}<SeenOtherwise
					house={data.house}
					version={data.version}
					slug={data.home.slug}
					otherwise={data.otherwise}
				/>{/key}{/if}
		{#if data.underWay}
			<p class="row">
				<a class="btn" href={`/${data.home.slug}/job/${data.underWay}`}>Go on with the job here</a>
			</p>
		{:else if data.cannot}
			<p class="verdict open">{data.cannot}</p>
			{#if !circuit || data.searchable}<p class="row">
					<a class="btn" href={`/${data.home.slug}/find/${data.box.id}`}>Find its {t.breaker}</a>
				</p>{/if}
		{:else}
			<form onsubmit={start}>
				<div class="row fields">
					<label
						><span class="label">Who does the work</span><input
							class="field"
							bind:value={who}
							maxlength="80"
							autocomplete="name"
							aria-describedby={trouble ? 'trouble' : undefined}
						/></label
					>
					<label
						><span class="label">Wires go on</span><select class="field" bind:value={school}>
							<option value="groundFirst">{t.ground}, {t.neutral}, {t.hot} (usual)</option>
							<option value="hotFirst">{t.hot} first</option>
							<option value="asItCameOff">in reverse of coming off</option>
						</select></label
					>
				</div>
				{#if data.asked}<p class="verdict open">
						<b>{data.asked.title}.</b>
						{data.asked.lead}
						<span class="soft">{data.asked.rule}</span>
					</p>{/if}
				{#if data.noResidual}<p class="verdict open">
						No RCD protects this socket circuit, by the record (BS 7671 411.3.3). A like-for-like change may
						go on; a 30 mA RCBO is recommended, and it is written down.
					</p>{/if}
				{#if trouble}<p id="trouble" class="verdict bad" role="alert">{trouble}</p>{/if}
				<button class="btn" disabled={starting}
					>{starting ? 'Starting …' : 'Replace it, like for like'}</button
				>
			</form>
		{/if}

		<table class="about">
			<tbody>
				{#if circuit && breaker}
					<tr><th>Circuit</th><td>{circuit.name}{circuit.arrangement === 'ring' ? ', ring' : ''}</td></tr>
					<tr>
						<th>{capital(t.breaker)}</th>
						<td>
							{breakerName(data.house, breaker.id)}, {breaker.ratingA} A, labelled “{breaker.label}”
							<br /><span class="soft"
								>{findings.some(({ finding }) => finding === 'feeds')
									? `found by test, ${day(findings.findLast(({ finding }) => finding === 'feeds')!.on, t.locale)}`
									: 'claimed by a label, not tested'}</span
							>
							· <a href={`/${data.home.slug}/find/${data.box.id}`}>search for it</a>
						</td>
					</tr>
				{/if}
				<tr
					><th>Before it</th><td
						>{#each around.upstream as box, k (box.id)}{k > 0 ? ', ' : ''}<a
								href={`/${data.home.slug}/outlet/${box.id}`}>{placeName(data.house, box)}</a
							>{:else}the {t.panel}{/each}</td
					></tr
				>
				<tr
					><th>After it</th><td
						>{#each around.downstream as box, k (box.id)}{k > 0 ? ', ' : ''}<a
								href={`/${data.home.slug}/outlet/${box.id}`}>{placeName(data.house, box)}</a
							>{:else}<span class="soft">nothing: end of the run</span>{/each}</td
					></tr
				>
				{#if data.box.supply}
					{@const supply = data.box.supply}
					<tr
						><th>Supply</th><td
							>cable {supply.cables.join(' and ')}
							<br /><span class="soft"
								>found by {supply.by}, {day(supply.on, t.locale)}: {supply.readings
									.map(
										({ cable, resistanceOhm, hotNeutralV }) =>
											`${cable} ${hotNeutralV === undefined ? ohmsWord(resistanceOhm ?? null) : voltsWord(hotNeutralV)}`
									)
									.join(', ')}</span
							></td
						></tr
					>
				{/if}
				<tr
					><th>Box</th><td class="box"
						>{#key data.version}<Material
								house={data.house}
								version={data.version}
								slug={data.home.slug}
								box={data.box}
							/>{/key}
						<span
							>{[
								data.box.volumeIn3 ? `${data.box.volumeIn3} in³` : '',
								data.box.depthMm ? `${data.box.depthMm} mm deep` : ''
							]
								.filter(Boolean)
								.join(', ')}</span
						></td
					></tr
				>
			</tbody>
		</table>
		<ChainDrawing house={data.house} boxId={data.box.id} slug={data.home.slug} />

		{#if data.box.device && data.box.use === 'outlet'}{#key data.version}<PluggedIn
					house={data.house}
					version={data.version}
					slug={data.home.slug}
					box={data.box}
				/>{/key}{/if}
		<h2 class="mt-6">History</h2>
		{#if data.box.history.length === 0 && data.ended.length === 0}<p class="soft">
				Nothing is on record yet.
			</p>{/if}
		<ul>
			{#each data.box.history as entry (entry.on + entry.what)}<li>
					<b>{day(entry.on, t.locale)}</b>
					{entry.what}
				</li>{/each}
			{#each data.ended as job (job.id)}<li>
					<b>{day(job.endedAt!, t.locale)}</b>
					<a href={`/${data.home.slug}/job/${job.id}/record`}>Record of the job, {job.outcome}</a>
				</li>{/each}
		</ul>
	</section>
</main>

<style>
	.box {
		display: flex;
		align-items: center;
		gap: 0.8rem;
	}
	.box :global(.field) {
		max-width: 12rem;
	}
	main {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 2rem;
		max-width: 84rem;
		margin: 0 auto;
		padding: 1.2rem 1.5rem 3rem;
	}
	.device {
		font-size: 1.1rem;
		margin: 0 0 0.6rem;
	}
	.fields label {
		flex: 1 1 12rem;
	}
	form {
		padding: 0.6rem 0 0.4rem;
	}
	form .btn {
		margin-top: 0.8rem;
	}
	.about {
		margin: 1.2rem 0;
	}
	.about th {
		color: var(--soft);
		width: 6rem;
	}
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		padding: 0.3rem 0;
		border-bottom: 1px solid var(--hair);
	}
	@media (max-width: 900px) {
		main {
			grid-template-columns: minmax(0, 1fr);
			padding: 1rem 1rem 3rem;
		}
		.facts {
			order: -1;
		}
	}
</style>
