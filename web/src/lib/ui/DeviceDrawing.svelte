<script lang="ts">
	import { words as w } from '$words/ui/deviceDrawing';
	import Button from 'flowbite-svelte/Button.svelte';
	import type { Device } from '@wary/core/house';
	import type { Region } from '@wary/core/rules';
	import { roleWord } from '$words/terms';
	import { shapeOf, type Pointing } from './box/deviceShape';

	let {
		device,
		region,
		pointing = {},
		back = $bindable(false),
		done = []
	}: {
		device: Device;
		region: Region;
		pointing?: Pointing;
		back?: boolean;
		done?: readonly string[];
	} = $props();

	const shape = $derived(shapeOf(device));
	const marginX = 108;
	const marginY = 44;
	const width = $derived((shape?.width ?? 0) + 2 * marginX);
	const height = $derived((shape?.height ?? 0) + 2 * marginY);
	const mirrored = (x: number, own = 0) => (back && shape ? shape.width - x - own : x);
	const slot = (role: 'hot' | 'neutral' | 'ground' | undefined) =>
		shape?.slots.find((each) => each.half === pointing.half && each.role === role);
	const tips = $derived(
		(['red', 'black'] as const).flatMap((tip) => {
			const at = slot(pointing[tip]);
			if (!at || !shape) return [];
			const x = mirrored(at.x, at.width) + at.width / 2;
			const y = at.y + at.height / 2;
			const left = x < shape.width / 2 || (tip === 'black' && Math.abs(x - shape.width / 2) < 12);
			return [{ tip, role: pointing[tip]!, x, y, endX: left ? -58 : shape.width + 58, endY: y + 56, left }];
		})
	);
	const side = (x: number) => (shape && x < shape.width / 2 ? 'left' : 'right');
</script>

{#if shape}
	<figure>
		<figcaption class="row">
			<span class="soft">{w.seenFromThe(back ? 'back' : 'front')}</span>
			<Button size="xs" color="alternative" onclick={() => (back = !back)}>{w.turnOver}</Button>
		</figcaption>
		<svg
			viewBox={`0 0 ${width} ${height}`}
			role="img"
			aria-label={w.seenFromThe2(region === 'us' ? w.outlet : w.socket, back ? 'back' : 'front')}
			fill="none"
			stroke="var(--ink)"
			stroke-width="2"
		>
			<g transform={`translate(${marginX} ${marginY})`}>
				<rect width={shape.width} height={shape.height} rx="7" fill="var(--sheet)" />
				{#if !back}
					{#each shape.faces as face (face.half)}
						<rect
							x={face.x}
							y={face.y}
							width={face.width}
							height={face.height}
							rx={face.radius}
							stroke-width={pointing.half === face.half ? 3 : 1.6}
							fill="var(--face)"
						/>
					{/each}
					{#each shape.slots as each (each.half + each.role)}
						{@const on =
							pointing.half === each.half &&
							(pointing.lamps || pointing.red === each.role || pointing.black === each.role)}
						{#if region === 'us' && each.role === 'ground'}
							<path
								d={`M${each.x} ${each.y + 14}a12 12 0 0 1 24 0v8h-24z`}
								fill={on ? 'var(--ink)' : 'none'}
							/>
						{:else}
							<rect
								x={each.x}
								y={each.y}
								width={each.width}
								height={each.height}
								fill={on ? 'var(--ink)' : 'none'}
							/>
						{/if}
					{/each}
					{#if device.kind === 'socketTwin' || device.kind === 'socketSingle'}
						{#each shape.faces as face (face.half)}
							<rect
								x={face.x + face.width / 2 - 9}
								y={face.y + face.height + 12}
								width="18"
								height="30"
								rx="2"
							/>
							<path d={`M${face.x + face.width / 2 - 4} ${face.y + face.height + 34}h8`} stroke-width="3" />
						{/each}
					{/if}
				{/if}
				{#each shape.screws as screw (screw.x + screw.y)}
					<circle cx={mirrored(screw.x)} cy={screw.y} r="7" fill="var(--sheet)" /><path
						d={`M${mirrored(screw.x) - 5} ${screw.y}h10`}
					/>
				{/each}
				{#if back || region === 'us'}
					{#each shape.terminals as each (each.name)}
						{@const x = mirrored(each.x)}
						{@const now = pointing.terminal === each.name}
						<circle
							cx={x}
							cy={each.y}
							r={now ? 11 : 8}
							fill={done.includes(each.name) ? 'var(--ink)' : 'var(--sheet)'}
							stroke-width={now ? 4 : 2}
							stroke-dasharray={each.mark.includes('silver') ? '3 2' : undefined}
						/>
						<path
							d={`M${x - 5} ${each.y}h10`}
							stroke={done.includes(each.name) ? 'var(--sheet)' : 'var(--ink)'}
						/>
						{#if back || now}
							<text
								x={region === 'uk' ? x : side(x) === 'left' ? -14 : shape.width + 14}
								y={region === 'uk' ? each.y + (each.y < 60 ? 30 : -18) : each.y + 5}
								text-anchor={region === 'uk' ? 'middle' : side(x) === 'left' ? 'end' : 'start'}
								font-size="15"
								font-weight={now ? 700 : 400}
								fill="var(--ink)"
								stroke="none">{each.printed ? `${each.printed} ` : ''}{each.mark}</text
							>
						{/if}
					{/each}
				{/if}
				{#each tips as each (each.tip)}
					<path
						d={`M${each.x} ${each.y}C${each.left ? each.x - 50 : each.x + 50} ${each.y + 30} ${each.endX + (each.left ? 20 : -20)} ${each.y} ${each.endX} ${each.endY}`}
						stroke-width="5"
						stroke-dasharray={each.tip === 'red' ? '11 5' : undefined}
						stroke-linecap="round"
					/>
					<text
						x={each.endX}
						y={each.endY + 22}
						text-anchor="middle"
						font-size="15"
						fill="var(--ink)"
						stroke="none">{roleWord(region, each.role)}</text
					>
				{/each}
			</g>
		</svg>
	</figure>
{/if}

<style>
	figure {
		--face: color-mix(in srgb, var(--sheet) 70%, var(--paper));
		margin: 0;
	}
	figcaption {
		justify-content: space-between;
	}
	svg {
		display: block;
		width: 100%;
		max-height: 25rem;
	}
</style>
