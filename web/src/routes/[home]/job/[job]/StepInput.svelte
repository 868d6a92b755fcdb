<script lang="ts">
	import type { Step } from '@wary/core/job';
	import Checks from './steps/Checks.svelte';
	import Confirm from './steps/Confirm.svelte';
	import Decide from './steps/Decide.svelte';
	import Directory from './steps/Directory.svelte';
	import Hold from './steps/Hold.svelte';
	import FinalVolts from './steps/FinalVolts.svelte';
	import Ground from './steps/Ground.svelte';
	import Inspect from './steps/Inspect.svelte';
	import LookOver from './steps/LookOver.svelte';
	import Ohms from './steps/Ohms.svelte';
	import Part from './steps/Part.svelte';
	import Plug from './steps/Plug.svelte';
	import Supply from './steps/Supply.svelte';
	import SwitchOff from './steps/SwitchOff.svelte';
	import Terminate from './steps/Terminate.svelte';
	import Volts from './steps/Volts.svelte';
	import YesNo from './steps/YesNo.svelte';

	/** The input that a step asks for. */
	let { step }: { step: Step } = $props();
</script>

{#if step.kind === 'checkTools' || step.kind === 'needTester'}<Checks waiting={step.kind === 'needTester'} />
{:else if step.kind === 'decideProtection'}<Decide />
{:else if step.kind === 'checkPart'}<Part />
{:else if step.kind === 'readLive' || step.kind === 'readGroundEarth' || step.kind === 'proveTester' || step.kind === 'readPair'}<Volts
		{step}
	/>
{:else if step.kind === 'readLiveGround' || step.kind === 'proveEarth'}{#key step.kind}<Ground {step} />{/key}
{:else if step.kind === 'switchOff'}<SwitchOff also={step.also} />
{:else if step.kind === 'supplyWay' || step.kind === 'readSupplyOhms' || step.kind === 'readSupplyVolts'}<Supply
		{step}
	/>
{:else if step.kind === 'hold'}<Hold />
{:else if step.kind === 'lookOver'}<LookOver />
{:else if step.kind === 'inspect'}<Inspect />
{:else if step.kind === 'terminate'}<Terminate {step} />
{:else if step.kind === 'readOhms' || step.kind === 'readBaseline'}<Ohms {step} />
{:else if step.kind === 'readPlug'}<Plug {step} />
{:else if step.kind === 'readOutlet'}<FinalVolts {step} />
{:else if step.kind === 'touchSupply' || step.kind === 'tug' || step.kind === 'grip' || step.kind === 'checkNeighbour' || step.kind === 'restorePower'}<YesNo
		{step}
	/>
{:else if step.kind === 'tidyDirectory'}<Directory />
{:else}<Confirm {step} />{/if}
