<script lang="ts">
	import type { Layer, Seen } from '@wary/core/bench';
	import FreeEnd from '$lib/ui/box/FreeEnd.svelte';
	import Insulation from '$lib/ui/box/Insulation.svelte';
	import type { DrawnWire } from '$lib/ui/box/layout';
	import { leastShownA, shownLiveFromV } from './shows';

	interface Props {
		wire: DrawnWire;
		seen: Seen | undefined;
		layer: Layer;
		picked: boolean;
	}
	/** A conductor on the bench under what the chosen layer shows of it: its current, its potential, what guards it. */
	let { wire, seen, layer, picked }: Props = $props();
	const current = $derived(layer === 'current' ? Math.abs(seen?.currentA ?? 0) : 0);
	const flows = $derived(current >= leastShownA);
	const potential = $derived(layer === 'potential' ? (seen?.toEarthV ?? null) : 0);
</script>

{#if flows}<path
		d={wire.path}
		stroke="var(--dead)"
		stroke-opacity="0.4"
		stroke-linecap="round"
		stroke-width={9 + Math.min(22, 6 * Math.sqrt(current))}
	/>{/if}
{#if seen?.guard?.state === 'guarded'}
	<path d={wire.path} stroke="var(--dead)" stroke-width="20" />
	<path d={wire.path} stroke="var(--sheet)" stroke-width="14" />
{:else if seen?.guard?.state === 'none'}
	<path d={wire.path} stroke="var(--live)" stroke-width="14" stroke-dasharray="4 9" />
{/if}
{#if potential !== null && potential >= shownLiveFromV}
	<path d={wire.path} stroke="var(--live)" stroke-width="16" stroke-dasharray="3 4" stroke-opacity="0.75" />
{:else if layer === 'potential' && seen?.toEarthV === null}
	<path d={wire.path} stroke="var(--soft)" stroke-width="14" stroke-dasharray="1 7" />
{:else if potential !== null && potential >= 3}
	<path d={wire.path} stroke="var(--ink)" stroke-width="14" stroke-dasharray="2 9" />
{/if}
<Insulation {wire} thick={picked} />
{#if flows}
	<path
		d="M-9 -8L9 0L-9 8z"
		fill="var(--ink)"
		stroke="var(--sheet)"
		transform={`translate(${wire.arrow.x} ${wire.arrow.y}) rotate(${wire.arrow.turn + (seen!.currentA! < 0 ? 180 : 0)})`}
	/>
{/if}
<FreeEnd {wire} />
