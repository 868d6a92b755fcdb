/*
 * Every kind of step, a module each: its schema, when it is due, where it is done, whether it lays hands on
 * conductors, what is accepted and what follows. The union of commands and the schema that device and
 * server share are made of this list. In the interface its words and its view stand under the same name.
 */

import type { Command } from '../events';
import { confirmable } from './confirmable';
import type { StepModule } from './module';
import { step as confirm } from './confirm';
import { step as decideProtection } from './decideProtection';
import { step as checkTools } from './checkTools';
import { step as checkPart } from './checkPart';
import { step as readLive } from './readLive';
import { step as readLiveGround } from './readLiveGround';
import { step as readPlateScrew } from './readPlateScrew';
import { step as readAsFound } from './readAsFound';
import { step as deadFromStart } from './deadFromStart';
import { step as readWitness } from './readWitness';
import { step as seeControlled } from './seeControlled';
import { step as readGroundEarth } from './readGroundEarth';
import { step as proveEarth } from './proveEarth';
import { step as searchBy } from './searchBy';
import { step as searched } from './searched';
import { step as arranged } from './arranged';
import { step as switchBreaker } from './switchBreaker';
import { step as hold } from './hold';
import { step as proveTester } from './proveTester';
import { step as readPair } from './readPair';
import { step as amendVolts } from './amendVolts';
import { step as lookOver } from './lookOver';
import { step as landAt } from './landAt';
import { step as planAnew } from './planAnew';
import { step as addBox } from './addBox';
import { step as dropBox } from './dropBox';
import { step as foundConductor } from './foundConductor';
import { step as inspect } from './inspect';
import { step as autopsy } from './autopsy';
import { step as takeOff } from './takeOff';
import { step as move } from './move';
import { step as checkWork } from './checkWork';
import { step as supplyWay } from './supplyWay';
import { step as touchSupply } from './touchSupply';
import { step as trySupply } from './trySupply';
import { step as readBaseline } from './readBaseline';
import { step as readEnds } from './readEnds';
import { step as readSupplyOhms } from './readSupplyOhms';
import { step as readSupplyVolts } from './readSupplyVolts';
import { step as cap } from './cap';
import { step as reopen } from './reopen';
import { step as readOhms } from './readOhms';
import { step as restorePower } from './restorePower';
import { step as readPlug } from './readPlug';
import { step as readOutlet } from './readOutlet';
import { step as readLoaded } from './readLoaded';
import { step as checkNeighbour } from './checkNeighbour';
import { step as grip } from './grip';
import { step as fixLabel } from './fixLabel';
import { step as tidyDirectory } from './tidyDirectory';
import { step as changed } from './changed';
import { step as note } from './note';
import { step as stop } from './stop';
import { step as finish } from './finish';

/** Every kind of step, by what is said at it. */
export const steps = {
	confirm,
	decideProtection,
	checkTools,
	checkPart,
	readLive,
	readLiveGround,
	readPlateScrew,
	readAsFound,
	deadFromStart,
	readWitness,
	seeControlled,
	readGroundEarth,
	proveEarth,
	searchBy,
	searched,
	arranged,
	switchBreaker,
	hold,
	proveTester,
	readPair,
	amendVolts,
	lookOver,
	planAnew,
	landAt,
	addBox,
	dropBox,
	foundConductor,
	inspect,
	autopsy,
	takeOff,
	move,
	checkWork,
	supplyWay,
	touchSupply,
	trySupply,
	readBaseline,
	readEnds,
	readSupplyOhms,
	readSupplyVolts,
	cap,
	reopen,
	readOhms,
	restorePower,
	readPlug,
	readOutlet,
	readLoaded,
	checkNeighbour,
	grip,
	fixLabel,
	tidyDirectory,
	changed,
	note,
	stop,
	finish
} satisfies { readonly [Kind in Command['kind']]: { readonly kind: Kind } };

type AsksOf<Module> = Module extends StepModule<infer _Kind, infer Asks> ? Asks : never;
/** One thing to do next. */
export type Step = AsksOf<(typeof steps)[keyof typeof steps]>;

/** A module of any kind: what is said to it has been told by its kind. */
type Any = StepModule<Command['kind'], Step>;

export const moduleFor = ({ kind }: Command): Any => steps[kind] as unknown as Any;

/** The module that asks for a step: two ask under another name than what is said to them. */
export const moduleOf = ({ kind }: Step): Any =>
	(kind === 'switchOff'
		? steps.switchBreaker
		: kind === 'needTester'
			? steps.checkTools
			: steps[kind]) as unknown as Any;

/** Whether what is said is about the isolation and the house, whichever box one stands at. */
export const concernsJob = (said: Command): boolean =>
	(said.kind === 'confirm' ? confirmable[said.step] : moduleFor(said)).concerns === 'job';
