<script lang="ts">
	import { loadWarningWords, wattsWord, words as w } from '$words/load';
	import Button from 'flowbite-svelte/Button.svelte';
	import Checkbox from 'flowbite-svelte/Checkbox.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { untrack } from 'svelte';
	import { circuitsInBox, deviceModel, findBox, placeName, type House, type Load } from '@wary/core/house';
	import { loadRules } from '@wary/core/rules';
	import { circuitLoad, type JointFound } from '@wary/core/sums';
	import type { HouseEditor } from '$lib/house/editor.svelte';
	import { wattsIn } from './watts';
	import More from '$lib/ui/More.svelte';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { capital, namedBreakers } from '$words/terms';
	import Day from './Day.svelte';
	import Drop from './Drop.svelte';
	import LoadBar from './LoadBar.svelte';
	import ChargerLine from './ChargerLine.svelte';
	import LoadLine from './LoadLine.svelte';

	interface Props {
		editor: HouseEditor;
		house: House;
		circuit: House['circuits'][number];
		/** Outlets on it. */
		outlets: readonly string[];
		slug: string;
		/** Every outlet of the house that is on a circuit. */
		everywhere: readonly { readonly id: string; readonly place: string }[];
		/** What loaded tests at them tell of its joints. */
		joints: readonly JointFound[];
		open: boolean;
	}
	/** One circuit: its bar, what hangs on it, and what would if something more were plugged in. */
	let { editor, house, circuit, outlets, slug, everywhere, joints, open = $bindable() }: Props = $props();
	holdsUnsaved(() => name !== '' || typed !== '');
	const place = (id: string): string => placeName(house, findBox(house, id)!);
	let name = $state('');
	let where = $state(untrack(() => outlets[0] ?? ''));
	let typed = $state('');
	let long = $state(false);
	const thoughtW = $derived(wattsIn(typed));
	const thought = $derived.by((): Load[] => {
		const device = findBox(house, where)?.device;
		const half = device && deviceModel(device).halves[0];
		return thoughtW.value !== null && thoughtW.complaint === null && half
			? [
					{
						id: 'thought',
						name: name.trim() || w.what,
						box: where,
						half,
						resistanceOhm: 2000,
						on: true,
						ratedW: thoughtW.value,
						continuous: long
					}
				]
			: [];
	});
	const now = $derived(circuitLoad(house, circuit.id)!);
	const then = $derived(thought.length > 0 ? circuitLoad(house, circuit.id, thought) : null);
	const shown = $derived(then ?? now);
	const plugged = $derived(now.lines.filter(({ charger }) => charger === undefined).length);
	const { startTimes } = $derived(loadRules[house.region]);
	/** Where something was moved to, and what that makes of the circuit there. */
	let moved = $state<{ readonly name: string; readonly to: string } | null>(null);
	const there = $derived(moved && circuitLoad(house, circuitsInBox(house, moved.to)[0]?.id ?? ''));
	async function move(load: string, called: string, to: string) {
		if (await editor.apply([{ do: 'setLoad', load, box: to }], w.movedLine(called, place(to))))
			moved = { name: called, to };
	}
	async function add(event: SubmitEvent) {
		event.preventDefault();
		const called = name.trim();
		if (!called || !where || thoughtW.complaint !== null) return;
		const made = await editor.apply(
			[
				{
					do: 'addLoad',
					box: where,
					name: called,
					...(thoughtW.value === null ? {} : { ratedW: thoughtW.value }),
					...(long ? { continuous: true } : {})
				}
			],
			w.added(called)
		);
		if (!made) return;
		name = '';
		typed = '';
		long = false;
	}
</script>

<section class="border-b border-hair py-4" id={circuit.id}>
	<h2 class="m-0">{circuit.name}</h2>
	<p class="soft m-0">
		{capital(namedBreakers(house, circuit.breaker))}: {w.of(
			wattsWord(now.totalW),
			wattsWord(now.limitW)
		)}{then ? `, ${w.with(wattsWord(then.totalW))}` : ''}
	</p>
	<LoadBar name={circuit.name} amps={now.totalA} breakerA={now.breakerA} withA={then?.totalA ?? null} />
	{#each shown.warnings as warning, k (k)}<Verdict kind={warning.code === 'overUsual' ? 'open' : 'bad'}
			>{loadWarningWords(warning, house, shown)}</Verdict
		>{/each}
	{#if then && then.warnings.length === 0}<Verdict kind="good">{w.fits}</Verdict>{/if}
	{#if now.unknown > 0}<p class="soft m-0">{w.unknown(now.unknown)}</p>{/if}
	<More title={w.things(plugged)} bind:open>
		{#if plugged === 0}<p class="soft">{w.nothing}</p>{/if}
		<ul class="m-0 list-none p-0">
			{#each now.lines as line (line.load)}{#if line.charger}
					<ChargerLine {line} charger={line.charger} {editor} place={place(line.box)} />
				{:else}
					<LoadLine
						{line}
						{everywhere}
						place={place(line.box)}
						{editor}
						onmove={(to) => move(line.load, line.name, to)}
					/>{/if}
			{/each}
		</ul>
		{#if moved && there}
			<Verdict kind={there.warnings.some(({ code }) => code !== 'overUsual') ? 'bad' : 'good'} alert={false}>
				{w.movedTo(
					moved.name,
					place(moved.to),
					namedBreakers(house, there.breaker),
					wattsWord(there.totalW),
					wattsWord(there.limitW)
				)}
				{#each there.warnings as warning, k (k)}<p class="m-0">
						{loadWarningWords(warning, house, there)}
					</p>{/each}
			</Verdict>
		{/if}
		<Day {house} load={shown} {thought} />
		<h3 class="mt-3 mb-1">{w.tryIt}</h3>
		<form class="flex flex-wrap items-end gap-3" onsubmit={add}>
			<Label class="flex-[1_1_9rem]">{w.what}<Input bind:value={name} maxlength={80} /></Label>
			<Label class="flex-[1_1_12rem]"
				>{w.where}<Select placeholder="" bind:value={where}
					>{#each outlets as id (id)}<option value={id}>{place(id)}</option>{/each}</Select
				></Label
			>
			<Label class="flex-[0_1_9rem]"
				>{w.watts}<Input
					inputmode="decimal"
					bind:value={typed}
					aria-invalid={thoughtW.complaint !== null}
				/></Label
			>
			<Checkbox bind:checked={long}>{w.long}</Checkbox>
			<Button type="submit" color="alternative" disabled={editor.saving || !name.trim()}>{w.add}</Button>
		</form>
		{#if thoughtW.complaint}<p class="m-0 text-live" role="alert">{thoughtW.complaint}</p>{/if}
		{#if now.points}<p class="soft mt-2 mb-0">{w.points(now.points.outlets, now.points.roomFor)}</p>{/if}
		<p class="soft m-0">{w.motor(startTimes[0], startTimes[1])}</p>
	</More>
	<Drop {house} {slug} {circuit} {outlets} breakerA={now.breakerA} {joints} />
</section>
