<script lang="ts">
	import { circuitsInBox, chainOfCircuit, mainPanel } from '@wary/core/house';
	import PanelDrawing from '$lib/ui/PanelDrawing.svelte';
	import { breakerName, terms } from '$lib/words/terms';
	import { getJob } from '../context';

	const { session } = getJob();
	const { plan, house } = session;
	const t = terms[plan.region];
	const isolation = $derived(session.jobState.isolation);
	const wrong = $derived(isolation.off.filter((id) => isolation.notFeeding.includes(id)));
	const again = $derived(isolation.power === 'unknown' || isolation.power === 'tripped');
	let chosen = $state<string | null>(null);
	$effect.pre(() => {
		chosen ??= again
			? (isolation.off.at(-1) ?? null)
			: isolation.notFeeding.length > 0
				? null
				: isolation.power === 'restored'
					? session.jobState.feeder
					: plan.recordedBreaker;
	});
	/** What loses power with it, that somebody may miss. */
	const missed = $derived.by(() => {
		const circuits = new Set(house.circuits.filter(({ breaker }) => breaker === chosen).map(({ id }) => id));
		const boxes = new Set([...circuits].flatMap((id) => chainOfCircuit(house, id).map(({ box }) => box.id)));
		const lit = house.boxes.filter(({ id, device }) => boxes.has(id) && device?.kind === 'fixed').map(({ name }) => name);
		return [...house.loads.filter(({ box }) => boxes.has(box)).map(({ name }) => name), ...lit];
	});
	const circuitName = $derived(circuitsInBox(house, plan.boxId)[0]?.name ?? '');
	const ratingOf = (id: string) => mainPanel(house).breakers.find((breaker) => breaker.id === id)?.ratingA;
	const unlikely = $derived(chosen !== null && ratingOf(chosen) !== ratingOf(plan.recordedBreaker));
	/** Once the recorded one is out: those of its rating that have not been tried. */
	const likely = $derived(
		isolation.notFeeding.length === 0
			? null
			: mainPanel(house)
					.breakers.filter(
						({ id, spaces, ratingA }) =>
							spaces.length === 1 && ratingA === ratingOf(plan.recordedBreaker) && !isolation.notFeeding.includes(id)
					)
					.map(({ id }) => id)
	);
	const go = () => chosen && session.submit({ kind: 'switchBreaker', breaker: chosen, on: false });
	function key(event: KeyboardEvent) {
		const free = !(event.target instanceof HTMLElement) || !event.target.closest('button, a, input, summary, dialog');
		if (event.key === 'Enter' && free && !document.querySelector('dialog[open]')) {
			event.preventDefault();
			go();
		}
	}
</script>

<svelte:window onkeydown={key} />
{#each wrong as id (id)}
	{#if session.jobState.device === 'oldSeated' && isolation.power === 'off'}
		<p class="row back">
			<button type="button" class="btn second" onclick={() => session.submit({ kind: 'switchBreaker', breaker: id, on: true })}
				>{breakerName(house, id)} is back on</button
			>
		</p>
	{/if}
{/each}
<PanelDrawing
	{house}
	off={isolation.off}
	tried={isolation.notFeeding}
	marked={plan.recordedBreaker}
	{chosen}
	{likely}
	onpick={(id) => (chosen = id)}
/>
<div class="below">
	{#if chosen}
		{#if missed.length > 0}<p>By the record this also takes: <b>{missed.join(', ')}</b>.</p>{/if}
		{#if isolation.notFeeding.includes(chosen)}<p class="verdict bad">
				With {breakerName(house, chosen)} off, the {t.outlet} stayed live. It isn’t this one, or not this one alone.
			</p>
		{:else if unlikely}<p class="soft">Its rating differs from what is recorded for {circuitName}.</p>{/if}
	{:else}<p class="soft">Tap the {t.breaker} you have switched off.</p>{/if}
	<p class="row">
		<button type="button" class="btn" disabled={!chosen} onclick={go}
			>{chosen ? `${breakerName(house, chosen)} is off` : 'Choose one'}<kbd>↵</kbd></button
		>
	</p>
</div>

<style>
	.back {
		margin: 0 0 0.8rem;
	}
	.below {
		margin-top: 0.9rem;
	}
	.below p {
		margin: 0.4rem 0;
	}
</style>
