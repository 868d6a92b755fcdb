import type { Energy, Thing } from '../isolation';
import type { Command, JobEvent, Judged } from './events';
import type { Expectations } from './expect';
import type { JobPlan } from './jobPlan';
import type { CantKeep } from './planAnew';
import type { LandAtFailure } from './planLandAt';
import type { AddFailure, AnewFailure } from './planner';
import type { Step } from './steps';

/** Why a command is refused, as data; `next` is what may be done instead. */
export type Refusal =
	| { readonly code: 'over'; readonly status: 'stopped' | 'finished' }
	| { readonly code: 'notProvenDead'; readonly energy: Energy; readonly next: Step | null }
	| { readonly code: 'notNow'; readonly next: Step | null }
	| { readonly code: 'makeSafeFirst'; readonly next: Step }
	| { readonly code: 'boxOpen' }
	/** It was done without knowing of this, which undid what had been shown: it no longer counts. */
	| { readonly code: 'unknowing'; readonly by: JobEvent }
	/** Another box of this job stands open: one at a time. */
	| { readonly code: 'otherBoxOpen'; readonly box: string }
	/** Something on that breaker may not go off before somebody has seen to it. */
	| { readonly code: 'arrangeFirst'; readonly breaker: string; readonly things: readonly Thing[] }
	| { readonly code: 'unknownThing'; readonly thing: string }
	| { readonly code: 'lampProvesNothing' }
	| { readonly code: 'needsCurrent' }
	| { readonly code: 'unknownBreaker'; readonly breaker: string }
	| { readonly code: 'notSwitchedOff'; readonly breaker: string }
	| { readonly code: 'unknownPair'; readonly pair: string }
	/** It doesn’t hang on the same breaker by the record, or is this outlet itself. */
	| { readonly code: 'noWitness'; readonly box: string }
	| { readonly code: 'unknownSource'; readonly source: string }
	| { readonly code: 'unknownReading'; readonly id: string }
	| { readonly code: 'otherInstrument' }
	| { readonly code: 'outOfRange' }
	| { readonly code: 'needsLowImpedance' }
	/** Volts that no load makes of those without it. */
	/** The known ground was brought by a lead: tester and lead are shown together, at its end. */
	| { readonly code: 'proveOnLead' }
	/** What is in the box is counted before it is said to be as recorded. */
	| { readonly code: 'countFirst' }
	| { readonly code: 'countsDiffer'; readonly cables: number; readonly ends: number }
	| { readonly code: 'loadedCant'; readonly offV: number; readonly onV: number }
	/** The device beside it hangs out of the same box: no power there. */
	| { readonly code: 'besideOpen'; readonly box: string }
	/** Which terminals the wires go on depends on which cable is the supply. */
	| { readonly code: 'supplyNeeded' }
	/** The part that goes in can be reset with its supply on either side, or on none. */
	| { readonly code: 'partTellsNoSupply' }
	| { readonly code: 'conductorKnown'; readonly id: string }
	| CantKeep
	/** From what was found no plan comes that holds. */
	| { readonly code: 'cannotPlanAnew'; readonly failure: AnewFailure | LandAtFailure }
	| { readonly code: 'cannotAdd'; readonly box: string; readonly failure: AddFailure }
	/** It is of another job that is under way. */
	| { readonly code: 'boxInOtherJob'; readonly box: string }
	/** It is on record otherwise than when this job began. */
	| { readonly code: 'recordChanged'; readonly box: string }
	/** It was there from the beginning, has been opened, or another was planned on it. */
	| { readonly code: 'cannotDrop'; readonly box: string }
	| { readonly code: 'toolsMissing'; readonly missing: readonly string[] };

export type Decision =
	| { readonly ok: true; readonly body: Command; readonly judged?: Judged }
	| { readonly ok: false; readonly refusal: Refusal };

export interface JobContext {
	readonly plan: JobPlan;
	readonly expect: Expectations;
	/** An earlier event of this job by its id. */
	readonly find: (id: string) => JobEvent | undefined;
	/** When the command is given, ISO 8601: a proof may have lapsed meanwhile. Left out: at the time of the last event. */
	readonly at?: string;
}

export const accept = (body: Command, judged?: Judged): Decision =>
	judged ? { ok: true, body, judged } : { ok: true, body };
export const refuse = (refusal: Refusal): Decision => ({ ok: false, refusal });
