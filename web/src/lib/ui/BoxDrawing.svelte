<script lang="ts">
	import type { Box, House } from '@wary/core/house';
	import { boxPlace, colourWords, roleWord, terms } from '$lib/words/terms';
	import { layOut } from './boxLayout';
	import { insulation } from './colours';

	let { house, box, back = $bindable(true) }: { house: House; box: Box; back?: boolean } = $props();
	const layout = $derived(layOut(house, box, back));
	const goesTo = (to: string) => (to === 'panel' ? `the ${terms[house.region].panel}` : boxPlace(house, to));
</script>

<figure>
	<figcaption class="row">
		<span class="soft">{box.material} box; device seen from the {back ? 'back' : 'front'}</span>
		<button type="button" class="turn" onclick={() => (back = !back)}>turn over</button>
	</figcaption>
	<svg
		viewBox={`0 0 ${layout.width} ${layout.height}`}
		role="img"
		aria-label={`The box at ${boxPlace(house, box.id)} as recorded`}
		fill="none"
		stroke="var(--ink)"
		stroke-width="2"
	>
		<rect {...layout.box} rx="4" fill="var(--sheet)" stroke-width={box.material === 'metal' ? 4 : 2} />
		{#each layout.cables as cable (cable.id)}
			{@const out = cable.enters === 'top' ? -1 : 1}
			<rect x={cable.x - 32} y={cable.enters === 'top' ? cable.y - 40 : cable.y - 20} width="64" height="60" rx="10" fill="var(--paper)" />
			<text x={cable.x + 42} y={cable.y + out * 30 + (out < 0 ? 0 : 6)} font-size="19" fill="var(--ink)" stroke="none"
				>{cable.enters === 'top' ? 'from' : 'to'} {goesTo(cable.to)}</text
			>
			<text x={cable.x + 42} y={cable.y + out * 30 + (out < 0 ? 18 : 24)} font-size="17" fill="var(--soft)" stroke="none"
				>{cable.size}, {cable.lengthM} m</text
			>
		{/each}
		{#if layout.device}
			{@const shape = layout.device.shape}
			<g transform={`translate(${layout.device.x} ${layout.device.y})`}>
				<rect width={shape.width} height={shape.height} rx="7" fill="var(--paper)" />
				{#if !back}
					{#each shape.faces as face (face.half)}<rect
							x={face.x}
							y={face.y}
							width={face.width}
							height={face.height}
							rx={face.radius}
							stroke-width="1.6"
						/>{/each}
					{#each shape.slots as slot (slot.half + slot.role)}<rect x={slot.x} y={slot.y} width={slot.width} height={slot.height} />{/each}
				{/if}
				{#each shape.terminals as terminal (terminal.name)}
					{@const x = back ? shape.width - terminal.x : terminal.x}
					<circle cx={x} cy={terminal.y} r="9" fill="var(--sheet)" stroke-dasharray={terminal.mark === 'silver' ? '3 2' : undefined} />
					<text
						x={house.region === 'uk' ? x + 16 : terminal.side === 'bottom' ? x : x + (x < shape.width / 2 ? 18 : -18)}
						y={terminal.y + (terminal.side === 'bottom' ? -16 : 5)}
						text-anchor={house.region === 'uk' ? 'start' : terminal.side === 'bottom' ? 'middle' : x < shape.width / 2 ? 'start' : 'end'}
						font-size="17"
						fill="var(--soft)"
						stroke="none">{terminal.mark}</text
					>
				{/each}
			</g>
		{/if}
		{#each layout.wires as wire (wire.id)}
			{@const look = insulation[wire.colour]}
			<path
				d={wire.path}
				stroke={look.stroke}
				stroke-width="6"
				stroke-linecap="round"
				stroke-dasharray={look.core ? undefined : look.dash}
			/>
			{#if look.core}<path d={wire.path} stroke={look.core} stroke-width="3" stroke-linecap="round" stroke-dasharray={look.dash} />{/if}
		{/each}
		{#each layout.joints as joint (joint.id)}
			<path d={`M${joint.x - 11} ${joint.y + 12}l4 -26h14l4 26z`} fill="var(--sheet)" />
		{/each}
		{#each layout.wires.filter(({ cable }) => cable !== null) as wire (wire.id)}
			<text
				x={wire.labelAt.x}
				y={wire.labelAt.y}
				text-anchor={wire.anchor}
				font-size="17"
				fill="var(--ink)"
				stroke="var(--sheet)"
				stroke-width="4"
				paint-order="stroke">{colourWords[wire.colour]}</text
			>
		{/each}
	</svg>
	<details>
		<summary>The same in words</summary>
		<table>
			<thead><tr><th>conductor</th><th>role</th><th>ends at</th></tr></thead>
			<tbody>
				{#each layout.wires as wire (wire.id)}
					<tr
						><td
							>{colourWords[wire.colour]}{wire.cable
								? `, cable ${goesTo(layout.cables.find(({ id }) => id === wire.cable)?.to ?? '') ? 'to ' + goesTo(layout.cables.find(({ id }) => id === wire.cable)!.to) : ''}`
								: ' (in the box)'}</td
						><td>{roleWord(house.region, wire.role)}</td><td
							>{wire.at.replace(/^(terminal|joint):/, (whole) => (whole === 'terminal:' ? '' : 'joint '))}</td
						></tr
					>
				{/each}
			</tbody>
		</table>
	</details>
</figure>

<style>
	figure {
		margin: 0;
	}
	figcaption {
		justify-content: space-between;
	}
	.turn {
		min-height: 2.75rem;
		text-decoration: underline;
		text-underline-offset: 4px;
		cursor: pointer;
	}
	svg {
		display: block;
		width: 100%;
		max-height: 36rem;
	}
	summary {
		min-height: 2.75rem;
		padding-top: 0.6rem;
		cursor: pointer;
		color: var(--soft);
	}
</style>
