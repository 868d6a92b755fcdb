<script lang="ts">
	import { words as w } from '$words/ui/box/deviceBody';
	import { hasMetalFace, type Device, type Half } from '@wary/core/house';
	import DeviceFace from './DeviceFace.svelte';
	import { printsOf, tabsOf, type DeviceShape } from './deviceShape';

	interface Props {
		device: Device;
		shape: DeviceShape;
		back: boolean;
		/** us: the plate is on, so that nothing but the faces shows. */
		plate?: boolean;
		/** The half that is meant. */
		half?: Half | undefined;
		/** Terminals that something is on. Over a LOAD pair with nothing on it the maker’s tape stays. */
		used?: ReadonlySet<string>;
		lampLit?: boolean;
	}
	/** A device as one holds it, in drawing units, its corner at 0, 0; without its terminals and slots, which others mark. */
	let { device, shape, back, plate = false, half, used, lampLit = false }: Props = $props();
	const seen = (x: number) => (back ? shape.width - x : x);
	const { body, yoke } = $derived(shape);
	const middle = $derived(shape.width / 2);
	const load = $derived(shape.terminals.filter(({ printed }) => printed === 'LOAD'));
	const taped = $derived(used !== undefined && load.length > 0 && !load.some(({ name }) => used.has(name)));
</script>

{#snippet ear(y: number, out: 1 | -1)}
	<g transform={`translate(${middle} ${y}) scale(1 ${out})`}>
		<path
			d="M-42 0v20h-26v18h26q0 8 8 8h68q8 0 8 -8h26v-18h-26v-20z"
			fill="var(--metal)"
			stroke-width="1.6"
		/>
		<path d="M-52 21v16M52 21v16" stroke-width="1" stroke-dasharray="2 2" />
		<rect x="-13" y="22" width="26" height="12" rx="6" fill="var(--paper)" stroke-width="1.4" />
		<circle cy="28" r="7" fill="var(--sheet)" stroke-width="1.4" /><path d="M-4 28h8" stroke-width="1.4" />
	</g>
{/snippet}

{#if plate && !back}
	<rect x="-22" y="-58" width={shape.width + 44} height={shape.height + 116} rx="9" fill="var(--sheet)" />
	<DeviceFace {device} {shape} {half} {lampLit} screws={shape.faces.length > 1} />
{:else if yoke}
	{@render ear(body.y, -1)}
	{@render ear(body.y + body.height, 1)}
	<rect {...body} rx="7" fill={back ? 'var(--paper)' : 'var(--metal)'} />
	{#if back}
		{#each tabsOf(device, shape) as tab (tab.x)}
			{@const x = seen(tab.x)}
			{#if tab.whole}<path d={`M${x} ${tab.from}V${tab.to}`} stroke-width="8" />
				<path d={`M${x} ${tab.from}V${tab.to}`} stroke="var(--metal)" stroke-width="5" />
			{:else}
				<path d={`M${x} ${tab.from}v34M${x} ${tab.to - 34}v34`} stroke-width="8" />
				<path d={`M${x - 8} ${(tab.from + tab.to) / 2 - 8}l16 16m0 -16l-16 16`} stroke-width="1.6" />
			{/if}
		{/each}
		{#each printsOf(shape) as print (print.text)}<text x={print.x} y={print.y} text-anchor="middle"
				>{print.text}</text
			>{/each}
		{#if taped}<rect
				x={body.x - 8}
				y={load[0]!.y - 22}
				width={body.width + 16}
				height="40"
				fill="var(--tape)"
				stroke-width="1.4"
				stroke-dasharray="7 3"
			/>{/if}
		<g transform={`translate(${middle} ${body.y + body.height / 2 + 4})`}>
			<path d="M-24 0h48M-24 -6v12M24 -6v12" stroke-width="1.4" />
			<text y="-9" text-anchor="middle" class="small">{w.stripGauge}</text>
		</g>
	{:else}<DeviceFace {device} {shape} {half} {lampLit} screws />{/if}
{:else}
	{#if back}
		<rect width={shape.width} height={shape.height} rx="7" fill="var(--sheet)" />
		<rect {...body} rx="5" fill="var(--paper)" />
	{:else}
		<rect
			width={shape.width}
			height={shape.height}
			rx="7"
			fill={hasMetalFace(device) ? 'var(--metal)' : 'var(--sheet)'}
		/>
		<DeviceFace {device} {shape} {half} {lampLit} screws={false} />
	{/if}
	{#each shape.screws as screw (`${screw.x} ${screw.y}`)}
		<circle cx={seen(screw.x)} cy={screw.y} r="7" fill="var(--sheet)" stroke-width="1.6" />
		{#if !back}<path d={`M${screw.x - 5} ${screw.y}h10`} stroke-width="1.6" />{/if}
	{/each}
{/if}

<style>
	text {
		font-size: 15px;
		font-weight: 700;
		fill: var(--ink);
		stroke: none;
	}
	.small {
		font-size: 12px;
		font-weight: 400;
		fill: var(--soft);
	}
</style>
