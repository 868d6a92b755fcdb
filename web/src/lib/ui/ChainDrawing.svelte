<script lang="ts">
	import { words as w } from '$words/ui/chainDrawing';
	import { chainOfCircuit, circuitsInBox, findBreaker, type House } from '@wary/core/house';
	import { breakerName, protectiveWord } from '$words/terms';

	/** The circuit as a line of outlets, nearest the panel first; the one in hand filled. */
	let { house, boxId, slug = null }: { house: House; boxId: string; slug?: string | null } = $props();
	const circuit = $derived(circuitsInBox(house, boxId)[0]);
	const boxes = $derived.by(() => {
		if (!circuit) return [];
		const chain = chainOfCircuit(house, circuit.id);
		if (circuit.arrangement === 'radial') return chain.map(({ box }) => box);
		// A ring is drawn the way it runs: out along the first leg, back along the last.
		return ringOrder(house, circuit.id);
	});
	function ringOrder(of: House, circuitId: string) {
		const order = [];
		let at: string | undefined = of.cables.find(
			(cable) => cable.circuit === circuitId && 'panel' in cable.from
		)?.to.box;
		const seen = new Set<string>();
		while (at !== undefined && !seen.has(at)) {
			seen.add(at);
			const box = of.boxes.find(({ id }) => id === at);
			if (box) order.push(box);
			at = of.cables.find(
				(cable) =>
					cable.circuit === circuitId &&
					'box' in cable.from &&
					cable.from.box === at &&
					!seen.has(cable.to.box)
			)?.to.box;
		}
		return order;
	}
	const roomOf = (id: string) => house.rooms.find((room) => room.id === id)?.name ?? '';
	const here = $derived(house.boxes.find(({ id }) => id === boxId));
</script>

{#if circuit}
	<!-- It scrolls where it is long, so the keyboard must be able to reach it. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="chain" role="region" aria-label={w.circuit(circuit.name)} tabindex="0">
		<ol>
			<li class="start">
				<i></i><span
					>{protectiveWord(house, circuit.breaker)}
					{breakerName(house, circuit.breaker)}<small>{findBreaker(house, circuit.breaker)?.ratingA} A</small
					></span
				>
			</li>
			{#each boxes as box (box.id)}
				<li class:here={box.id === boxId}>
					<i></i><span>
						{#if slug && box.id !== boxId && box.use === 'outlet'}<a href={`/${slug}/outlet/${box.id}`}
								>{box.name}</a
							>{:else}{box.name}{/if}
						{#if box.room !== here?.room}<small>{roomOf(box.room)}</small>{/if}
						{#if box.id === boxId}<small>{w.here}</small>{/if}
					</span>
				</li>
			{/each}
			{#if circuit.arrangement === 'ring'}<li class="start">
					<i></i><span>{w.backTo(breakerName(house, circuit.breaker))}</span>
				</li>{/if}
		</ol>
	</div>
{/if}

<style>
	.chain {
		overflow-x: auto;
	}
	ol {
		display: flex;
		list-style: none;
		margin: 0;
		padding: 0.3rem 0 0;
		min-width: max-content;
	}
	li {
		position: relative;
		flex: 1 0 4.4rem;
		text-align: center;
		font-size: 0.9rem;
		line-height: 1.25;
		padding: 0 0.25rem;
	}
	li::before {
		content: '';
		position: absolute;
		top: 17px;
		left: 0;
		right: 0;
		height: 2px;
		background: var(--ink);
	}
	li:first-child::before {
		left: 50%;
	}
	li:last-child::before {
		right: 50%;
	}
	i {
		position: relative;
		display: block;
		width: 40px;
		height: 28px;
		margin: 4px auto 8px;
		border: 2px solid var(--ink);
		background: var(--sheet);
	}
	.start i {
		width: 26px;
	}
	.here i {
		background: var(--ink);
		height: 36px;
		margin: 0 auto 4px;
	}
	.here span {
		font-weight: 700;
	}
	small {
		display: block;
		color: var(--soft);
		font-weight: 400;
		font-size: 0.84rem;
	}
</style>
