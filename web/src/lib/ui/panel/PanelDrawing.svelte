<script lang="ts">
	import { regions } from '@wary/core/rules';
	import { words as w } from '$words/ui/panel/panelDrawing';
	import { mainPanel, mainSwitch, own, type House, type Panel } from '@wary/core/house';
	import BreakerFace from './BreakerFace.svelte';
	import Blank from './Blank.svelte';
	import MainSwitch from './MainSwitch.svelte';
	import { blanksOf, coversOf, slotsOf } from './layout';

	/** A panel as it hangs on the wall. With `onpick`, breakers can be chosen; with `onempty`, empty spaces. */
	let {
		house,
		panel: shown = null,
		off = [],
		tried = [],
		marked = null,
		chosen = null,
		likely = null,
		chance = null,
		sure = false,
		onpick,
		onempty,
		onmain
	}: {
		house: House;
		panel?: Panel | null;
		off?: readonly string[];
		tried?: readonly string[];
		marked?: string | null;
		chosen?: string | readonly string[] | null;
		/** Where given, the others are set back. */
		likely?: readonly string[] | null;
		/** Where given, how likely each breaker is, 0 to 1. */
		chance?: Readonly<Record<string, number>> | null;
		/** Whether to say how sure the directory is of each. */
		sure?: boolean;
		onpick?: (id: string) => void;
		onempty?: (space: number) => void;
		onmain?: () => void;
	} = $props();
	const panel = $derived(shown ?? mainPanel(house));
	/** Odd spaces down one side, even ones down the other; or ways in one row. */
	const us = $derived(regions[house.region].supply.spaceStep === 2);
	const rows = $derived(us ? Math.ceil(panel.spaces / 2) : 1);
	const isChosen = (id: string) =>
		typeof chosen === 'string' ? chosen === id : (chosen?.includes(id) ?? false);
	const mainOff = $derived(!panel.mainOn || off.includes(mainSwitch(panel.id)));
	const slots = $derived(slotsOf(house.region, panel));
	const blanks = $derived(blanksOf(house.region, panel));
	const covers = $derived(us ? [] : coversOf(panel));
</script>

<div class="panel {house.region}">
	<p class="name">{panel.name} <span class="soft">· {panel.place}</span></p>
	<!-- A long row scrolls, so the keyboard must be able to reach it. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div
		class="spaces"
		role="group"
		aria-label={panel.name}
		tabindex={!us && panel.spaces > 6 ? 0 : undefined}
		style:grid-template-columns={us
			? '1fr 1fr'
			: `minmax(52px, 0.9fr) repeat(${panel.spaces}, minmax(${onpick ? 44 : 0}px, 1fr))`}
		style:grid-template-rows={us ? `auto repeat(${rows}, auto)` : 'auto auto'}
	>
		<MainSwitch
			region={house.region}
			{panel}
			off={mainOff}
			chosen={isChosen(mainSwitch(panel.id))}
			{onmain}
		/>
		{#each covers as cover, k (k)}
			<div class="cover" style:grid-row="1" style:grid-column={`${cover.from + 1} / ${cover.to + 2}`}>
				{cover.name} <span>{w.ma(cover.tripMa)}</span>
			</div>
		{/each}
		{#each slots as slot (slot.space)}
			<div
				class="slot"
				style:grid-row={us ? `${slot.row + 1} / span ${slot.span}` : '2'}
				style:grid-column={us ? slot.column : `${slot.column + 1} / span ${slot.span}`}
			>
				{#each slot.breakers as breaker (breaker.id)}
					<BreakerFace
						{house}
						{breaker}
						off={off.includes(breaker.id) || !breaker.on}
						tried={tried.includes(breaker.id)}
						marked={marked === breaker.id}
						chosen={isChosen(breaker.id)}
						unlikely={likely !== null && !likely.includes(breaker.id) && !isChosen(breaker.id)}
						right={us && slot.column === 2}
						thin={slot.breakers.length > 1}
						{sure}
						share={chance ? own(chance, breaker.id) : undefined}
						{onpick}
					/>
				{/each}
			</div>
		{/each}
		{#each blanks as blank (blank.space)}
			<Blank
				region={house.region}
				space={blank.space}
				right={us && blank.column === 2}
				row={us ? blank.row + 1 : 2}
				column={us ? blank.column : blank.column + 1}
				{onempty}
			/>
		{/each}
	</div>
</div>

<style>
	.panel {
		container-type: inline-size;
		border: 2px solid var(--ink);
		border-radius: 6px;
		padding: 0.6rem 0.7rem 0.7rem;
		background: var(--sheet);
	}
	.name {
		margin: 0 0 0.4rem;
		font-weight: 600;
	}
	.name span {
		font-weight: 400;
		font-size: 0.9rem;
	}
	.spaces {
		display: grid;
		gap: 3px;
	}
	.slot {
		display: flex;
		flex-direction: column;
		gap: 2px;
		min-width: 0;
	}
	.cover {
		border: 1.5px solid var(--ink);
		border-bottom: 0;
		font-size: 0.8rem;
		font-weight: 600;
		text-align: center;
		white-space: nowrap;
		overflow: hidden;
		padding: 0 0.3rem;
	}
	.cover span {
		font-weight: 400;
	}
	.uk .spaces {
		overflow-x: auto;
	}
	@container (max-width: 480px) {
		.uk .spaces {
			gap: 2px;
		}
		.cover {
			font-size: 0.64rem;
		}
		.cover span {
			display: none;
		}
	}
	@media print {
		.panel {
			padding: 0;
			border: 0;
		}
	}
</style>
