<script lang="ts">
	import type { Half } from '@wary/core/house';

	interface Props {
		slot: { half: Half; role: string; x: number; y: number; width: number; height: number };
		fill?: string;
	}
	/** An opening of a face: a blade’s slot, or the round-topped one of a us ground pin. */
	let { slot, fill = 'var(--sheet)' }: Props = $props();
	const round = $derived(slot.role === 'ground' && slot.width === slot.height);
</script>

{#if round}<path
		d={`M${slot.x} ${slot.y + slot.height * 0.6}a${slot.width / 2} ${slot.width / 2} 0 0 1 ${slot.width} 0v${slot.height * 0.3}h${-slot.width}z`}
		{fill}
	/>
{:else}<rect x={slot.x} y={slot.y} width={slot.width} height={slot.height} {fill} />{/if}
