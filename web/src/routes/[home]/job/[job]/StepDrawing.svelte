<script lang="ts">
	import type { JobState, Step } from '@wary/core/job';
	import { asInHand, believedHouse, nextOnLine, wayNow, wiringDuring } from '@wary/core/job';
	import type { Pointing } from '$lib/ui/box/deviceShape';
	import { drawnAs } from '$lib/job/drawn';
	import { findPair } from '$words/terms';
	import PanelDrawing from '$lib/ui/panel/PanelDrawing.svelte';
	import Later from '$lib/ui/Later.svelte';
	import { getJob } from './context';
	import { drawings, type FirstDrawing } from './later';

	/** The thing itself, as this step meets it. */
	let { step, state, first }: { step: Step | null; state: JobState; first: FirstDrawing } = $props();
	const { session } = getJob();
	const plan = $derived(session.plan);
	const pair = $derived(step?.kind === 'readPair' ? findPair(plan, step.pair, state.earth) : undefined);
	const move = $derived(
		step?.kind === 'move' && plan.work
			? wayNow(plan.work, state).moves.find(({ id }) => id === step.move)
			: undefined
	);
	/** What is done to the part in hand is seen on the part. */
	const inHand = $derived(move?.kind === 'breakTab' || move?.kind === 'tape');
	const as = $derived(inHand ? 'device' : drawnAs(step, state));
	/** A cable on trial is drawn where it is to go. */
	const onLine = $derived(
		step?.kind === 'confirm' && step.step === 'trialIn' ? nextOnLine(plan, state.supply) : null
	);
	const drawn = $derived(
		onLine === null
			? state
			: { ...state, supply: { ...state.supply, trial: { cable: onLine, inWall: false } } }
	);
	const house = $derived(wiringDuring(believedHouse(session.house, plan, drawn), plan, drawn));
	const box = $derived(house.boxes.find(({ id }) => id === plan.boxId)!);
	/** With its tabs as they are by now: one that is still to be broken is whole. */
	const newPart = $derived(
		move?.kind === 'breakTab' && 'tabs' in plan.newDevice
			? { ...plan.newDevice, tabs: { hot: true, neutral: true } }
			: asInHand(plan.newDevice, state.hand)
	);
	const device = $derived(
		inHand || state.supply.trial || state.device === 'newOut' || state.device === 'newSeated'
			? newPart
			: plan.oldDevice
	);
	const done = $derived(
		Object.entries(state.wires).flatMap(([terminal, wire]) =>
			wire === 'onNew' || wire === 'tugged' ? [terminal] : []
		)
	);
	const pointing = $derived.by((): Pointing => {
		const [red, black] =
			pair?.kind === 'hotNeutral'
				? (['hot', 'neutral'] as const)
				: pair?.kind === 'hotGround'
					? (['hot', 'ground'] as const)
					: (['neutral', 'ground'] as const);
		switch (step?.kind) {
			case 'readLiveGround':
				return { half: step.half, red: 'hot', black: 'ground', lamps: true };
			case 'readPlateScrew':
				return { half: step.half, red: 'hot', black: 'plateScrew' };
			case 'readLive':
				return { half: step.half, red: 'hot', black: 'neutral' };
			case 'readPair':
				return pair?.half ? { half: pair.half, red, black } : {};
			case 'readOhms':
				return step.check === 'groundBox' || step.check === 'pinPlate'
					? { half: plan.halves[0], red: 'ground' }
					: { half: plan.halves[0], red: 'hot', black: step.check === 'hotNeutral' ? 'neutral' : 'ground' };
			case 'readPlug':
			case 'readOutlet':
			case 'readLoaded':
			case 'grip':
				return { half: step.half, lamps: true };
			default:
				return {};
		}
	});
	const boxBack = $derived(state.device !== 'newSeated');
</script>

{#if as === 'panel'}
	<PanelDrawing {house} off={state.isolation.off} tried={state.isolation.notFeeding} marked={state.feeder} />
{:else if as === 'box'}
	<Later load={drawings.box} now={first.box} props={{ house, box, back: boxBack }} />
{:else}
	<Later
		load={drawings.device}
		now={first.device}
		props={{
			device,
			region: plan.region,
			pointing,
			done,
			back: inHand,
			plate: plan.separatePlate && state.plate === 'on'
		}}
	/>
{/if}
