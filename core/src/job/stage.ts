import {
	deviceModel,
	fedFrom,
	type Device,
	findBreaker,
	withBox,
	withBreakers,
	withTripped,
	type Box,
	type House
} from '../house';
import type { JobPlan } from './jobPlan';
import { asFoundIn } from './planAnew';
import type { JobState } from './state';
import { asInHand, resetFirst, wayNow, withMoves, type Work } from './work';
import { terminalOf, withEnd, endsOf, type Wiring } from '../wiring';

/**
 * The house as the job has left it so far: breakers as switched, wires off, capped or on the new device. Given the recorded house it serves
 * the expected readings; given the real wiring, what instruments would show.
 */
export function wiringDuring(house: House, plan: JobPlan, state: JobState): House {
	const { power, off } = state.isolation;
	const open = power === 'off' || power === 'tripped' || power === 'unknown' ? off : [];
	const set = withBreakers(house, Object.fromEntries(open.map((id) => [id, false])));
	return withBox(set, plan.boxId, (box) => boxDuring(house, box, plan, state));
}

/** The recorded house, corrected by what this job has found: once a breaker has made the outlet dead, the circuit starts there. */
export function believedHouse(recorded: House, plan: JobPlan, state: JobState): House {
	const { feeder, isolation } = state;
	const found = plan.foundAs ? asFoundIn(recorded, plan.boxId, plan.foundAs) : recorded;
	const known = feeder === plan.recordedBreaker || plan.together.some(({ breaker }) => breaker === feeder);
	// A main switch takes everything with it: it says nothing about which breaker feeds the outlet. Nor can one breaker be put for two.
	const says = feeder !== null && findBreaker(found, feeder) !== undefined && plan.together.length === 0;
	return !says || known || isolation.notFeeding.includes(feeder) ? found : fedFrom(found, plan.boxId, feeder);
}

function boxDuring(house: House, box: Box, plan: JobPlan, state: JobState): Box {
	const isOld = state.device === 'oldSeated' || state.device === 'oldOut';
	if (plan.work && !isOld) return boxAtWork(house, box, plan, plan.work, state);
	const { device: _device, ...without } = box;
	const device = isOld ? box.device : state.device === 'none' ? undefined : plan.newDevice;
	const landed = (at: string): string => {
		if (!at.startsWith('terminal:')) return at;
		const wire = state.wires[at.slice(9)];
		return wire === 'off' || wire === 'ready' ? 'bare' : wire === 'capped' ? 'capped' : at;
	};
	return {
		...without,
		...(device ? { device } : {}),
		terminations: box.terminations.map((termination) => ({ ...termination, at: landed(termination.at) })),
		pigtails: box.pigtails.map((pigtail) => ({
			...pigtail,
			from: landed(pigtail.from),
			to: landed(pigtail.to)
		}))
	};
}

/** The box once the wires are off the old part: what was on it is free or capped, and then where the moves made so far have brought it. */
function boxAtWork(house: House, box: Box, plan: JobPlan, work: Work, state: JobState): Box {
	const { device: _old, ...rest } = box;
	const free = endsOf(box).reduce((wiring: Wiring, { end, at }) => {
		const was = terminalOf(at);
		if (was === null) return wiring;
		return withEnd(wiring, end, state.wires[was] === 'capped' ? 'capped' : 'bare');
	}, rest);
	const way = wayNow(work, state);
	const moved = withMoves(free, way, ({ id }) => state.moved[id] !== undefined);
	// Capped is said of every bare end, those of undone connectors and loose tails too.
	const capped = Object.values(state.wires).includes('capped');
	const wired = capped
		? endsOf(moved).reduce(
				(wiring: Wiring, { end, at }) => (at === 'bare' ? withEnd(wiring, end, 'capped') : wiring),
				moved
			)
		: moved;
	const { trial } = state.supply;
	const inHand = state.device === 'none' && trial === null ? undefined : way.wanted.device;
	const seen = inHand && asInHand(inHand, state.hand);
	const fitted = seen && resetFirst(plan) ? withTripped(seen, state.checks.reset !== 'passed') : seen;
	return {
		...box,
		...(trial && inHand ? onLine(house, wired, inHand, trial.cable) : wired),
		device: fitted
	};
}

/** One cable alone on the supply side of a part. */
const onLine = (house: House, wiring: Wiring, device: Device, cable: string): Wiring => {
	const conductors = house.cables.find(({ id }) => id === cable)?.conductors ?? [];
	const { terminals } = deviceModel(device);
	return endsOf(wiring).reduce((now, { end }) => {
		if (end.kind !== 'cable' || end.cable !== cable) return now;
		const is = conductors.find(({ id }) => id === end.conductor)?.role;
		const terminal = terminals.find(({ role, side }) => side === 'supply' && role === is);
		return terminal ? withEnd(now, end, `terminal:${terminal.name}`) : now;
	}, wiring);
};
