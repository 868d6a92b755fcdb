<script lang="ts">
	import { words as w } from '$words/plan/page';
	import type { House } from '@wary/core/house';
	import { handMoves, type JobPlan } from '@wary/core/job';
	import type { Connector } from '@wary/core/sums';
	import { layOutLines } from '$words/plan/lines';
	import { capital } from '$words/terms';
	import { moveLine, type AtBox } from '$words/work';
	import Rows from './Rows.svelte';

	interface Props {
		house: House;
		plan: JobPlan;
		at: AtBox;
		/** By move: its number in the drawings. */
		numbers: ReadonlyMap<string, number>;
		/** One’s own. */
		connectors: readonly Connector[];
	}
	/** What the hands do, and what has to lie ready for it. */
	let { house, plan, at, numbers, connectors }: Props = $props();
	const moves = $derived(handMoves(plan.work!.ways[0]!));
</script>

<div>
	<Rows
		title={w.moves}
		rows={moves.map((move) => ({
			sign: String(numbers.get(move.id) ?? ''),
			text: capital(moveLine(move, at))
		}))}
	/>
</div>
<div>
	<h2>{w.layOut}</h2>
	<ul class="m-0 list-[square] ps-5">
		{#each layOutLines(house, plan, connectors) as line, k (k)}<li class="py-1">{line}</li>{/each}
	</ul>
</div>
