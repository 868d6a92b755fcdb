<script lang="ts">
	import { words as w } from '$words/job/eventList';
	import More from '$lib/ui/More.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import type { VoltReading } from '@wary/core/isolation';
	import { findBox, placeName } from '@wary/core/house';
	import { boxAt, concernsJob, type JobEvent, type Step } from '@wary/core/job';
	import { typedNumber } from '$lib/typed';
	import { eventWords } from '$words/events';
	import { clock } from '$words/dates';
	import { getJob } from './context';

	const placeOf = (boxId: string) => placeName(session.house, findBox(session.house, boxId)!);
	/** What has been recorded, newest first. Nothing is erased: a wrong reading is put right by a later entry. */
	const { session, revisit } = getJob();
	const lines = $derived(
		session.events
			.map((event) => {
				const { plans, boxes } = session.whole;
				const at = boxAt(plans, event.box);
				const place = plans.length > 1 && !concernsJob(event.body) ? placeOf(plans[at]!.boxId) : null;
				return { event, at, place, ...eventWords(event, session.house, plans[at]!, boxes[at]!.earth) };
			})
			.reverse()
	);
	const amended = $derived(
		new Map(
			session.events.flatMap(({ body }) =>
				body.kind === 'amendVolts' ? [[body.of, body.reading] as const] : []
			)
		)
	);
	let putting = $state<string | null>(null);
	let { shown, onshow }: { shown: boolean; onshow: (open: boolean) => void } = $props();
	let text = $state('');
	let complaint = $state<string | null>(null);
	const over = $derived(session.jobState.status !== 'underWay');
	const amendable = (kind: string) => !over && (kind === 'readPair' || kind === 'proveTester');

	/** The step that an event answered, where it can still be answered anew. */
	function again({ body }: JobEvent): Step | null {
		const { device, isolation, wires } = session.jobState;
		if (over) return null;
		if (device === 'oldSeated' && isolation.power === 'asFound') {
			if (body.kind === 'readLive' || body.kind === 'readAsFound' || body.kind === 'readPlateScrew')
				return { kind: body.kind, half: body.half };
			if (body.kind === 'checkTools' || body.kind === 'checkPart') return { kind: body.kind };
		}
		if (device === 'none' && body.kind === 'readEnds') return { kind: 'readEnds', role: body.role };
		const nothingOff = device === 'oldOut' && Object.values(wires).every((wire) => wire === 'onOld');
		return nothingOff && (body.kind === 'lookOver' || body.kind === 'inspect') ? { kind: body.kind } : null;
	}

	function amend(event: SubmitEvent, of: string, was: VoltReading) {
		event.preventDefault();
		const typed = typedNumber(text, 'volts');
		const { value } = typed;
		if (value === null) {
			complaint = typed.complaint ?? w.aNumberOfVoltsBelongs;
			return;
		}
		const reading: VoltReading =
			was.instrument === 'multimeter'
				? { ...was, volts: value }
				: { instrument: 'indicator', litV: value as 0 };
		if (was.instrument === 'indicator' && ![0, 12, 24, 50, 120, 230].includes(value)) {
			complaint = w.anIndicatorShows012;
			return;
		}
		if (session.submit({ kind: 'amendVolts', of, reading })) putting = null;
	}
</script>

{#if lines.length > 0}
	<More bind:open={() => shown, onshow} class="mt-5 max-w-176">
		{#snippet title()}{w.lookBackRecordedSoFar} <b>{lines.length}</b><Kbd>b</Kbd>{/snippet}
		<ol reversed>
			{#each lines as line (line.event.id)}
				{@const body = line.event.body}
				{@const earlier = line.at === session.at ? again(line.event) : null}
				<li>
					<span class="soft">{clock(line.event.at)}</span>
					<span
						>{line.text}{#if line.place}<small class="soft"> · {line.place}</small>{/if}</span
					>
					<span class="value"
						>{line.value}{#if line.passes !== null}<b class:bad={!line.passes}>{line.passes ? ' ✓' : ' ✗'}</b
							>{/if}</span
					>
					{#if amended.has(line.event.id)}<span class="soft extra">{w.putRightLater}</span>
					{:else if earlier}<Button size="xs" color="alternative" onclick={() => revisit(earlier)}
							>{w.again}</Button
						>
					{:else if amendable(body.kind) && 'reading' in body}
						<Button
							size="xs"
							color="alternative"
							onclick={() => (
								(putting = putting === line.event.id ? null : line.event.id),
								(text = ''),
								(complaint = null)
							)}>{w.putRight}</Button
						>
						{#if putting === line.event.id}
							<form class="row extra" onsubmit={(event) => amend(event, line.event.id, body.reading)}>
								<Label
									>{w.whatItReallyShowedV}
									<Input class="inline-block w-28!" inputmode="decimal" bind:value={text} /></Label
								><Button type="submit" size="lg" color="light">{w.putRight2}</Button>
								{#if complaint}<Verdict kind="bad">{complaint}</Verdict>{/if}
							</form>
						{/if}
					{/if}
				</li>
			{/each}
		</ol>
	</More>
{/if}

<style>
	ol {
		list-style: none;
		margin: 0;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: 3.4rem minmax(8rem, 1fr) minmax(0, auto) auto;
		gap: 0.1rem 0.8rem;
		align-items: center;
		min-height: 2.3rem;
		border-bottom: 1px solid var(--hair);
		font-size: 0.96rem;
	}
	.value {
		text-align: right;
	}
	.bad {
		color: var(--live);
	}
	.extra {
		grid-column: 2 / -1;
	}
</style>
