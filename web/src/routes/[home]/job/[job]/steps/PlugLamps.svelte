<script lang="ts">
	import { words as w } from '$words/job/steps/plug';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import type { PlugLamps } from '@wary/core/instruments';
	import type { Region } from '@wary/core/rules';
	import { capital, terms } from '$words/terms';

	/** The three lamps of a plug-in tester, or the one that two slots can light: each lit or dark by a tap or its number. */
	let {
		region,
		twoBlades = false,
		lamps = $bindable(),
		touched = $bindable(false)
	}: { region: Region; twoBlades?: boolean; lamps: PlugLamps; touched?: boolean } = $props();
	const t = $derived(terms[region]);
	const names = $derived<[keyof PlugLamps, string][]>([
		['hotNeutral', `${t.hot}–${t.neutral}`],
		...(twoBlades
			? []
			: ([
					['hotGround', `${t.hot}–${t.ground}`],
					['neutralGround', `${t.neutral}–${t.ground}`]
				] as [keyof PlugLamps, string][]))
	]);
	function toggle(name: keyof PlugLamps) {
		lamps = { ...lamps, [name]: !lamps[name] };
		touched = true;
	}
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		const lamp = names[Number(event.key) - 1];
		if (!lamp) return;
		toggle(lamp[0]);
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
<div class="lamps" role="group" aria-label={twoBlades ? w.theLamp : w.lampsOfTheTester}>
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
			<span>{twoBlades ? w.theLamp : capital(text)}</span><b>{lamps[name] ? w.lit : w.dark}</b><Kbd
				>{k + 1}</Kbd
			>
		</button>
	{/each}
</div>

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
