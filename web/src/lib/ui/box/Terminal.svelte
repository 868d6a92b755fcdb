<script lang="ts">
	interface Props {
		/** How it holds a conductor. */
		ways: readonly string[];
		/** What it is told by: `brass`, `silver`, `green`, or the letter printed beside it. */
		mark: string;
		/** Which way its wires leave, as seen now. */
		side: 'left' | 'right' | 'bottom';
		back: boolean;
		now?: boolean;
		done?: boolean;
		fill?: string;
	}
	/** One terminal: a screw with its plate and spring hole from behind, the edge of its head from in front; a uk pillar with its screw. */
	let { ways, mark, side, back, now = false, done = false, fill = 'var(--sheet)' }: Props = $props();
	const pillar = $derived(ways.includes('pillar') && !ways.includes('hook'));
	const ground = $derived(mark === 'green');
	/** Silver is told by a dashed rim, in whatever light. */
	const rim = $derived(/silver|^N/.test(mark) ? '3 2' : undefined);
	const inward = $derived(side === 'right' ? -1 : 1);
	const inked = $derived(done ? 'var(--ink)' : fill);
	const slotInk = $derived(done ? 'var(--sheet)' : 'var(--ink)');
	const weight = $derived(now ? 3.6 : 2);
</script>

{#if pillar}
	<rect x="-15" y="-17" width="30" height="34" rx="3" {fill} stroke-width={weight} stroke-dasharray={rim} />
	<circle cy="8" r="5" fill="var(--ink)" stroke="none" />
	<circle cy="-7" r="6" fill={inked} stroke-width="1.6" />
	<path d="M-4 -7h8" stroke={slotInk} stroke-width="1.6" />
{:else if back || ground}
	{#if back && ways.includes('clampPlate') && !ground}
		<path d={`M${inward * 7} -13h${inward * 20}v26h${-inward * 20}`} stroke-width="1.6" fill="var(--paper)" />
		<path d={`M${inward * 27} -5h${-inward * 6}m0 10h${inward * 6}`} stroke-width="1.2" />
	{/if}
	{#if back && ways.includes('pushIn')}
		<circle cx={inward * 42} cy="-4" r="4" fill="var(--ink)" stroke="none" />
		<rect x={inward * 42 - 5} y="5" width="10" height="3.5" stroke-width="1.2" />
	{/if}
	{#if ground}<path d="M-12 0l6 -10.5h12l6 10.5l-6 10.5h-12z" fill={inked} stroke-width={weight} />
	{:else}<circle r="11" fill={inked} stroke-width={weight} stroke-dasharray={rim} />{/if}
	<path d="M-6 0h12" stroke={slotInk} />
{:else}
	<rect
		x={side === 'right' ? -2 : -8}
		y="-11"
		width="10"
		height="22"
		rx="2"
		fill={inked}
		stroke-width={weight}
		stroke-dasharray={rim}
	/>
	<path d={side === 'right' ? 'M3 -6v12' : 'M-3 -6v12'} stroke={slotInk} stroke-width="1.2" />
{/if}
