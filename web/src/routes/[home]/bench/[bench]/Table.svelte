<script lang="ts">
	import { words as w } from '$words/bench/table';
	import Select from 'flowbite-svelte/Select.svelte';
	import Table from 'flowbite-svelte/Table.svelte';
	import TableBody from 'flowbite-svelte/TableBody.svelte';
	import TableBodyCell from 'flowbite-svelte/TableBodyCell.svelte';
	import TableBodyRow from 'flowbite-svelte/TableBodyRow.svelte';
	import TableHead from 'flowbite-svelte/TableHead.svelte';
	import TableHeadCell from 'flowbite-svelte/TableHeadCell.svelte';
	import { thingsIn, type BenchEvent, type BenchView } from '@wary/core/bench';
	import { deviceModel, type House, type Role } from '@wary/core/house';
	import { placeWords, touchWords } from '$words/bench';
	import { capital, colourWords, roleWord, terminalWord } from '$words/terms';

	let {
		house,
		boxId,
		view,
		ondo
	}: { house: House; boxId: string; view: BenchView | null; ondo: (event: BenchEvent) => void } = $props();
	const box = $derived(house.boxes.find(({ id }) => id === boxId)!);
	const seen = $derived(new Map((view?.seen ?? []).map((one) => [one.id, one])));
	interface Line {
		id: string;
		colour: string;
		role: Role;
		cable: string;
		at: string;
		land: (at: string) => void;
	}
	const lines = $derived<Line[]>([
		...box.terminations.map((end) => {
			const made = house.cables
				.find(({ id }) => id === end.cable)!
				.conductors.find(({ id }) => id === end.conductor)!;
			return {
				id: `${end.cable}/${end.conductor}`,
				colour: colourWords[made.colour],
				role: made.role,
				cable: end.cable,
				at: end.at,
				land: (at: string) => ondo({ kind: 'land', cable: end.cable, conductor: end.conductor, at })
			};
		}),
		...box.pigtails.map((tail) => ({
			id: `tail/${tail.id}`,
			colour: colourWords[tail.colour],
			role: tail.role,
			cable: 'pigtail',
			at: tail.to,
			land: (at: string) => ondo({ kind: 'landTail', tail: tail.id, end: 'to' as const, at })
		}))
	]);
	const places = $derived([
		...(box.device ? deviceModel(box.device).terminals.map(({ name }) => `terminal:${name}`) : []),
		...box.joints.map(({ id }) => `joint:${id}`),
		...(box.material === 'metal' ? ['box'] : []),
		'capped',
		'bare'
	]);
	const others = $derived(thingsIn(house, box).filter(({ id }) => /^(terminal|joint):|^box$/.test(id)));
	const volts = (id: string) => {
		const one = seen.get(id);
		return !one ? '' : one.toEarthV === null ? 'floats' : `${one.toEarthV.toFixed(1)} V`;
	};
	const amps = (id: string) => {
		const a = seen.get(id)?.currentA ?? 0;
		return Math.abs(a) < 0.0005 ? '0' : Math.abs(a) < 1 ? `${(a * 1000).toFixed(1)} mA` : `${a.toFixed(2)} A`;
	};
	const wires = (at: string) =>
		lines.filter((line) => line.at === at).map(({ colour, cable }) => `${colour} (${cable})`);
</script>

<div class="scroll">
	<Table>
		<caption>{w.conductors}</caption>
		<TableHead
			><TableHeadCell scope="col">{w.conductor}</TableHeadCell><TableHeadCell scope="col"
				>{w.role}</TableHeadCell
			><TableHeadCell scope="col">{w.sitsAt}</TableHeadCell><TableHeadCell
				scope="col"
				class="text-end whitespace-nowrap">{w.toEarth}</TableHeadCell
			><TableHeadCell scope="col" class="text-end whitespace-nowrap">{w.current}</TableHeadCell><TableHeadCell
				scope="col">{w.aHand}</TableHeadCell
			></TableHead
		>
		<TableBody>
			{#each lines as line (line.id)}
				{@const touch = seen.get(line.id)?.touch}
				<TableBodyRow>
					<TableHeadCell scope="row" class="font-semibold">{capital(line.colour)}, {line.cable}</TableHeadCell
					>
					<TableBodyCell>{roleWord(house.region, line.role)}</TableBodyCell>
					<TableBodyCell
						><Select
							placeholder=""
							value={line.at}
							aria-label={w.whereItSits(line.colour, line.cable)}
							onchange={(event) => line.land(event.currentTarget.value)}
							>{#each places as at (at)}<option value={at}>{placeWords(at, house)}</option>{/each}</Select
						></TableBodyCell
					>
					<TableBodyCell class="text-end whitespace-nowrap">{volts(line.id)}</TableBodyCell>
					<TableBodyCell class="text-end whitespace-nowrap">{amps(line.id)}</TableBodyCell>
					<TableBodyCell
						>{touch ? w.ma(touch.milliamperes.toFixed(1), touchWords[touch.band]) : ''}</TableBodyCell
					>
				</TableBodyRow>
			{/each}
		</TableBody>
	</Table>
	<Table>
		<caption>{w.terminalsAndJoints}</caption>
		<TableHead
			><TableHeadCell scope="col">{w.place}</TableHeadCell><TableHeadCell scope="col">{w.wires}</TableHeadCell
			><TableHeadCell scope="col" class="text-end whitespace-nowrap">{w.toEarth}</TableHeadCell></TableHead
		>
		<TableBody>
			{#each others as other (other.id)}<TableBodyRow
					><TableHeadCell scope="row"
						>{capital(
							other.id.startsWith('terminal:')
								? terminalWord(house.region, other.id.slice(9))
								: placeWords(other.id, house)
						)}</TableHeadCell
					><TableBodyCell>{wires(other.id).join(', ') || 'none'}</TableBodyCell><TableBodyCell
						class="text-end whitespace-nowrap">{volts(other.id)}</TableBodyCell
					></TableBodyRow
				>{/each}
		</TableBody>
	</Table>
</div>

<style>
	.scroll {
		overflow-x: auto;
		display: grid;
		gap: 1.2rem;
	}
	caption {
		text-align: left;
		font-weight: 700;
		padding: 0.4rem 0;
	}
</style>
