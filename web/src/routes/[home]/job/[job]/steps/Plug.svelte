<script lang="ts">
	import { words as w } from '$words/job/steps/plug';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { sameLamps, soundLamps, type Step } from '@wary/core/job';
	import { capital, terms } from '$words/terms';
	import { lampsWords } from '$words/events';
	import { getJob } from '../context';

	let { step }: { step: Extract<Step, { kind: 'readPlug' }> } = $props();
	const { session, standIn } = getJob();
	const { region } = session.plan;
	const t = terms[region];
	const names = [
		['hotNeutral', `${t.hot}–${t.neutral}`],
		['hotGround', `${t.hot}–${t.ground}`],
		['neutralGround', `${t.neutral}–${t.ground}`]
	] as const;
	const expected = $derived(session.expect.lamps(step.half));
	let lamps = $state({ hotNeutral: false, hotGround: false, neutralGround: false });
	let touched = $state(false);
	let asking = $state(false);
	let failed = $state(false);
	const right = $derived(sameLamps(lamps, expected) && sameLamps(lamps, soundLamps));
	async function take() {
		if (!standIn) return;
		asking = true;
		const shown = await standIn({ what: 'plug', half: step.half });
		asking = false;
		failed = shown?.kind !== 'lamps';
		if (shown?.kind === 'lamps') {
			lamps = { ...shown.lamps };
			touched = true;
			if (right) keep();
		}
	}
	const keep = () => session.submit({ kind: 'readPlug', half: step.half, lamps: { ...lamps } });
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		const target = event.target instanceof HTMLElement ? event.target : null;
		const lamp = names[Number(event.key) - 1];
		if (event.key === 't' && standIn) void take();
		else if (lamp) toggle(lamp[0]);
		else if (event.key === 'Enter' && !target?.closest('button, a, summary')) keep();
		else return;
		event.preventDefault();
	}
	function toggle(name: (typeof names)[number][0]) {
		lamps = { ...lamps, [name]: !lamps[name] };
		touched = true;
	}
</script>

<svelte:window onkeydown={key} />
<p class="soft">{w.expect(lampsWords(expected, region))}</p>
<div class="lamps" role="group" aria-label={w.lampsOfTheTester}>
	{#each names as [name, text], k (name)}
		<button type="button" class="lamp" aria-pressed={lamps[name]} onclick={() => toggle(name)}>
			<svg
				viewBox="0 0 48 48"
				width="52"
				height="52"
				aria-hidden="true"
				fill="none"
				stroke="currentColor"
				stroke-width="2.5"
			>
				<circle cx="24" cy="24" r="13" fill={lamps[name] ? 'currentColor' : 'none'} />
				{#if lamps[name]}<path
						d="M24 3v5M24 40v5M3 24h5M40 24h5M9 9l4 4M35 35l4 4M39 9l-4 4M9 39l4-4"
					/>{:else}<path d="M17 31 31 17" />{/if}
			</svg>
			<span>{capital(text)}</span><b>{lamps[name] ? 'lit' : 'dark'}</b><Kbd>{k + 1}</Kbd>
		</button>
	{/each}
</div>
{#if failed}<Verdict kind="bad">{w.theSimulatedTesterCantBe}</Verdict>
{:else if touched}<Verdict kind={!right ? 'bad' : 'good'}>
		{right ? w.asItShouldBe : w.notAsItShouldBe(lampsWords(expected, region))}
	</Verdict>{/if}
<p class="row mt-4">
	{#if standIn}<Button size="lg" color="light" disabled={asking} onclick={take}
			>{asking ? w.pluggingIn : w.plugTheTesterIn}<Kbd>t</Kbd></Button
		>{/if}
	<Button size="lg" disabled={!touched} onclick={keep}>{w.saveReading}<Kbd>↵</Kbd></Button>
	{#if standIn}<span class="soft">{w.simulatedTester}</span>{/if}
</p>

<style>
	.lamps {
		display: flex;
		border: 2px solid var(--ink);
		border-radius: 14px;
		background: var(--sheet);
		max-width: 34rem;
	}
	.lamp {
		flex: 1 1 0;
		min-width: 0;
		display: grid;
		justify-items: center;
		gap: 0.2rem;
		padding: 0.9rem 0.4rem;
		cursor: pointer;
	}
	.lamp + .lamp {
		border-left: 1px dashed var(--soft);
	}
</style>
