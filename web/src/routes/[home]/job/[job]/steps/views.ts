import type { Component } from 'svelte';
import type { Step } from '@wary/core/job';

/*
 * Which component asks for what a step needs. A job's page carries the one that is on; the others are fetched as soon as it answers, so that the job goes on
 * when the router is off.
 */

type Kind = Step['kind'];
type View<K extends Kind> = () => Promise<{
	default: Component<{ step: Extract<Step, { kind: K }> }> | Component<Record<string, never>>;
}>;

const confirm = () => import('./Confirm.svelte');
const ground = () => import('./Ground.svelte');
const ohms = () => import('./Ohms.svelte');
const supply = () => import('./Supply.svelte');
const tools = () => import('./Checks.svelte');
const volts = () => import('./Volts.svelte');
const yesNo = () => import('./YesNo.svelte');

const views: { readonly [K in Kind]: View<K> } = {
	needTester: tools,
	checkTools: tools,
	checkPart: () => import('./Part.svelte'),
	decideProtection: () => import('./Decide.svelte'),
	readLive: volts,
	readLiveGround: ground,
	readAsFound: () => import('./AsFound.svelte'),
	readWitness: yesNo,
	seeControlled: yesNo,
	deadFromStart: () => import('./StaysDark.svelte'),
	readGroundEarth: volts,
	readPlateScrew: volts,
	proveEarth: () => import('./Lead.svelte'),
	proveTester: volts,
	readPair: volts,
	switchOff: () => import('./SwitchOff.svelte'),
	hold: () => import('./Hold.svelte'),
	lookOver: () => import('./LookOver.svelte'),
	inspect: () => import('./Inspect.svelte'),
	supplyWay: () => import('./SupplyWay.svelte'),
	readSupplyOhms: supply,
	readSupplyVolts: supply,
	touchSupply: yesNo,
	trySupply: yesNo,
	takeOff: confirm,
	cap: confirm,
	readBaseline: ohms,
	readEnds: ohms,
	readOhms: ohms,
	readPlug: () => import('./Plug.svelte'),
	readLoaded: () => import('./Loaded.svelte'),
	readOutlet: () => import('./FinalVolts.svelte'),
	checkNeighbour: yesNo,
	restorePower: yesNo,
	grip: yesNo,
	tidyDirectory: () => import('./Directory.svelte'),
	confirm,
	move: () => import('./Move.svelte'),
	checkWork: yesNo,
	fixLabel: () => import('./FixLabel.svelte'),
	reopen: confirm,
	finish: confirm,
	stop: () => import('./Stop.svelte')
};

export type StepView = Component<{ step: Step }>;

/** What was fetched: one entry a component, for as long as the page stands. */
const fetched = new Map<unknown, StepView>();

/** The component for a step, if it is here. */
export const viewNow = (kind: Kind): StepView | null => fetched.get(views[kind]) ?? null;

/** Has the component for a step fetched; rejects when nobody has it. */
export async function fetchView(kind: Kind): Promise<StepView> {
	const load = views[kind];
	const view = (await load()).default as unknown as StepView;
	fetched.set(load, view);
	return view;
}

/** Has all of them fetched, one after another; what can't be had is tried again when it is needed. */
export async function fetchViews(): Promise<void> {
	for (const kind of Object.keys(views) as Kind[])
		if (!viewNow(kind)) await fetchView(kind).catch(() => undefined);
}
