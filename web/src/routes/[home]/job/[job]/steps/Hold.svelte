<script lang="ts">
	import { words as w } from '$words/job/steps/hold';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Radio from 'flowbite-svelte/Radio.svelte';
	import { holds, type Hold } from '@wary/core/isolation';
	import { awayAfterMin } from '@wary/core/job';
	import { findBreaker } from '@wary/core/house';
	import { terms } from '$words/terms';
	import { getJob } from '../context';

	const { session, settings, home, jobId } = getJob();
	const t = terms[session.plan.region];
	const has = (...gear: (typeof settings.holdGear)[number][]) =>
		gear.every((each) => settings.holdGear.includes(each));
	const fused = session.jobState.isolation.off.some((id) => findBreaker(session.house, id)?.type === 'fuse');
	const ways: { way: Hold; text: string; worth: string; owned: boolean }[] = [
		{
			way: 'padlock',
			text: fused ? w.theFuseAndItsCarrier : w.clipAndPadlockTheOnly,
			worth: w.holdsWhileYouAreAway,
			owned: fused || has('clip', 'padlock')
		},
		{
			way: 'clip',
			text: w.clipWithoutALock,
			worth: w.stopsAHandThatSlips,
			owned: has('clip') && !fused
		},
		{
			way: 'watch',
			text: w.somebodyStandsByThePanel,
			worth: w.asGoodAsTheyAre,
			owned: true
		},
		{
			way: 'tape',
			text: w.tapedOverTaggedDoorClosed(t.panel),
			worth: w.asksOthersToBehave,
			owned: has('tape')
		}
	];
	const lapses = (way: Hold) => (holds[way].survivesAbsence ? '' : w.lapsesWhenYouLeave);
	let way = $state<Hold>(ways.find(({ owned, way: each }) => owned && each !== 'watch')?.way ?? 'watch');
	const submit = (event: SubmitEvent) => {
		event.preventDefault();
		session.submit({ kind: 'hold', way });
	};
</script>

<form onsubmit={submit}>
	{#each ways as each (each.way)}
		<Radio name="hold" value={each.way} bind:group={way}>
			<span class="strength" title={w.strengthOf32(holds[each.way].strength)} aria-hidden="true"
				>{#each [1, 2, 3] as bar (bar)}<i class:full={bar <= holds[each.way].strength}></i>{/each}</span
			>
			<span class:unowned={!each.owned}
				>{each.text}<span class="sr-only">{w.strengthOf3(holds[each.way].strength)}</span><br /><span
					class="soft">{each.worth}{lapses(each.way)}{each.owned ? '' : w.notAmongYourThings}</span
				></span
			></Radio
		>
	{/each}
	<p class="soft note">
		{w.lapsesMeansThatTheProof(awayAfterMin)}
	</p>
	<p class="row mt-4">
		<Button type="submit" size="lg">{w.itIsHeld}<Kbd>↵</Kbd></Button>
		<Button size="lg" color="light" href={`/${home}/job/${jobId}/tag`} target="_blank">{w.printTheTag}</Button
		>
	</p>
</form>

<style>
	.note {
		font-size: 0.92rem;
		max-width: 60ch;
	}
	.strength {
		display: flex;
		gap: 3px;
		flex: none;
	}
	i {
		width: 9px;
		height: 22px;
		border: 2px solid var(--ink);
	}
	.full {
		background: var(--ink);
	}
	.unowned {
		color: var(--soft);
	}
</style>
