<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';
	import { untrack } from 'svelte';
	import { deviceModel, findBox, type How, type Role } from '@wary/core/house';
	import { asFoundIn, foundAsRecorded, type Found } from '@wary/core/job';
	import { anewWords as w } from '$words/steps/asFound';
	import { colourWords, roleWord, terminalWord, terms } from '$words/terms';
	import { endWords } from '$words/work';
	import { getJob } from '../context';

	/** What sits where in the box, end by end, where it differs from the record; the plan is made anew from it. */
	const { session, standIn } = getJob();
	const { plan, house } = session;
	const { region } = plan;
	type Editable<T> = T extends object ? { -readonly [Key in keyof T]: Editable<T[Key]> } : T;
	const box = findBox(house, plan.boxId)!;
	let found = $state(
		untrack(() => structuredClone(plan.foundAs ?? foundAsRecorded(house, plan.boxId)) as Editable<Found>)
	);
	const drawn = $derived(asFoundIn(house, plan.boxId, $state.snapshot(found) as Found));
	const terminals = deviceModel(plan.oldDevice).terminals;
	const at = { house, boxId: plan.boxId, region, wirings: [] };
	const conductorOf = (cable: string, conductor: string) =>
		house.cables.find(({ id }) => id === cable)?.conductors.find(({ id }) => id === conductor);
	const joints = $derived([...new Set([...found.joints.map(({ id }) => id), 'hot', 'neutral', 'ground'])]);
	const places = $derived([
		...terminals.map(({ name }) => ({ at: `terminal:${name}`, text: terminalWord(region, name) })),
		...joints.map((id) => ({ at: `joint:${id}`, text: jointText(id) })),
		...(box.material === 'metal' ? [{ at: 'box', text: w.metal }] : []),
		{ at: 'capped', text: w.capped },
		{ at: 'bare', text: w.bare }
	]);
	const roles: readonly Role[] = ['hot', 'neutral', 'ground', 'switchedHot'];
	const jointText = (id: string): string => {
		const role = roles.find((each) => each === id);
		return role ? w.connector(roleWord(region, role)) : w.otherConnector(id);
	};
	/** How a place holds a wire, where it isn’t said: as it mostly does. */
	const howAt = (place: string, was: string | undefined): How | undefined => {
		if (place.startsWith('joint:'))
			return found.joints.find(({ id }) => `joint:${id}` === place)?.how ?? 'twistOn';
		const terminal = terminals.find(({ name }) => `terminal:${name}` === place);
		if (!terminal) return place === 'box' ? 'screw' : undefined;
		const ways = Object.keys(terminal.takes) as How[];
		return ways.find((way) => way === was) ?? ways[0];
	};
	function withJoint(place: string) {
		const id = place.startsWith('joint:') ? place.slice(6) : null;
		if (id !== null && !found.joints.some((joint) => joint.id === id))
			found.joints.push({ id, how: 'twistOn' });
	}
	function moveEnd(k: number, place: string) {
		const end = found.terminations[k]!;
		const how = howAt(place, end.how);
		const { how: _was, ...rest } = end;
		withJoint(place);
		found.terminations[k] = { ...rest, at: place, ...(how ? { how } : {}) };
	}
	function moveTail(k: number, end: 'from' | 'to', place: string) {
		const tail = found.pigtails[k]!;
		const how = end === 'to' ? howAt(place, tail.how) : tail.how;
		withJoint(place);
		found.pigtails[k] = { ...tail, [end]: place, ...(how ? { how } : {}) };
	}
	function addTail() {
		const used = found.pigtails.map(({ id }) => id);
		const id = ['tail-a', 'tail-b', 'tail-c', 'tail-d', 'tail-e'].find((each) => !used.includes(each));
		if (id) found.pigtails.push({ id, role: 'hot', colour: 'black', from: 'bare', to: 'bare' });
	}
	let stage = $state<'still' | 'asking' | 'planning' | 'unreachable'>('still');
	async function look() {
		if (!standIn) return;
		stage = 'asking';
		const shown = await standIn({ what: 'look' });
		stage = shown?.kind === 'found' ? 'still' : 'unreachable';
		if (shown?.kind === 'found') found = structuredClone(shown.found) as Editable<Found>;
	}
	async function planAnew() {
		stage = 'planning';
		try {
			await session.canPlan();
			const used = new Set([
				...found.terminations.map((end) => end.at),
				...found.pigtails.flatMap(({ from, to }) => [from, to])
			]);
			const said = $state.snapshot(found) as Found;
			session.submit({
				kind: 'planAnew',
				// A connector with nothing in it isn’t there.
				found: { ...said, joints: said.joints.filter(({ id }) => used.has(`joint:${id}`)) }
			});
			stage = 'still';
		} catch {
			stage = 'unreachable';
		}
	}
</script>

{#snippet where(value: string, label: string, onpick: (place: string) => void)}
	<Select
		placeholder=""
		aria-label={label}
		{value}
		onchange={(event: Event) => onpick((event.currentTarget as HTMLSelectElement).value)}
		>{#each places as place (place.at)}<option value={place.at}>{place.text}</option>{/each}</Select
	>
{/snippet}

<p class="mt-3 mb-2 max-w-[60ch]">{w.lead}</p>
{#if standIn}<p class="row mb-3">
		<Button color="light" disabled={stage === 'asking'} onclick={look}>{w.look}</Button>
	</p>{/if}
<div class="grid gap-x-6 gap-y-2 md:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
	<div class="grid content-start gap-2">
		{#each found.terminations as end, k (`${end.cable}/${end.conductor}`)}
			{@const conductor = conductorOf(end.cable, end.conductor)}
			<Label
				><span class="block"
					>{endWords({ kind: 'cable', cable: end.cable, conductor: end.conductor }, at)}{#if conductor}<span
							class="text-soft">, {roleWord(region, conductor.role)}</span
						>{/if}</span
				>{@render where(
					end.at,
					endWords({ kind: 'cable', cable: end.cable, conductor: end.conductor }, at),
					(place) => moveEnd(k, place)
				)}</Label
			>
		{/each}
		{#each found.pigtails as tail, k (tail.id)}
			<fieldset class="m-0 grid gap-2 border-0 p-0">
				<legend class="label"
					>{w.tail(colourWords[tail.colour], terms[region].pigtail)}, {roleWord(region, tail.role)}</legend
				>
				{@render where(tail.from, w.oneEnd(tail.id), (place) => moveTail(k, 'from', place))}
				{@render where(tail.to, w.otherEnd(tail.id), (place) => moveTail(k, 'to', place))}
				<span class="row"
					><Select
						placeholder=""
						aria-label={w.roleOf(tail.id)}
						class="w-40!"
						value={tail.role}
						onchange={(event: Event) =>
							(found.pigtails[k] = {
								...tail,
								role: (event.currentTarget as HTMLSelectElement).value as Role
							})}
						>{#each roles as role (role)}<option value={role}>{roleWord(region, role)}</option>{/each}</Select
					><Button color="alternative" onclick={() => found.pigtails.splice(k, 1)}>{w.removeTail}</Button
					></span
				>
			</fieldset>
		{/each}
		{#if found.tabs}
			{#each ['hot', 'neutral'] as const as which (which)}
				<Label
					>{w.tab(roleWord(region, which))}<Select
						placeholder=""
						value={String(found.tabs[which])}
						onchange={(event: Event) => {
							if (found.tabs) found.tabs[which] = (event.currentTarget as HTMLSelectElement).value === 'true';
						}}><option value="true">{w.whole}</option><option value="false">{w.broken}</option></Select
					></Label
				>
			{/each}
		{/if}
		<p class="row m-0"><Button color="alternative" onclick={addTail}>{w.addTail}</Button></p>
	</div>
	<BoxDrawing house={drawn} box={findBox(drawn, plan.boxId)!} />
</div>
{#if stage === 'unreachable'}<Verdict kind="open" alert>{w.unreachable}</Verdict>{/if}
<p class="row mt-4">
	<Button size="lg" disabled={stage === 'planning'} onclick={planAnew}
		>{stage === 'planning' ? w.working : w.button}</Button
	>
</p>
