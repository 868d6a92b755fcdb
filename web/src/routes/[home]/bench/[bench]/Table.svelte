<script lang="ts">
	import { thingsIn, type BenchEvent, type BenchView } from '@wary/core/bench';
	import { deviceModel, type House, type Role } from '@wary/core/house';
	import { placeWords, touchWords } from '$lib/words/bench';
	import { capital, colourWords, roleWord, terminalWord } from '$lib/words/terms';

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
	<table>
		<caption>Conductors</caption>
		<thead
			><tr
				><th scope="col">conductor</th><th scope="col">role</th><th scope="col">sits at</th><th
					scope="col"
					class="figure">to earth</th
				><th scope="col" class="figure">current</th><th scope="col">a hand</th></tr
			></thead
		>
		<tbody>
			{#each lines as line (line.id)}
				{@const touch = seen.get(line.id)?.touch}
				<tr>
					<th scope="row">{capital(line.colour)}, {line.cable}</th>
					<td>{roleWord(house.region, line.role)}</td>
					<td
						><select
							class="field"
							value={line.at}
							aria-label={`${line.colour}, ${line.cable}: where it sits`}
							onchange={(event) => line.land(event.currentTarget.value)}
							>{#each places as at (at)}<option value={at}>{placeWords(at, house)}</option>{/each}</select
						></td
					>
					<td class="figure">{volts(line.id)}</td>
					<td class="figure">{amps(line.id)}</td>
					<td>{touch ? `${touch.milliamperes.toFixed(1)} mA, ${touchWords[touch.band]}` : ''}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<table>
		<caption>Terminals and joints</caption>
		<thead
			><tr
				><th scope="col">place</th><th scope="col">wires</th><th scope="col" class="figure">to earth</th></tr
			></thead
		>
		<tbody>
			{#each others as other (other.id)}<tr
					><th scope="row"
						>{capital(
							other.id.startsWith('terminal:')
								? terminalWord(house.region, other.id.slice(9))
								: placeWords(other.id, house)
						)}</th
					><td>{wires(other.id).join(', ') || 'none'}</td><td class="figure">{volts(other.id)}</td></tr
				>{/each}
		</tbody>
	</table>
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
	th[scope='row'] {
		font-weight: 600;
	}
	th[scope='col'] {
		color: var(--soft);
	}
	.field {
		min-height: 2.4rem;
		padding: 0.15rem 0.4rem;
		border-width: 1px;
	}
</style>
