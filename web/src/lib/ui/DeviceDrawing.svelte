<script lang="ts">
	import { words as w } from '$words/ui/deviceDrawing';
	import Button from 'flowbite-svelte/Button.svelte';
	import { deviceModel, type Device } from '@wary/core/house';
	import type { Region } from '@wary/core/rules';
	import { roleWord } from '$words/terms';
	import DeviceBody from './box/DeviceBody.svelte';
	import { shapeOf, type Pointing, type TerminalPlace } from './box/deviceShape';
	import Slot from './box/Slot.svelte';
	import Terminal from './box/Terminal.svelte';

	let {
		device,
		region,
		pointing = {},
		back = $bindable(false),
		done = [],
		plate = false
	}: {
		device: Device;
		region: Region;
		pointing?: Pointing;
		back?: boolean;
		done?: readonly string[];
		/** us: with its plate on. */
		plate?: boolean;
	} = $props();

	const shape = $derived(shapeOf(device));
	const marginX = 108;
	const marginY = $derived(shape?.yoke ? 66 : 44);
	const width = $derived((shape?.width ?? 0) + 2 * marginX);
	const height = $derived((shape?.height ?? 0) + 2 * marginY);
	const mirrored = (x: number, own = 0) => (back && shape ? shape.width - x - own : x);
	const slot = (on: Pointing['black']) =>
		on === 'plateScrew'
			? shape?.screws.map((each) => ({ ...each, width: 0, height: 0 }))[0]
			: shape?.slots.find((each) => each.half === pointing.half && each.role === on);
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
	const terminals = $derived(
		(shape?.terminals ?? []).map((each) => ({
			...each,
			x: mirrored(each.x),
			side: each.side === 'bottom' ? each.side : mirrored(each.x) < shape!.width / 2 ? 'left' : 'right'
		})) as TerminalPlace[]
	);
	const model = $derived(deviceModel(device));
	const waysOf = (name: string) =>
		Object.keys(model.terminals.find((each) => each.name === name)?.takes ?? {});
	const used = $derived(new Set(done));
	/** Beside a side screw, outside the body; a uk terminal’s under or over it. */
	function labelOf({ side, y }: TerminalPlace) {
		if (!shape?.yoke) return { x: 0, y: y < 60 ? 34 : -24, anchor: 'middle' as const };
		if (side === 'bottom') return { x: 18, y: 5, anchor: 'start' as const };
		return {
			x: side === 'left' ? -18 : 18,
			y: 5,
			anchor: side === 'left' ? ('end' as const) : ('start' as const)
		};
	}
</script>

{#if shape}
	<figure class="m-0">
		<figcaption class="row justify-between">
			<span class="soft">{w.seenFromThe(back ? 'back' : 'front')}</span>
			<Button size="xs" color="alternative" onclick={() => (back = !back)}>{w.turnOver}</Button>
		</figcaption>
		<svg
			class="block max-h-100 w-full"
			viewBox={`0 0 ${width} ${height}`}
			role="img"
			aria-label={w.seenFromThe2(w.called[region], back ? 'back' : 'front')}
			fill="none"
			stroke="var(--ink)"
			stroke-width="2"
		>
			<g transform={`translate(${marginX} ${marginY})`}>
				<DeviceBody {device} {shape} {back} plate={plate && !back} half={pointing.half} {used} />
				{#if !back}
					{#each shape.slots as each (each.half + each.role)}
						{@const on =
							pointing.half === each.half &&
							(pointing.lamps || pointing.red === each.role || pointing.black === each.role)}
						<Slot opening={each} fill={on ? 'var(--ink)' : 'none'} />
					{/each}
				{/if}
				{#if back || (shape.yoke && !plate)}
					{#each terminals as each (each.name)}
						{@const now = pointing.terminal === each.name}
						<g transform={`translate(${each.x} ${each.y})`}>
							<Terminal
								ways={waysOf(each.name)}
								mark={each.mark}
								side={each.side}
								{back}
								{now}
								done={done.includes(each.name)}
							/>
							{#if back || now}<text
									x={labelOf(each).x}
									y={labelOf(each).y}
									text-anchor={labelOf(each).anchor}
									font-weight={now ? 700 : 400}>{each.printed ? `${each.printed} ` : ''}{each.mark}</text
								>{/if}
						</g>
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
						stroke="none">{each.role === 'plateScrew' ? w.plateScrew : roleWord(region, each.role)}</text
					>
				{/each}
			</g>
		</svg>
	</figure>
{/if}

<style>
	text {
		font-size: 15px;
		fill: var(--ink);
		stroke: none;
	}
</style>
