<script lang="ts">
	import type { Colour, How } from '@wary/core/house';
	import { insulation } from './colours';

	interface Props {
		how: How;
		/** Of the conductors that go in together. */
		colours: readonly Colour[];
		/** Bare length asked, mm. */
		gaugeMm: number;
		/** As it should be, or with the mistake that is easiest here. */
		wrong?: boolean;
		label: string;
	}
	/** An end where it is held, seen close: drawn by hand, since no library has one. Lengths along the wire are to one scale. */
	let { how, colours, gaugeMm, wrong = false, label }: Props = $props();
	const shown = $derived(colours.slice(0, 3));
	const several = $derived(shown.length > 1);
	const pxPerMm = 4;
	const bare = $derived(gaugeMm * pxPerMm);
	const round = $derived(how === 'hook' || how === 'screw');
	const cone = $derived(how === 'twistOn');
	const pillar = $derived(how === 'pillar');
	const plate = $derived(how === 'clampPlate');
	/** Where what holds begins: the tip lies as far in as the gauge says, and two more for the insulation to end before it. */
	const edge = 104;
	/** Where insulation ends and where the tip is, of wire k. */
	function along(k: number): { readonly from: number; readonly to: number } {
		const off = wrong && (!several || k === shown.length - 1);
		if (plate && off)
			return several ? { from: edge - 34, to: edge + 14 } : { from: edge + 26, to: edge + bare };
		if (pillar && off)
			return several ? { from: edge - 24, to: edge + 6 } : { from: edge - 34, to: edge - 34 + bare };
		if (cone && wrong) return { from: edge - 22, to: edge - 2 + bare - 20 };
		if (off) return { from: edge - 20, to: edge + 22 };
		return { from: edge - 2, to: edge - 2 + bare };
	}
	const y = (k: number): number => {
		if (plate && several) return k === 0 ? 30 : 70;
		if (plate) return 30;
		const gap = pillar ? 12 : cone ? 9 : 20;
		return 50 + (k - (shown.length - 1) / 2) * gap;
	};
	const thick = $derived(pillar || cone ? 9 : 13);
	const end = $derived(along(0));
	const bareStart = $derived(shown[0] === 'bare' ? 0 : 80);
</script>

{#snippet wire(colour: Colour, d: string, copper: string)}
	{@const look = insulation[colour]}
	<path d={copper} stroke="var(--ink)" stroke-width="7.6" stroke-linecap="round" />
	<path d={copper} stroke="var(--copper)" stroke-width="6" stroke-linecap="round" />
	{#if colour !== 'bare'}
		<path {d} stroke="var(--ink)" stroke-width={thick + 1.6} />
		<path {d} stroke={look.core ?? look.stroke} stroke-width={thick} />
		{#if look.dash}<path {d} stroke={look.stroke} stroke-width={thick} stroke-dasharray={look.dash} />{/if}
	{/if}
{/snippet}

<svg viewBox="0 0 200 104" role="img" aria-label={label} class="block h-auto w-full" fill="none">
	{#if round}
		{@const top = !wrong}
		{@render wire(
			shown[0]!,
			`M0 ${top ? 24 : 76}H84`,
			top ? `M${bareStart} 24H130A26 26 0 1 1 104 50` : `M${bareStart} 76H130A26 26 0 1 0 104 50`
		)}
		<g stroke="var(--ink)" stroke-width="1.8">
			<circle cx="130" cy="50" r="20" fill="var(--sheet)" />
			<path d="M118 44l24 12" stroke-width="3" />
			<path d="M161 30A37 37 0 0 1 164 66" />
			<path d="M158 60l6 7 5 -8" />
		</g>
	{:else}
		{#if pillar}<rect x={edge} y="28" width="84" height="46" fill="var(--metal)" stroke="var(--ink)" /><rect
				x={edge}
				y="36"
				width="76"
				height="30"
				fill="var(--sheet)"
				stroke="var(--ink)"
			/>{:else if cone}<path
				d={`M${edge - 6} 24L${edge + 74} 36V64L${edge - 6} 76Z`}
				fill="var(--sheet)"
				stroke="var(--ink)"
				stroke-width="1.8"
			/>{:else if !plate}<rect
				x={edge - 4}
				y="12"
				width="84"
				height="76"
				rx="6"
				fill="var(--sheet)"
				stroke="var(--ink)"
				stroke-width="1.8"
			/>{/if}
		{#each shown as colour, k (k)}
			{@const { from, to } = along(k)}
			{@render wire(colour, `M0 ${y(k)}H${from}`, `M${colour === 'bare' ? 0 : from - 4} ${y(k)}H${to}`)}
		{/each}
		{#if plate}
			<!-- Over the wires: what lies under it shows through. -->
			<rect
				x={edge}
				y="14"
				width="72"
				height="72"
				fill="var(--metal)"
				fill-opacity="0.55"
				stroke="var(--ink)"
				stroke-width="1.8"
			/><circle
				cx={edge + 36}
				cy="50"
				r="15"
				fill="var(--sheet)"
				stroke="var(--ink)"
				stroke-width="1.8"
			/><path d={`M${edge + 26} 50h20`} stroke="var(--ink)" stroke-width="3" />
		{:else if pillar}
			<rect
				x={edge + 12}
				y="6"
				width="18"
				height={several && wrong ? 33 : 38}
				fill="var(--sheet)"
				stroke="var(--ink)"
			/>
			<path d={`M${edge + 15} 11h12`} stroke="var(--ink)" stroke-width="3" />
		{:else if !cone}
			<rect x={edge + 38} y="16" width="26" height="68" rx="3" stroke="var(--ink)" stroke-dasharray="5 3" />
		{/if}
	{/if}
	{#if !wrong && !round}
		<g stroke="var(--soft)" stroke-width="1.2">
			<path d={`M${end.from} 96H${end.to}M${end.from} 91v10M${end.to} 91v10`} />
		</g>
	{/if}
</svg>
