import type { IsolationEvent } from '../../isolation';
import type { Decision, JobContext } from '../decision';
import type { Command, JobEvent } from '../events';
import type { JobPlan } from '../jobPlan';
import type { LandAtFailure } from '../planLandAt';
import type { BoxWish } from '../planWhole';
import type { AddFailure, AnewFailure } from '../planner';
import type { Found } from './planAnew';
import type { JobState } from '../state';
import type { VisitId } from '../visits';
import type { Step } from './index';

export type Said<Kind extends Command['kind']> = Extract<Command, { kind: Kind }>;

/** What a command is decided with: the plan, what readings should be, and what comes next. */
export interface Deciding extends JobContext {
	next(): Step | null;
	/** What would be planned here from what was found; `null`: nothing can plan here now. */
	readonly planAnew:
		((found: Found) => { ok: true; plan: JobPlan } | { ok: false; failure: AnewFailure }) | null;
	/** What would be planned here with a landing on another terminal; `null`: nothing can plan here now, or it can't go there. */
	readonly landAt:
		| ((
				move: string,
				terminal: string
		  ) => { ok: true; plan: JobPlan } | { ok: false; failure: LandAtFailure } | null)
		| null;
	/** What would be planned with a further outlet; `null`: nothing can plan here now. */
	readonly addBox: ((wish: BoxWish) => { ok: true } | { ok: false; failure: AddFailure }) | null;
	/** Whether an outlet that was taken in can be left out again. */
	mayDrop(box: string): boolean;
	/** What makes this box safe, or with `ofAll` every box of the job. */
	towardsStop(ofAll?: boolean): Step;
}

export type RecordPart = 'live' | 'isolation' | 'work' | 'tests' | 'notes';

/** What an event is applied with: the state before it, and after what it did to the isolation. */
export interface Applying<Kind extends Command['kind']> {
	readonly plan: JobPlan;
	readonly before: JobState;
	readonly state: JobState;
	readonly said: Said<Kind>;
	readonly event: JobEvent;
	readonly passed: boolean;
}

/**
 * What one kind of step is: what is asked (`Asks`; `never`: it is only said), what may be said (`Kind` of the command; its schema stands beside it as `schema`), where it is done, whether
 * it lays hands on conductors, what is accepted, and what follows. In the interface its words and its view stand under the same name.
 */
export interface StepModule<
	Kind extends Command['kind'],
	Asks extends { readonly kind: string } = { readonly kind: Kind }
> {
	readonly kind: Kind;
	/** The isolation and the house, whichever box one stands at; or the box. */
	readonly concerns: 'job' | 'box';
	/** The part of the printed record that its entries stand in; left out: none. */
	readonly record?: RecordPart | ((said: Said<Kind>) => RecordPart);
	readonly at: VisitId | ((state: JobState, step: Asks) => VisitId);
	readonly touches?: boolean | ((said: Said<Kind>) => boolean);
	/** Whether it is to be done now, where the order (`order.ts`) comes to it; `null`: no, or no more. */
	readonly due?: (plan: JobPlan, state: JobState) => Asks | null;
	/** Whether what is said is what the step asks; left out: the same in `by`. */
	readonly fits?: (step: Asks, said: Said<Kind>) => boolean;
	readonly by?: keyof Asks & keyof Said<Kind>;
	/** Said when it isn't asked: accepted, refused for a reason of its own, or `null`: not now. */
	readonly beside?: (context: Deciding, state: JobState, said: Said<Kind>) => Decision | null;
	/** Said when it is asked; left out: accepted. */
	readonly judge?: (context: Deciding, state: JobState, said: Said<Kind>) => Decision;
	/** Whether it says that something here is alive, or makes it so: true whoever knew of it, and in whatever order it is told. */
	readonly alive?: (said: Said<Kind>) => boolean;
	/** What it is to the isolation. */
	readonly isolates?: (applying: Omit<Applying<Kind>, 'before' | 'passed'>) => IsolationEvent | null;
	/** What it is to the job; left out: no more than that it was said. */
	readonly applied?: (applying: Applying<Kind>) => JobState;
}
