<script lang="ts">
	import { newId } from '$lib/newId';
	import { ampsWord, dropWords as w } from '$words/load';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { findBox, placeName, type House } from '@wary/core/house';
	import { loadFromW, loadToW } from '@wary/core/job';
	import { loadRules } from '@wary/core/rules';
	import { voltageDrop, type JointFound } from '@wary/core/sums';
	import { Sending } from '$lib/sending.svelte';
	import { typedNumber } from '$lib/typed';
	import More from '$lib/ui/More.svelte';
	import Trouble from '$lib/ui/Trouble.svelte';
	import { notify } from '$lib/ui/toasts.svelte';
	import { holdsUnsaved } from '$lib/ui/unsaved.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { ohmsWord } from '$words/terms';

	interface Props {
		house: House;
		slug: string;
		circuit: House['circuits'][number];
		/** Outlets on it, nearest the panel first. */
		outlets: readonly string[];
		breakerA: number;
		/** What loaded tests at them tell of its joints. */
		joints: readonly JointFound[];
	}
	/** What is lost on the way to each outlet, by its cables; and where a joint loses more, by tests with a load. */
	let { house, slug, circuit, outlets, breakerA, joints }: Props = $props();
	const place = (id: string): string => placeName(house, findBox(house, id)!);
	const amps = $derived(loadRules[house.region].perCordA(breakerA));
	const drops = $derived(
		outlets.flatMap((box) => {
			const drop = voltageDrop(house, circuit.id, box, amps);
			return drop ? [{ box, ...drop }] : [];
		})
	);
	let where = $state(untrack(() => outlets[0] ?? ''));
	const typed = $state({ watts: '', offV: '', onV: '' });
	let complaint = $state<string | null>(null);
	holdsUnsaved(() => Object.values(typed).some((each) => each !== ''));
	const sending = new Sending();
	/** What a field says, or why it can’t be that. */
	function read(field: keyof typeof typed, from: number, to: number, wrong: string): number | null {
		const { value, complaint: unread } = typedNumber(typed[field]);
		if (value !== null && value >= from && value <= to) return value;
		complaint ??= unread ?? wrong;
		return null;
	}
	async function keep(event: SubmitEvent) {
		event.preventDefault();
		complaint = null;
		const watts = read('watts', loadFromW, loadToW, w.wattsRange(loadFromW, loadToW));
		const offV = read('offV', 50, 300, w.voltsRange);
		const onV = read('onV', 50, 300, w.voltsRange);
		if (watts === null || offV === null || onV === null) return;
		// More with the load on than without is a slip of the pen, or another outlet.
		if (onV > offV + 2) {
			complaint = w.rises;
			return;
		}
		const taken = await sending.send(`/api/${slug}/observations`, 'done', {
			method: 'POST',
			body: {
				id: newId(),
				box: where,
				body: { kind: 'loadedTest', watts, offV, onV }
			}
		});
		if (!taken) return;
		typed.watts = '';
		typed.offV = '';
		typed.onV = '';
		notify('good', w.saved);
		await invalidateAll();
	}
</script>

<More title={w.title}>
	<p class="m-0 max-w-[70ch]">{w.lead(ampsWord(amps))}</p>
	<Table>
		<TableHead>
			<TableHeadCell>{w.outlet}</TableHeadCell>
			<TableHeadCell>{w.cable}</TableHeadCell>
			<TableHeadCell>{w.drop}</TableHeadCell>
		</TableHead>
		<TableBody>
			{#each drops as { box, lines, volts, share, mostShare } (box)}
				<TableBodyRow>
					<TableBodyCell class="whitespace-normal">{place(box)}</TableBodyCell>
					<TableBodyCell>{w.metres(lines.reduce((sum, { lengthM }) => sum + lengthM, 0))}</TableBodyCell>
					<TableBodyCell class={share > mostShare ? 'font-bold' : ''}>{w.volts(volts, share)}</TableBodyCell>
				</TableBodyRow>
			{/each}
		</TableBody>
	</Table>
	{#if drops[0]}<p class="soft m-0">{w.most(drops[0].mostShare, drops[0].source)}</p>{/if}
	{#if drops.some(({ share, mostShare }) => share > mostShare)}<Verdict kind="open">{w.over}</Verdict>{/if}
	<h3 class="mt-4 mb-1">{w.tested}</h3>
	<p class="m-0 max-w-[70ch]">{w.how}</p>
	<form class="flex flex-wrap items-end gap-3 py-2" onsubmit={keep}>
		<Label class="flex-[1_1_12rem]"
			>{w.where}<Select placeholder="" bind:value={where}
				>{#each outlets as id (id)}<option value={id}>{place(id)}</option>{/each}</Select
			></Label
		>
		<Label class="flex-[0_1_8rem]">{w.watts}<Input inputmode="decimal" bind:value={typed.watts} /></Label>
		<Label class="flex-[0_1_8rem]">{w.offV}<Input inputmode="decimal" bind:value={typed.offV} /></Label>
		<Label class="flex-[0_1_8rem]">{w.onV}<Input inputmode="decimal" bind:value={typed.onV} /></Label>
		<Button type="submit" color="alternative" disabled={sending.pending}>{w.keep}</Button>
	</form>
	{#if complaint}<Verdict kind="bad" alert>{complaint}</Verdict>{/if}
	<Trouble failure={sending.failure} />
	{#if joints.length > 0}
		<ul class="m-0 list-none p-0" aria-label={w.found}>
			{#each joints as { after, box, ohm, plusMinusOhm, telling, heatW } (box)}
				<li class="border-b border-hair py-2" data-telling={telling}>
					<span class:font-bold={telling}
						>{w.between(after === 'panel' ? null : place(after.box), place(box))}: {ohmsWord(ohm)}</span
					>
					<span class="soft">± {ohmsWord(plusMinusOhm)}</span>
					{#if telling}<br />{w.bad(
							Math.round(heatW),
							after === 'panel' ? null : place(after.box),
							place(box)
						)}{/if}
				</li>
			{/each}
		</ul>
		{#if joints.every(({ telling }) => !telling)}<Verdict kind="good">{w.sound}</Verdict>{/if}
	{/if}
</More>
