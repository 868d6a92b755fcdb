<script lang="ts">
	import type { Half } from '@wary/core/house';

	interface Props {
		opening: { half: Half; role: string; x: number; y: number; width: number; height: number };
		fill?: string;
	}
	/** An opening of a face: a blade’s slot, or the round-topped one of a us ground pin. */
	let { opening, fill = 'var(--sheet)' }: Props = $props();
	const round = $derived(opening.role === 'ground' && opening.width === opening.height);
</script>

{#if round}<path
		d={`M${opening.x} ${opening.y + opening.height * 0.6}a${opening.width / 2} ${opening.width / 2} 0 0 1 ${opening.width} 0v${opening.height * 0.3}h${-opening.width}z`}
		{fill}
	/>
{:else}<rect x={opening.x} y={opening.y} width={opening.width} height={opening.height} {fill} />{/if}
