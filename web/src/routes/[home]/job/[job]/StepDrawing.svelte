<script lang="ts">
	import type { Step } from '@wary/core/job';
	import { believedHouse, wiringDuring } from '@wary/core/job';
	import BoxDrawing from '$lib/ui/box/BoxDrawing.svelte';
	import DeviceDrawing from '$lib/ui/DeviceDrawing.svelte';
	import type { Pointing } from '$lib/ui/box/deviceShape';
	import PanelDrawing from '$lib/ui/PanelDrawing.svelte';
	import { findPair } from '$lib/words/terms';
	import { getJob } from './context';

	/** The thing itself, as this step meets it. */
	let { step }: { step: Step | null } = $props();
	const { session } = getJob();
	const { plan } = session;
	const state = $derived(session.jobState);
	const pair = $derived(step?.kind === 'readPair' ? findPair(plan, step.pair, state.earth) : undefined);
	const boxed = $derived(!state.isolation.closed && step?.kind !== 'terminate' && step?.kind !== 'tug');
	const atPanel = $derived(
		step?.kind === 'restorePower' ||
			step?.kind === 'hold' ||
			(step?.kind === 'confirm' && (step.step === 'tag' || step.step === 'tell')) ||
			step?.kind === 'tidyDirectory'
	);
	const house = $derived(wiringDuring(believedHouse(session.house, plan, state), plan, state));
	const box = $derived(house.boxes.find(({ id }) => id === plan.boxId)!);
	const device = $derived(
		state.device === 'newOut' || state.device === 'newSeated' ? plan.newDevice : plan.oldDevice
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
			case 'readLive':
				return { half: step.half, red: 'hot', black: 'neutral' };
			case 'readPair':
				return pair?.half ? { half: pair.half, red, black } : {};
			case 'readOhms':
				return step.check === 'groundBox'
					? { half: plan.halves[0], red: 'ground' }
					: { half: plan.halves[0], red: 'hot', black: step.check === 'hotNeutral' ? 'neutral' : 'ground' };
			case 'readPlug':
			case 'readOutlet':
			case 'grip':
				return { half: step.half, lamps: true };
			case 'terminate':
			case 'tug':
				return { terminal: step.terminal };
			default:
				return {};
		}
	});
	let back = $derived(step?.kind === 'terminate' || step?.kind === 'tug');
	let boxBack = $derived(state.device !== 'newSeated');
</script>

{#if atPanel}
	<PanelDrawing {house} off={state.isolation.off} tried={state.isolation.notFeeding} marked={state.feeder} />
{:else if boxed}
	<BoxDrawing {house} {box} bind:back={boxBack} />
{:else}
	<DeviceDrawing {device} region={plan.region} {pointing} {done} bind:back />
{/if}
