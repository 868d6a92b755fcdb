<script lang="ts">
	import type { DrawnSlot } from '$lib/ui/box/layout';
	import Slot from '$lib/ui/box/Slot.svelte';
	import { hatched, type Showing } from './shows';
	import Tapped from './Tapped.svelte';

	interface Props extends Omit<Showing, 'band'> {
		slot: DrawnSlot;
		armed: boolean;
	}
	/** A contact of the face, where a probe goes. */
	let { slot, armed, label, live, ontap }: Props = $props();
</script>

<Tapped {label} {armed} {ontap}>
	<rect x={slot.x - 10} y={slot.y - 8} width={slot.width + 20} height={slot.height + 16} class="hit" />
	<Slot opening={slot} fill={hatched(live)} />
</Tapped>
