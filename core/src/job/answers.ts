import { deviceModel, own, type How } from '../house';
import { deadBand, inRange, isTwoPoint, type VoltReading } from '../isolation';
import { accept, refuse, type Decision, type JobContext } from './decision';
import type { Command, PartAnswers, Tester } from './events';
import type { Expectations } from './expect';
import type { PartFault } from './judge';
import type { JobPlan } from './plan';
import type { JobState } from './state';

export function tools(plan: JobPlan, command: Extract<Command, { kind: 'checkTools' }>): Decision {
	const missing = toolsNeeded(plan, command.tester).filter((tool) => !command.has.includes(tool));
	return missing.length === 0 ? accept(command) : refuse({ code: 'toolsMissing', missing });
}

export const part = (
	plan: JobPlan,
	state: JobState,
	command: Extract<Command, { kind: 'checkPart' }>
): Decision =>
	accept(command, { passes: partFaults(plan, command.answers, state.feeder).length === 0, expected: null });

export function live(
	command: Extract<Command, { kind: 'readLive' }>,
	{ tester }: JobState,
	expect: Expectations
): Decision {
	// A lamp is taken here only from somebody who has nothing better yet: it shows that there is power, which is what is asked.
	if (!isTwoPoint(command.reading) && (tester !== 'none' || command.reading.instrument !== 'lamp'))
		return refuse({ code: 'otherInstrument' });
	if (!inRange(command.reading)) return refuse({ code: 'outOfRange' });
	return accept(command, {
		passes: deadBand(command.reading) === 'live',
		expected: { volts: expect.liveV(command.half) }
	});
}

/** A ground that floats beside a live conductor shows a 10 MΩ meter nearly as much as a good one: only what draws some current tells them apart. */
const drawsCurrent = (reading: VoltReading): boolean =>
	!(reading.instrument === 'multimeter' && reading.mode === 'highImpedance');

export function liveGround(
	command: Extract<Command, { kind: 'readLiveGround' }>,
	expect: Expectations
): Decision {
	if (command.reading.instrument === 'lamp') return refuse({ code: 'lampProvesNothing' });
	if (!drawsCurrent(command.reading)) return refuse({ code: 'needsCurrent' });
	if (!inRange(command.reading)) return refuse({ code: 'outOfRange' });
	const passes = deadBand(command.reading) === 'live' && command.touchless === 'silent';
	return accept(command, { passes, expected: { volts: expect.liveGroundV(command.half) } });
}

/** Power on, ground contact to a known earth: what is drained by a low-impedance input was only induced. */
export function groundEarth(
	command: Extract<Command, { kind: 'readGroundEarth' }>,
	{ groundAlarm }: JobState
): Decision {
	if (!isTwoPoint(command.reading)) return refuse({ code: 'lampProvesNothing' });
	if (!inRange(command.reading)) return refuse({ code: 'outOfRange' });
	if (groundAlarm?.lowImpedance && !drawsCurrent(command.reading))
		return refuse({ code: 'needsLowImpedance' });
	return accept(command, { passes: deadBand(command.reading) === 'dead', expected: { volts: 0 } });
}

export function earthProof(
	command: Extract<Command, { kind: 'proveEarth' }>,
	expect: Expectations
): Decision {
	if (command.reading.instrument === 'lamp') return refuse({ code: 'lampProvesNothing' });
	if (!drawsCurrent(command.reading)) return refuse({ code: 'needsCurrent' });
	if (!inRange(command.reading)) return refuse({ code: 'outOfRange' });
	const volts = expect.earthV(command.source);
	if (volts === null) return refuse({ code: 'unknownSource', source: command.source });
	return accept(command, { passes: deadBand(command.reading) === 'live', expected: { volts } });
}

export function testerProof(
	command: Extract<Command, { kind: 'proveTester' }>,
	expect: Expectations
): Decision {
	if (!isTwoPoint(command.reading)) return refuse({ code: 'lampProvesNothing' });
	if (!inRange(command.reading)) return refuse({ code: 'outOfRange' });
	const volts = expect.sourceV(command.source);
	if (volts === null) return refuse({ code: 'unknownSource', source: command.source });
	return accept(command, { passes: deadBand(command.reading) === 'live', expected: { volts } });
}

export function pairReading(
	command: Extract<Command, { kind: 'readPair' }>,
	state: JobState,
	expect: Expectations
): Decision {
	if (!isTwoPoint(command.reading)) return refuse({ code: 'lampProvesNothing' });
	if (!state.isolation.proof.required.includes(command.pair))
		return refuse({ code: 'unknownPair', pair: command.pair });
	if (!inRange(command.reading)) return refuse({ code: 'outOfRange' });
	const wasUnresolved = own(state.isolation.proof.pairs, command.pair)?.band === 'unresolved';
	// The same instrument again would only show the same again: the question is whether anything stands behind the voltage.
	if (
		wasUnresolved &&
		!(command.reading.instrument === 'multimeter' && command.reading.mode !== 'highImpedance')
	)
		return refuse({ code: 'needsLowImpedance' });
	return accept(command, {
		passes: deadBand(command.reading) === 'dead',
		expected: { volts: expect.pairV(command.pair) }
	});
}

export function amendment(
	of: string,
	reading: VoltReading,
	find: JobContext['find'],
	command: Command
): Decision {
	const original = find(of);
	if (!original || (original.body.kind !== 'readPair' && original.body.kind !== 'proveTester'))
		return refuse({ code: 'unknownReading', id: of });
	const { reading: before } = original.body;
	const sameMode =
		before.instrument !== 'multimeter' ||
		(reading.instrument === 'multimeter' && reading.mode === before.mode);
	if (before.instrument !== reading.instrument || !sameMode) return refuse({ code: 'otherInstrument' });
	if (!inRange(reading)) return refuse({ code: 'outOfRange' });
	const shouldBeLive = original.body.kind === 'proveTester';
	return accept(command, {
		passes: (deadBand(reading) === 'live') === shouldBeLive && deadBand(reading) !== 'unresolved',
		expected: original.judged?.expected ?? null
	});
}

export function termination(
	plan: JobPlan,
	state: JobState,
	command: Extract<Command, { kind: 'terminate' }>
): Decision {
	const landing = plan.putOn.find(({ terminal }) => terminal === command.from)!;
	if (!terminalsFor(plan, state, landing.terminal).includes(command.terminal))
		return refuse({ code: 'wrongTerminal', given: command.terminal, expected: landing.terminal });
	const target = deviceModel(plan.newDevice).terminals.find(({ name }) => name === command.terminal)!;
	if (command.way === 'pushIn') return refuse({ code: 'pushInNever' });
	const takes = target.takes[command.way as keyof typeof target.takes] ?? 0;
	if (takes < landing.wires.length)
		return refuse({
			code: 'wayNotPossible',
			terminal: landing.terminal,
			wires: landing.wires.length,
			ways: waysFor(plan, landing.terminal)
		});
	return accept(command);
}

/** Terminals of the new part on which a landing's wires may go, where they came from first: on a duplex with its tab whole either screw of the side serves. */
export function terminalsFor(plan: JobPlan, state: JobState, from: string): string[] {
	const { terminals, links } = deviceModel(plan.newDevice);
	const joined = terminals.filter(({ name }) =>
		links.some(
			({ from: one, to, id }) =>
				id.endsWith(' tab') && ((one === from && to === name) || (to === from && one === name))
		)
	);
	const landings = plan.putOn.filter(({ terminal }) => terminal !== from);
	const taken = (name: string) =>
		landings.some(({ terminal }) => (own(state.landed, terminal) ?? null) === name);
	return [from, ...joined.map(({ name }) => name)].filter((name) => !taken(name));
}

/** Ways in which a landing's wires can be held by the new device, best first; never the push-in spring. */
export function waysFor(plan: JobPlan, terminal: string): How[] {
	const count = plan.putOn.find((landing) => landing.terminal === terminal)?.wires.length ?? 1;
	const takes = deviceModel(plan.newDevice).terminals.find(({ name }) => name === terminal)?.takes ?? {};
	return (['clampPlate', 'hook', 'pillar', 'screw'] as const).filter((way) => (takes[way] ?? 0) >= count);
}

/** What must be at hand before the first step. */
export function toolsNeeded(plan: JobPlan, tester: Tester): string[] {
	const common = [
		...(tester === 'none' ? ['lamp'] : ['tester']),
		...(tester === 'indicator' ? ['provingUnit', 'multimeter'] : []),
		...(plan.grounded ? ['plugTester'] : ['lead']),
		'drivers',
		'stripper',
		'lockOrTape',
		'headTorch'
	];
	return plan.region === 'uk' ? [...common, 'sleeving'] : [...common, 'knife', 'tape'];
}

/** Ratings that fit: read off the breaker that feeds it, as far as that is known, and its conductors. */
export function ratingsWanted(plan: JobPlan, feeder: string | null): readonly number[] {
	const wanted = plan.newDevice.kind === 'fixed' ? [] : [plan.newDevice.ratingA];
	if (plan.procedure < 2) return wanted;
	return (
		(feeder === null ? undefined : own(plan.fittingRatingsA, feeder)) ??
		own(plan.fittingRatingsA, plan.recordedBreaker) ??
		wanted
	);
}

/** What is wrong with the part in hand, against what a like-for-like replacement must be. */
export function partFaults(plan: JobPlan, answers: PartAnswers, feeder: string | null = null): PartFault[] {
	const wanted = plan.newDevice.kind === 'fixed' ? null : plan.newDevice;
	return [
		...(wanted && !ratingsWanted(plan, feeder).includes(answers.ratingA) ? (['rating'] as const) : []),
		...(answers.tamperResistant || wanted?.kind === 'twoSlot' ? [] : (['notTamperResistant'] as const)),
		...(answers.sameKind ? [] : (['otherKind'] as const)),
		...(answers.grounded ? [] : (['notGrounded'] as const)),
		...(answers.undamaged ? [] : (['damaged'] as const))
	];
}
