<script lang="ts">
	import type { Device, Half } from '@wary/core/house';
	import { fittingsOf, type DeviceShape } from './deviceShape';

	interface Props {
		device: Device;
		shape: DeviceShape;
		half?: Half | undefined;
		lampLit: boolean;
		/** Whether the screw between the halves shows. */
		screws: boolean;
	}
	/** What a person sees of a device that is in: faces, buttons, ports, rockers. Slots are marked by whoever shows readings. */
	let { device, shape, half, lampLit, screws }: Props = $props();
</script>

{#each shape.faces as face (face.half)}
	<rect
		x={face.x}
		y={face.y}
		width={face.width}
		height={face.height}
		rx={face.radius}
		stroke-width={half === face.half ? 3 : 1.6}
		fill="var(--face)"
	/>
{/each}
{#if screws && shape.yoke}{#each shape.screws as screw (screw.y)}
		<circle cx={screw.x} cy={screw.y} r="7" fill="var(--sheet)" stroke-width="1.6" />
		<path d={`M${screw.x - 5} ${screw.y}h10`} stroke-width="1.6" />
	{/each}{/if}
{#each fittingsOf(device, shape) as fitting, k (k)}
	{#if fitting.kind === 'lamp'}
		<circle
			cx={fitting.x + fitting.width / 2}
			cy={fitting.y + fitting.height / 2}
			r={fitting.width / 2}
			fill={lampLit ? 'var(--ink)' : 'var(--sheet)'}
			stroke-width="1.6"
		/>
	{:else}
		<rect
			x={fitting.x}
			y={fitting.y}
			width={fitting.width}
			height={fitting.height}
			rx="2"
			stroke-width={fitting.kind === 'button' && fitting.off ? 3 : 1.6}
			fill={fitting.kind === 'port' ? 'var(--ink)' : 'var(--sheet)'}
		/>
		{#if fitting.printed}<text
				x={fitting.x + fitting.width / 2}
				y={fitting.y + fitting.height / 2 + 4}
				text-anchor="middle">{fitting.printed}</text
			>{/if}
		{#if fitting.kind === 'rocker'}<path
				d={`M${fitting.x + fitting.width * 0.25} ${fitting.y + fitting.height * (fitting.off ? 0.25 : 0.75)}h${fitting.width / 2}`}
				stroke-width="3"
			/>{/if}
		{#if fitting.kind === 'fuse'}<path
				d={`M${fitting.x + 8} ${fitting.y + fitting.height / 2}h${fitting.width - 16}`}
				stroke-width="1.6"
			/>{/if}
	{/if}
{/each}

<style>
	text {
		font-size: 12px;
		font-weight: 700;
		fill: var(--ink);
		stroke: none;
	}
</style>
