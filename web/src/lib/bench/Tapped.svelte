<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { SVGAttributes } from 'svelte/elements';
	import { tapByKey } from './shows';

	interface Props extends SVGAttributes<SVGGElement> {
		/** Read out. */
		label: string;
		/** A wire is in hand, and this would take it. */
		armed?: boolean;
		/** A wire is held over it. */
		over?: boolean;
		ontap: () => void;
		children: Snippet;
	}
	/** A part of the bench’s drawing that is tapped, or reached and pressed by keys; what in it is called `hit` is what a finger finds. */
	let { label, armed = false, over = false, ontap, children, ...rest }: Props = $props();
</script>

<g
	{...rest}
	class:armed
	class:over
	role="button"
	tabindex="0"
	aria-label={label}
	onclick={ontap}
	onkeydown={tapByKey(ontap)}>{@render children()}</g
>

<style>
	g {
		cursor: pointer;
	}
	g:focus {
		outline: none;
	}
	g :global(.hit) {
		fill: transparent;
		stroke: none;
	}
	.armed :global(.hit) {
		fill: color-mix(in srgb, var(--dead) 14%, transparent);
		stroke: var(--dead);
		stroke-dasharray: 4 4;
		stroke-width: 1.6;
	}
	.over :global(.hit) {
		fill: color-mix(in srgb, var(--dead) 40%, transparent);
	}
	g:focus-visible :global(.hit) {
		stroke: var(--dead);
		stroke-width: 4;
	}
</style>
