<script lang="ts">
	import { words as w } from '$words/job/steps/yesNo';
	import Button from 'flowbite-svelte/Button.svelte';
	import Input from 'flowbite-svelte/Input.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import Label from 'flowbite-svelte/Label.svelte';
	import Verdict from '$lib/ui/Verdict.svelte';
	import type { Command, Step } from '@wary/core/job';
	import { typedNumber, within } from '$lib/typed';
	import { isFuse, terms } from '$words/terms';
	import { checkWords } from '$words/work';
	import { getJob } from '../context';

	let {
		step
	}: {
		step: Extract<
			Step,
			{
				kind:
					| 'touchSupply'
					| 'trySupply'
					| 'grip'
					| 'checkNeighbour'
					| 'readWitness'
					| 'seeControlled'
					| 'checkWork'
					| 'restorePower';
			}
		>;
	} = $props();
	const { session, standIn } = getJob();
	const t = terms[session.plan.region];
	const fuse = $derived(session.jobState.isolation.off.some((id) => isFuse(session.house, id)));
	/** Where nothing is fitted yet no switch is tried: a lamp elsewhere on the breaker is looked at. */
	const { newWork } = session.plan;
	const texts = $derived(
		{
			touchSupply: {
				yes: w.itAlarms,
				no: w.itStaysSilent,
				ask: {
					button: w.runTheTesterAlongIt,
					request: { what: 'touchSupply', cable: step.kind === 'touchSupply' ? step.cable : '' }
				}
			},
			trySupply: {
				yes: w.itResets,
				no: w.itWontReset,
				ask: { button: w.pushReset, request: { what: 'workCheck', check: 'reset' } }
			},
			grip: { yes: w.itHolds, no: w.itIsLoose, ask: null },
			checkNeighbour: {
				yes: w.itWorks,
				no: w.itIsDark,
				ask: {
					button: w.plugTheLampIn,
					request: { what: 'neighbour', box: step.kind === 'checkNeighbour' ? step.box : '' }
				}
			},
			readWitness: {
				yes: w.itIsDarkNow,
				no: w.itIsStillLit,
				ask: {
					button: w.lookAtTheLamp,
					request: { what: 'witness', box: step.kind === 'readWitness' ? step.box : '' }
				}
			},
			seeControlled: {
				...{
					on: newWork ? { yes: w.itIsLit, no: w.nothingIsLit } : { yes: w.itComesOn, no: w.nothingComesOn },
					off: { yes: w.itIsDarkNow, no: w.itIsStillLit },
					after: newWork ? { yes: w.litAgain, no: w.notLit } : { yes: w.onAndOff, no: w.notAsBefore }
				}[step.kind === 'seeControlled' ? step.when : 'on'],
				ask: {
					button: newWork ? w.lookThere : w.tryTheSwitch,
					request: { what: 'controlled', when: step.kind === 'seeControlled' ? step.when : 'on' }
				}
			},
			checkWork: {
				...(step.kind === 'checkWork'
					? checkWords(session.plan, step.check, session.house)
					: { yes: '', no: '' }),
				ask: {
					button: w.tryIt,
					request: { what: 'workCheck', check: step.kind === 'checkWork' ? step.check : '' }
				}
			},
			restorePower: {
				yes: w.itHeld,
				no: fuse ? w.itBlew : w.itTripped,
				ask: { button: fuse ? w.pushTheFuseIn : w.switchTheOn(t.breaker), request: { what: 'breaker' } }
			}
		}[step.kind]
	);
	/** A tester that times the trip shows it. */
	const timed = $derived(step.kind === 'checkWork' && step.check === 'tester');
	let time = $state('');
	const tripS = $derived(typedNumber(time));
	const timeOdd = $derived(tripS.complaint !== null || (tripS.value !== null && !within(tripS, 0, 60)));
	let seen = $state<boolean | null>(null);
	let asking = $state(false);
	let failed = $state(false);
	async function look() {
		if (!standIn || !texts.ask) return;
		asking = true;
		const shown = await standIn(texts.ask.request);
		asking = false;
		failed = shown === null;
		if (shown?.kind === 'alarm') seen = shown.alarms;
		if (shown?.kind === 'works') seen = shown.works;
		if (shown?.kind === 'breaker') seen = shown.held;
		if (seen && (!tells || step.kind === 'seeControlled')) answer(true);
	}
	/** Either answer tells as much: neither is a fault. */
	const tells = $derived(
		step.kind === 'touchSupply' ||
			step.kind === 'trySupply' ||
			(step.kind === 'seeControlled' && step.when === 'on')
	);
	function answer(yes: boolean) {
		if (timed && timeOdd) return;
		const command: Command =
			step.kind === 'touchSupply'
				? { kind: 'touchSupply', cable: step.cable, alarms: yes }
				: step.kind === 'trySupply'
					? { kind: 'trySupply', cable: step.cable, resets: yes }
					: step.kind === 'grip'
						? { kind: 'grip', half: step.half, holds: yes }
						: step.kind === 'seeControlled'
							? { kind: 'seeControlled', when: step.when, lit: step.when === 'off' ? !yes : yes }
							: step.kind === 'readWitness'
								? { kind: 'readWitness', box: step.box, lit: !yes }
								: step.kind === 'checkNeighbour'
									? { kind: 'checkNeighbour', box: step.box, works: yes }
									: step.kind === 'checkWork'
										? {
												kind: 'checkWork',
												check: step.check,
												passes: yes,
												...(timed && tripS.value !== null ? { tripS: tripS.value } : {})
											}
										: { kind: 'restorePower', held: yes };
		session.submit(command);
	}
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || document.querySelector('dialog[open]')) return;
		if (event.target instanceof HTMLElement && event.target.closest('input, textarea, select')) return;
		if (event.key === 'y') answer(true);
		else if (event.key === 'n') answer(false);
		else if (event.key === 't') void look();
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
{#if standIn && texts.ask}
	<p class="row">
		<Button size="lg" color="light" disabled={asking} onclick={look}>{texts.ask.button}<Kbd>t</Kbd></Button
		><span class="soft">{w.simulated}</span>
	</p>
	{#if failed}<Verdict kind="bad">{w.theSimulatedInstrumentCantBe}</Verdict>{/if}
	{#if seen !== null}<Verdict kind={!seen && !tells ? 'bad' : 'good'}>
			{seen ? texts.yes : texts.no}.
		</Verdict>{/if}
{/if}
{#if timed}
	<Label class="mt-3 max-w-[22rem]"
		>{w.tripTime}<Input
			class="w-28!"
			bind:value={time}
			inputmode="decimal"
			aria-invalid={timeOdd}
			aria-describedby={timeOdd ? 'time-odd' : undefined}
		/></Label
	>
	{#if timeOdd}<p id="time-odd" class="m-0 text-live">{w.noTime}</p>{/if}
{/if}
<p class="row mt-4">
	<Button size="lg" color={seen === false ? 'light' : 'primary'} onclick={() => answer(true)}
		>{texts.yes}<Kbd>y</Kbd></Button
	>
	<Button size="lg" color={seen === false ? 'primary' : 'light'} onclick={() => answer(false)}
		>{texts.no}<Kbd>n</Kbd></Button
	>
</p>
