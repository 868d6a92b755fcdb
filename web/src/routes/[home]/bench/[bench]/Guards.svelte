<script lang="ts">
	import { words as w } from '$words/bench/guards';
	import type { BenchView } from '@wary/core/bench';
	import type { House } from '@wary/core/house';
	import { leakMa } from '@wary/core/instruments';
	import { secondsWord } from '$words/bench';
	import { boxPlace, halfWords, namedBreakers } from '$words/terms';

	let { house, boxId, view }: { house: House; boxId: string; view: BenchView | null } = $props();
	type Line = BenchView['guards'][number];
	const lines = $derived(view?.guards ?? []);
	const by = ({ guard }: Line): string => {
		if (guard.state === 'dead') return 'dead: nothing to guard';
		if (guard.state === 'none') return w.nothingOpens;
		const who =
			guard.where === 'outlet'
				? guard.device === boxId
					? w.theDeviceHere
					: w.theDeviceAt(boxPlace(house, guard.device).replace(/^Room, /, ''))
				: guard.where === 'breaker'
					? `${namedBreakers(house, guard.device)}`
					: w.rcd(guard.device);
		return w.opensIn(who, secondsWord(guard.afterS));
	};
</script>

<ul aria-label={w.protection}>
	{#each lines as line (line.box + line.half)}
		<li class={line.guard.state}>
			<i aria-hidden="true">{line.guard.state === 'guarded' ? '✓' : line.guard.state === 'none' ? '!' : ''}</i
			>
			<span
				><b>{line.box === boxId ? w.here : boxPlace(house, line.box).replace(/^Room, /, '')}</b>, {halfWords[
					line.half
				]}: {by(line)}</span
			>
		</li>
	{:else}<li class="dead">
			<i aria-hidden="true"></i><span>{w.noOutletOnTheCircuits}</span>
		</li>{/each}
</ul>
<p class="soft">{w.maFromEachHotContact(leakMa[house.region])}</p>

<style>
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
		display: grid;
		gap: 0.3rem;
	}
	li {
		display: grid;
		grid-template-columns: 2rem 1fr;
		align-items: center;
		gap: 0.5rem;
	}
	i {
		display: grid;
		place-items: center;
		width: 1.7rem;
		height: 1.9rem;
		border: 2px solid var(--ink);
		border-radius: 3px;
		font-style: normal;
		font-weight: 700;
	}
	.guarded i {
		border: 5px double var(--ink);
	}
	.none i {
		border: 2px dashed var(--live);
		color: var(--live);
	}
	.dead i {
		border-color: var(--hair);
	}
	p {
		margin: 0.4rem 0 0;
		font-size: 0.93rem;
	}
</style>
