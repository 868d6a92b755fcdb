<script lang="ts">
	import { words as w } from '$words/plan/page';
	import Skeleton from 'flowbite-svelte/Skeleton.svelte';
	import { findBox, type Box, type House } from '@wary/core/house';
	import { handMoves } from '@wary/core/job';
	import type { Connector } from '@wary/core/sums';
	import { endId, wiredAs } from '@wary/core/wiring';
	import type { Planned } from '$lib/plan/planner.svelte';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { planFailureWords } from '$words/planFailures';
	import type { AtBox } from '$words/work';
	import Work from './Work.svelte';

	interface Props {
		house: House;
		box: Box;
		chosen: Planned['chosen'] | null;
		/** One’s own. */
		connectors: readonly Connector[];
		/** What works it out couldn’t be fetched, or broke. */
		failed: boolean;
	}
	/** What is there and what shall be, side by side, the ends that move numbered; the moves; what to lay out. */
	let { house, box, chosen, connectors, failed }: Props = $props();
	const plan = $derived(chosen?.ok ? chosen.plan : null);
	const way = $derived(plan?.work?.ways[0]);
	const at = $derived<AtBox>({
		house: house,
		boxId: box.id,
		region: house.region,
		wirings: way ? [plan!.work!.found, way.wanted] : [box]
	});
	const after = $derived(way ? wiredAs(house, box.id, way.wanted) : null);
	const numbered = $derived(way ? handMoves(way).filter(({ kind }) => kind !== 'driveIn') : []);
	const numbers = $derived(new Map(numbered.map(({ id }, k) => [id, k + 1])));
	/** By wire as drawn: the number of the move that brings it where it goes. */
	const onWires = $derived(
		new Map(
			numbered.flatMap((move, k) =>
				'ends' in move && move.kind !== 'undo'
					? move.ends.map((end) => [endId(end).replace(/\/(from|to)$/, ''), k + 1] as const)
					: []
			)
		)
	);
	let back = $state(true);
</script>

<div>
	<h2>{plan?.putBack ? w.asItStays : w.asFound}</h2>
	<BoxDrawing {house} {box} bind:back numbers={onWires} />
</div>
{#if plan?.putBack}<div>
		<h2>{w.fromTheFront}</h2>
		<BoxDrawing {house} {box} back={false} />
	</div>{:else}<div>
		<h2>{w.asWanted}</h2>
		{#if after}<BoxDrawing
				house={after}
				box={findBox(after, box.id)!}
				planned
				bind:back
				numbers={onWires}
			/>{:else if chosen && !chosen.ok}<Verdict kind="bad" alert>
				<b>{w.noPlan}.</b>
				{planFailureWords(chosen.failure, house.region, at)}
			</Verdict>{:else if failed}<Verdict kind="bad" alert>{w.workerGone}</Verdict>{:else}<p class="soft">
				{w.oneMoment}
			</p>
			<Skeleton />{/if}
	</div>{/if}
{#if plan?.work && chosen?.ok}<Work {house} {plan} {at} {numbers} {connectors} />{/if}
