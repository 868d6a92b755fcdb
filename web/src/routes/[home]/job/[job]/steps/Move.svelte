<script lang="ts">
	import { heldWords, words as w } from '$words/job/steps/move';
	import Button from 'flowbite-svelte/Button.svelte';
	import Kbd from 'flowbite-svelte/Kbd.svelte';
	import { familyOf } from '@wary/core/devices';
	import { deviceModel, findBox } from '@wary/core/house';
	import { connectorGaugeMm } from '@wary/core/rules';
	import { connectorFor } from '@wary/core/sums';
	import { conducting, endId, suppliesFor } from '@wary/core/wiring';
	import Termination from '$lib/ui/Termination.svelte';
	import { isJoint, otherTerminals, wayNow, type Step } from '@wary/core/job';
	import Verdict from '$lib/ui/Verdict.svelte';
	import { ownWords } from '$words/own';
	import { capital, terminalWord } from '$words/terms';
	import { getJob } from '../context';
	import LandElsewhere from './LandElsewhere.svelte';

	/** One move of the work: done, or for a joint, whether it held its tug. */
	let { step }: { step: Extract<Step, { kind: 'move' }> } = $props();
	const { session, settings } = getJob();
	const move = $derived(
		wayNow(session.plan.work!, session.jobState).moves.find(({ id }) => id === step.move)
	);
	/** The ends that go in together, and how. */
	const joint = $derived.by(() => {
		if (move?.kind !== 'land' && move?.kind !== 'join') return null;
		const box = findBox(session.house, session.plan.boxId)!;
		const wires = conducting(session.house, box.id, {
			...box,
			pigtails: [...box.pigtails, ...wayNow(session.plan.work!, session.jobState).wanted.pigtails]
		});
		const colours = move.ends.map(
			(end) => wires.find((wire) => endId(wire.end) === endId(end))?.colour ?? 'bare'
		);
		return { how: move.how, colours };
	});
	/** The joint a connector is wanted for, where one of one’s own may make it. */
	const wanted = $derived.by(() => {
		if (move?.kind !== 'join' || settings.connectors.length === 0) return null;
		const { house, plan, jobState } = session;
		const [need] = suppliesFor(house, plan.boxId, wayNow(plan.work!, jobState).wanted, [move]).connectors;
		return need ? { need, own: connectorFor(settings.connectors, need) } : null;
	});
	const gaugeMm = $derived(
		move?.kind === 'join'
			? (wanted?.own?.stripMm ?? connectorGaugeMm)
			: (session.jobState.hand.gaugeMm ?? familyOf(session.plan.work!.wish.part).usualGaugeMm)
	);
	const held = $derived(heldWords(joint?.how ?? 'hook', (joint?.colours.length ?? 0) > 1, gaugeMm));
	const tugged = $derived(step.again || (move !== undefined && isJoint(move)));
	const answer = (held: boolean, sat?: string) =>
		session.submit({ kind: 'move', move: step.move, held, ...(sat === undefined ? {} : { sat }) });
	/** In a box that was opened again an end may turn out to sit where it doesn’t belong. */
	const mayBeElsewhere = $derived(step.again && move?.kind === 'land');
	/** Terminals that would serve as well. */
	const others = $derived(otherTerminals(session.plan, session.jobState, step.move));
	const mayGoElsewhere = $derived(!mayBeElsewhere && others.length > 0);
	let asked = $state('');
	const elsewhere = $derived((mayBeElsewhere || mayGoElsewhere) && asked === step.move);
	const ask = () => (asked = elsewhere ? '' : step.move);
	const places = $derived(
		move?.kind === 'land'
			? deviceModel(session.plan.newDevice)
					.terminals.map(({ name }) => name)
					.filter((name) => name !== move.terminal)
			: []
	);
	function key(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('dialog[open]')) return;
		const target = event.target instanceof HTMLElement ? event.target : null;
		if (target?.closest('input, textarea, select')) return;
		if (tugged && event.key === 'y') answer(true);
		else if (tugged && event.key === 'n') answer(false);
		else if ((mayBeElsewhere || mayGoElsewhere) && event.key === 'e') ask();
		else if (!tugged && event.key === 'Enter' && !target?.closest('button, a, summary')) answer(true);
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onkeydown={key} />
{#if joint && !step.again}
	<div class="mt-3 grid max-w-xl grid-cols-2 gap-x-5">
		{#each [false, true] as wrong (wrong)}
			<figure class="m-0">
				<Termination
					how={joint.how}
					colours={joint.colours}
					{gaugeMm}
					{wrong}
					label={wrong ? held.wrong : held.right}
				/>
				<figcaption class="text-[0.92rem] leading-snug">
					<b>{wrong ? `✗ ${w.notSo}.` : `✓ ${w.so}.`}</b>
					{wrong ? held.wrong : held.right}
				</figcaption>
			</figure>
		{/each}
	</div>
{/if}
{#if wanted && !step.again}<Verdict kind={wanted.own ? 'good' : 'open'}
		>{capital(ownWords({ kind: 'connector', ...wanted.need }, settings.connectors) ?? '')}</Verdict
	>{/if}
<p class="row mt-4">
	{#if tugged}
		<Button size="lg" onclick={() => answer(true)}>{mayBeElsewhere ? w.sitsSo : w.held}<Kbd>y</Kbd></Button>
		<Button size="lg" color="light" onclick={() => answer(false)}>{w.cameOut}<Kbd>n</Kbd></Button>
		{#if mayBeElsewhere || mayGoElsewhere}
			<Button
				size={mayBeElsewhere ? 'lg' : 'md'}
				color={mayBeElsewhere ? 'light' : 'alternative'}
				aria-expanded={elsewhere}
				onclick={ask}>{mayBeElsewhere ? w.elsewhere : w.another}<Kbd>e</Kbd></Button
			>
		{/if}
	{:else}
		<Button size="lg" onclick={() => answer(true)}>{w.done}<Kbd>↵</Kbd></Button>
	{/if}
</p>
{#if elsewhere && mayBeElsewhere}
	<p class="mt-3">{w.whereDidItSit}</p>
	<p class="row mt-2">
		{#each places as place (place)}
			<Button color="light" onclick={() => answer(true, place)}
				>{terminalWord(session.plan.region, place)}</Button
			>
		{/each}
		<Button color="light" onclick={() => answer(true, 'bare')}>{w.onNothing}</Button>
	</p>
{/if}
{#if elsewhere && others.length > 0}<LandElsewhere
		move={step.move}
		{others}
		lead={mayBeElsewhere ? w.orLeaveIt : w.anotherLead}
	/>{/if}
