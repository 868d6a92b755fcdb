import { describe, expect, it } from 'vitest';
import { canReach, walk, type Walked } from './walk';
import { energyOf } from '../src/isolation';
import {
	checkId,
	handMoves,
	nextStep,
	planJob,
	soundLamps,
	tellsSupply,
	wayNow,
	type Command,
	type JobPlan,
	type JobState,
	type WishChoice,
	type Work
} from '../src/job';

/** Commands that put a hand or a tool on conductors, written down from the trade and not from the engine. */
export const handsOnConductors = (command: Command): boolean =>
	['takeOff', 'move', 'cap', 'reopen', 'readSupplyOhms', 'readBaseline'].includes(command.kind) ||
	(command.kind === 'confirm' &&
		[
			'easeOut',
			'openSheath',
			'prepare',
			'tape',
			'fold',
			'tugAgain',
			'seat',
			'spreadEnds',
			'trialIn',
			'trialOff',
			'markSupply',
			'closeUp'
		].includes(command.step));

export const restoresPower = (command: Command): boolean =>
	command.kind === 'restorePower' || (command.kind === 'switchBreaker' && command.on);

export const planOf = (house: Parameters<typeof planJob>[0], boxId: string): JobPlan => {
	const planned = planJob(house, boxId);
	if (!planned.ok) throw new Error(planned.failure.code);
	return planned.plan;
};

/** A plan for something else, with one move of each kind (of landings one of each side), one check of each, one half and one pair of each kind: the procedure treats those of a kind alike. */
export function workPlanOf(house: Parameters<typeof planJob>[0], boxId: string, wish: WishChoice): JobPlan {
	const planned = planJob(house, boxId, 'groundFirst', wish);
	if (!planned.ok) throw new Error(JSON.stringify(planned.failure));
	const plan = fewerPairs(planned.plan);
	const work = plan.work!;
	const sort = (move: Work['ways'][number]['moves'][number]) =>
		move.kind === 'land' ? `land ${move.terminal.startsWith('load') ? 'load' : 'other'}` : move.kind;
	const ways = work.ways.map((way) => ({
		...way,
		moves: way.moves.filter((move, k, all) => all.findIndex((one) => sort(one) === sort(move)) === k)
	}));
	const checks = work.checks.filter(
		({ check }, k) => work.checks.findIndex((each) => each.check === check) === k
	);
	return {
		...plan,
		work: { ...work, ways, checks },
		baselines: plan.baselines.slice(0, 1),
		takeOff: plan.takeOff.slice(0, 2),
		halves: plan.halves.slice(0, 1),
		newHalves: plan.newHalves.slice(0, 1),
		upstream: [],
		downstream: plan.downstream.slice(0, 1),
		resistanceChecks: ['hotNeutral']
	};
}

/** What holds beside where something else goes in. */
function workEverywhere(walked: Walked, work: Work): void {
	const moves = (state: JobState) => handMoves(wayNow(work, state));
	const lifted = moves(walked.states[0]!).some((move) => move.kind === 'tape' && move.lift);

	it('lands nothing on a load side before the supply is known', () => {
		if (!lifted) return;
		expect(
			everyMove(walked, (before, command) =>
				command.kind === 'move' && command.move.startsWith('land load') && before.supply.outcome !== 'found'
					? `${command.move} with the supply ${before.supply.outcome}`
					: null
			)
		).toEqual([]);
		expect(
			walked.states.some(({ moved }) => Object.keys(moved).some((id) => id.startsWith('land load')))
		).toBe(true);
	});

	it('puts no wire on a part whose tab has still to be broken', () => {
		const tab = moves(walked.states[0]!).find(({ kind }) => kind === 'breakTab');
		if (!tab) return;
		expect(
			walked.states.filter(
				({ moved }) => moved[tab.id] === undefined && Object.keys(moved).some((id) => id.startsWith('land'))
			)
		).toEqual([]);
	});

	it('ends with every move made and every check passed: no tape lifted over an empty side, no tab whole between two hots', () => {
		const ends = walked.states.filter(({ status }) => status === 'finished');
		for (const state of ends) {
			for (const { id } of moves(state)) expect([id, state.moved[id]]).toEqual([id, 'done']);
			for (const id of work.checks.map(checkId)) expect([id, state.checks[id]]).toEqual([id, 'passed']);
		}
	});

	it('takes power back only with every move made', () => {
		expect(
			everyMove(walked, (before, command) =>
				command.kind === 'restorePower' &&
				before.device === 'newSeated' &&
				moves(before).some(({ id }) => before.moved[id] !== 'done')
					? JSON.stringify(before.moved)
					: null
			)
		).toEqual([]);
	});
}

/**
 * The plan with one pair of each kind and one more, at the face and on the bare conductors. The procedure tells pairs by their ids alone and treats them alike, so that more of a kind only makes
 * the walk longer; the two-slot plan is walked with all of its own.
 */
export function fewerPairs(plan: JobPlan): JobPlan {
	const fewer = (pairs: JobPlan['barePairs']) => {
		const firsts = pairs.filter((pair, k) => pairs.findIndex(({ kind }) => kind === pair.kind) === k);
		const more = pairs.find((pair) => !firsts.includes(pair));
		return more ? [...firsts, more] : firsts;
	};
	return {
		...plan,
		facePairs: fewer(plan.facePairs),
		barePairs: fewer(plan.barePairs),
		// Walked by itself: what follows from it is the same wherever the box is.
		deadFromStart: false,
		witnesses: [],
		// One of them is all of them to the procedure.
		ends: plan.ends.slice(0, 1)
	};
}

/** A plan with one landing of each role: the procedure treats those of a role alike. */
export function fewerLandings(plan: JobPlan): JobPlan {
	const firsts = plan.takeOff.filter(
		({ role }, k) => plan.takeOff.findIndex((landing) => landing.role === role) === k
	);
	return { ...plan, takeOff: firsts };
}

/** Every proof is tester, then each pair dead, then tester. */
export const provenByEvidence = ({ isolation }: JobState, pairsAtLeast = 4): boolean => {
	const { proof } = isolation;
	return (
		isolation.power === 'off' &&
		isolation.hold !== null &&
		proof.before?.band === 'live' &&
		proof.after?.band === 'live' &&
		proof.required.length >= pairsAtLeast &&
		proof.required.every((pair) => proof.pairs[pair]?.band === 'dead')
	);
};

const everyMove = (
	walked: Walked,
	check: (before: JobState, command: Command, after: JobState) => string | null
): string[] => {
	const wrong: string[] = [];
	for (let m = 0; m < walked.moveCount && wrong.length < 5; m++) {
		const complaint = check(
			walked.states[walked.moves.from[m]!]!,
			walked.commands[walked.moves.command[m]!]!,
			walked.states[walked.moves.to[m]!]!
		);
		if (complaint) wrong.push(complaint);
	}
	return wrong;
};

/** What holds of every state that any sequence of commands can reach. */
export const everyState = (name: string, plan: JobPlan, pairsAtLeast = 4) =>
	describe(`every reachable state of the procedure: ${name}`, () => {
		const started = performance.now();
		const walked = walk(plan);
		console.log(
			`${name}: walked ${walked.states.length} states by ${walked.moveCount} accepted commands, ${walked.refused} refused, in ${((performance.now() - started) / 1000).toFixed(0)} s`
		);

		it('is a walk worth its name: both ends and every energy state are in it', () => {
			expect(new Set(walked.states.map(({ status }) => status))).toEqual(
				new Set(['underWay', 'stopped', 'finished'])
			);
			expect(new Set(walked.states.map(({ isolation }) => energyOf(isolation)))).toEqual(
				new Set(['assumedLive', 'expectedDead', 'provenDead', 'deliberatelyLive'])
			);
			for (const device of ['oldSeated', 'oldOut', 'none', 'newOut', 'newSeated'])
				expect(walked.states.some((state) => state.device === device)).toBe(true);
		});

		it('offers and accepts nothing that touches conductors outside provenDead', () => {
			expect(
				everyMove(walked, (before, command) =>
					handsOnConductors(command) && energyOf(before.isolation) !== 'provenDead'
						? `${command.kind} in ${energyOf(before.isolation)}`
						: null
				)
			).toEqual([]);
			const offered = walked.states.filter((state) => {
				const step = nextStep(plan, state);
				return (
					step &&
					step.kind !== 'stop' &&
					handsOnConductors(step as Command) &&
					energyOf(state.isolation) !== 'provenDead'
				);
			});
			expect(offered).toEqual([]);
		});

		it('says provenDead only on full evidence', () => {
			expect(
				walked.states.filter(
					(state) => energyOf(state.isolation) === 'provenDead' && !provenByEvidence(state, pairsAtLeast)
				)
			).toEqual([]);
		});

		it('puts a reading right without making a proof of what is none: what it isn’t about stays, no visit to the panel is spared, and dead rests on the readings as they stand', () => {
			let right = 0;
			const wrong = everyMove(walked, (before, command, after) => {
				if (command.kind !== 'amendVolts') return null;
				const { doubt } = before.isolation;
				if (doubt?.until === 'panel' && after.isolation.doubt?.until !== 'panel') return 'spared the panel';
				if (
					after.isolation.power !== before.isolation.power ||
					after.isolation.hold !== before.isolation.hold
				)
					return 'switched something';
				if (energyOf(after.isolation) !== 'provenDead') return null;
				right++;
				return provenByEvidence(after, pairsAtLeast) ? null : 'proven without evidence';
			});
			expect(wrong).toEqual([]);
			// Before a proof is complete and after it: both are met.
			expect(right).toBeGreaterThan(0);
			const undone = walked.states.some(({ isolation }) => energyOf(isolation) === 'provenDead');
			expect(undone).toBe(true);
		});

		it('eases forward what has no face only with the power off, held and tagged, and what was watched gone dark or all of it off', () => {
			const wrong = everyMove(walked, ({ isolation, tagged, controlled }, command) => {
				if (command.kind !== 'confirm' || command.step !== 'easeForward') return null;
				const dark = controlled.lit === true && controlled.dark === true;
				const off = isolation.power === 'off' && isolation.hold !== null && isolation.doubt === null;
				return off && tagged && (dark || isolation.off.includes(plan.mainSwitch)) ? null : 'easeForward';
			});
			expect(wrong).toEqual([]);
			expect(
				walked.commands.some(({ kind }) => kind === 'confirm') &&
					walked.states.some(({ device }) => device === 'oldOut')
			).toBe(true);
		});

		it('takes wires off, and terminates, only after the bare conductors themselves were proven', () => {
			expect(
				everyMove(walked, (before, command) =>
					['takeOff', 'move', 'cap'].includes(command.kind) && before.isolation.proof.scope !== 'bare'
						? command.kind
						: null
				)
			).toEqual([]);
		});

		it('never restores power with an end uncapped, untugged or outside its box', () => {
			const wrong = everyMove(walked, (before, command) => {
				if (!restoresPower(command)) return null;
				const untouched = before.device === 'oldSeated';
				const complete =
					before.device === 'newSeated' && Object.values(before.wires).every((wire) => wire === 'tugged');
				// On purpose, to find the supply cable: no device, every end capped and apart, everybody clear.
				const capped =
					before.device === 'none' && Object.values(before.wires).every((wire) => wire === 'capped');
				const onPurpose =
					capped && before.supply.way === 'live' && before.supply.spread && before.isolation.areaClear;
				// Or with one cable alone on LINE of the new part, in a box that is shut.
				const inWall = capped && before.supply.trial?.inWall === true && before.isolation.areaClear;
				return untouched || complete || onPurpose || inWall
					? null
					: `${command.kind} with ${before.device}, ${Object.values(before.wires).join()}`;
			});
			expect(wrong).toEqual([]);
		});

		it('finishes only with power on and a passing final test on every half, neighbours and grip with it', () => {
			const ends = walked.states.filter(({ status }) => status === 'finished');
			expect(ends.length).toBeGreaterThan(0);
			for (const state of ends) {
				for (const half of plan.newHalves) {
					const wrong = state.final[half] === 'inherited';
					// What was wrong before, and is just so still, is told and sends nobody back.
					expect(wrong ? 'passed' : state.final[half]).toBe('passed');
					if (wrong) expect(state.asFound[half]?.lamps).not.toEqual(soundLamps);
					expect(state.grip[half]).toBe('passed');
				}
				for (const box of plan.onRing ? [...plan.upstream, ...plan.downstream] : plan.downstream)
					expect(state.neighbours[box]).toBe('passed');
				// What comes before hangs on nothing done here: it is looked at, and what is wrong there is noted.
				for (const box of plan.upstream) expect(state.neighbours[box]).toBeDefined();
				expect(Object.keys(state.baseline).sort()).toEqual(plan.baselines.map(({ group }) => group).sort());
				expect(state.isolation.power).toBe('restored');
				expect(state.redo).toBeNull();
				for (const half of plan.halves)
					expect(state.live[half] === 'passed' || state.notLive.includes(half)).toBe(true);
			}
		});

		it('stops only where nothing can hurt: untouched, or off and held', () => {
			for (const state of walked.states.filter(({ status }) => status === 'stopped')) {
				const held = state.isolation.power === 'off' && state.isolation.hold !== null;
				expect(held || state.device === 'oldSeated').toBe(true);
				if (state.device !== 'oldSeated') expect(state.tagged).toBe(true);
				expect(energyOf(state.isolation)).not.toBe('provenDead');
			}
		});

		it('leaves a box open only where it isn’t proven dead, and goes on from a closed one only to the end', () => {
			const wrong = everyMove(walked, (before, command, after) => {
				const seated = before.device === 'oldSeated' || before.device === 'newSeated';
				if (
					command.kind === 'stop' &&
					!seated &&
					!before.closedUp &&
					energyOf(before.isolation) === 'provenDead'
				)
					return 'left open';
				if (before.closedUp && handsOnConductors(command)) return `${command.kind} in a box that was closed`;
				return before.closedUp && restoresPower(command) && after.status === 'underWay'
					? 'power on a job that ends'
					: null;
			});
			expect(wrong).toEqual([]);
			expect(walked.states.some(({ closedUp, status }) => closedUp && status === 'stopped')).toBe(true);
		});

		it('reads a supply cable alive only on purpose, touches nothing then, and nothing after until it is proven dead again', () => {
			const wrong = everyMove(walked, (before, command, after) => {
				if (
					['touchSupply', 'readSupplyVolts', 'trySupply'].includes(command.kind) &&
					energyOf(before.isolation) !== 'deliberatelyLive'
				)
					return 'read alive by accident';
				const alive = before.device === 'none' && before.isolation.power === 'restored';
				if (
					alive &&
					![
						'touchSupply',
						'readSupplyVolts',
						'trySupply',
						'switchBreaker',
						'changed',
						'foundConductor',
						// Said or put right, with nothing in hand.
						'note',
						'searchBy',
						'autopsy',
						'amendVolts',
						'stop'
					].includes(command.kind)
				)
					return `${command.kind} with power on an open box`;
				if (alive && command.kind === 'switchBreaker' && energyOf(after.isolation) === 'provenDead')
					return 'dead without a proof';
				return null;
			});
			expect(wrong).toEqual([]);
			if (plan.supplyCables.length > 1)
				for (const [by, outcome] of [
					['dead', 'found'],
					['live', 'found'],
					// Where the work depends on it, it is never left.
					...(plan.work ? [] : [[null, 'skipped']]),
					[null, 'silent'],
					[null, 'none']
				])
					expect(walked.states.some(({ supply }) => supply.by === by && supply.outcome === outcome)).toBe(
						true
					);
		});

		it('tries a part on a cable only in a shut box, and reads nothing behind it before it is out again', () => {
			expect(
				everyMove(walked, (before, command, after) => {
					const inWall = before.supply.trial?.inWall === true;
					if (command.kind === 'trySupply' && !inWall) return 'tried with the part out of its wall';
					if (command.kind === 'readPair' && inWall) return 'a pair read through a shut box';
					if (command.kind === 'confirm' && command.step === 'trialOut') {
						if (before.isolation.power !== 'off' || before.isolation.hold === null)
							return 'out with power on';
						if (!before.provenWith.every((id) => before.isolation.off.includes(id)))
							return 'out with fewer breakers off than it was proven dead with';
						if (energyOf(after.isolation) === 'provenDead') return 'out, and proven without a reading';
					}
					// The wires of one trial come off before the next, and before anything is made.
					const moves = command.kind === 'move' || (command.kind === 'confirm' && command.step === 'prepare');
					return moves && before.supply.trial !== null ? 'work with a wire still on trial' : null;
				})
			).toEqual([]);
			if (tellsSupply(plan) && plan.supplyCables.length > 1)
				expect(walked.states.some(({ supply }) => supply.by === 'device' && supply.outcome === 'found')).toBe(
					true
				);
		});

		it('never takes an area that was cleared for one purpose as clear for the next', () => {
			expect(
				walked.states.filter(({ device, isolation }) => device === 'newOut' && isolation.areaClear)
			).toEqual([]);
		});

		it('opens a box again only where its new face was seen live since power came on, or something else stands for it', () => {
			expect(
				everyMove(walked, (before, command) => {
					if (command.kind !== 'reopen') return null;
					const { face, witness, isolation, redo, provenWith } = before;
					const stands =
						Object.values(face).includes('live') ||
						witness?.dark === true ||
						isolation.off.includes(plan.mainSwitch) ||
						redo === 'tripped' ||
						// Before power ever came on a check failed: what stands is the proof of the bare conductors themselves.
						isolation.proof.scope === 'bare';
					const same = provenWith.every((id) => isolation.off.includes(id));
					return stands && same ? null : JSON.stringify([face, witness, isolation.off, redo, provenWith]);
				})
			).toEqual([]);
		});

		it('what could not be shown live is proven dead only to a known earth, with something seen to go dark or all of it off', () => {
			if (!plan.deadFromStart) return;
			const proven = walked.states.filter(
				// Before it is opened; a new part that was powered since has its own face to show.
				({ notLive, isolation, device }) =>
					device === 'oldSeated' && notLive.length > 0 && energyOf(isolation) === 'provenDead'
			);
			expect(proven.length).toBeGreaterThan(0);
			for (const { earth, live, witness, isolation } of proven) {
				expect(typeof earth === 'object' && earth.source !== null).toBe(true);
				const seen =
					witness?.dark === true ||
					(witness === null && Object.values(live).includes('passed')) ||
					isolation.off.includes(plan.mainSwitch);
				expect([seen, witness, live, isolation.off]).toEqual([true, witness, live, isolation.off]);
			}
		});

		if (plan.work) workEverywhere(walked, plan.work);

		it('has a way to finish or to stop safely from every state', () => {
			const ends = canReach(walked, ({ status }) => status !== 'underWay');
			expect(walked.states.filter((_, k) => !ends[k])).toEqual([]);
			const stops = canReach(walked, ({ status }) => status === 'stopped');
			expect(walked.states.filter(({ status }, k) => status === 'underWay' && !stops[k])).toEqual([]);
		});

		it('always names a next step while under way, and accepts some command there', () => {
			const moving = new Set<number>();
			for (let m = 0; m < walked.moveCount; m++)
				if (walked.moves.from[m] !== walked.moves.to[m]) moving.add(walked.moves.from[m]!);
			expect(
				walked.states.filter(
					(state, k) => state.status === 'underWay' && (nextStep(plan, state) === null || !moving.has(k))
				)
			).toEqual([]);
		});
	});
