import { deadBand, deadBelowV, liveAboveV, type MeterMode, type VoltReading } from '@wary/core/isolation';
import {
	farOff,
	judgeLive,
	showsGround,
	toKnownBand,
	type Command,
	type Expectations,
	type JobPlan,
	type Step
} from '@wary/core/job';
import { regions, type Region } from '@wary/core/rules';
import { words as w } from '$words/job/steps/volts';
import { expectedDeadWords, groundEarthVerdict, healthyWords, plateScrewVerdict } from '$words/steps';
import { terms, voltsWord } from '$words/terms';

export interface VoltsVerdict {
	readonly text: string;
	readonly kind: 'good' | 'open' | 'bad';
}
export type VoltsStep = Extract<
	Step,
	{ kind: 'readLive' | 'proveTester' | 'readPair' | 'readGroundEarth' | 'readPlateScrew' }
>;

/** Whether a step’s reading should be dead. */
export const wantsDead = ({ kind }: VoltsStep): boolean => kind === 'readPair' || kind === 'readGroundEarth';

/** What a reading means at a step, before it is saved. */
export function voltsVerdict(
	step: VoltsStep,
	{ region, plateScrew }: Pick<JobPlan, 'region' | 'plateScrew'>,
	reading: VoltReading
): VoltsVerdict {
	if (step.kind === 'readPlateScrew')
		return plateScrewVerdict(showsGround(region, reading), plateScrew === 'reliedOn');
	if (step.kind === 'readGroundEarth') return groundEarthVerdict(region, step.of, toKnownBand(reading));
	return step.kind === 'readPair'
		? deadVerdict(step.lowImpedance, region, reading)
		: liveVerdict(step.kind, region, reading);
}

function deadVerdict(drained: boolean, region: Region, reading: VoltReading): VoltsVerdict {
	const { panel } = terms[region];
	switch (deadBand(reading)) {
		case 'dead':
			return { text: drained ? w.drainedItWasInducedNothing : w.fitsADeadPair, kind: 'good' };
		case 'unresolved':
			return { text: w.neitherDeadNorPlainlyLive(liveAboveV), kind: 'open' };
		case 'live':
			return {
				text: drained ? w.stillThereWithALoad(panel) : w.liveTouchNothingSomethingStill(panel),
				kind: 'bad'
			};
	}
}

function liveVerdict(kind: 'readLive' | 'proveTester', region: Region, reading: VoltReading): VoltsVerdict {
	const proving = kind === 'proveTester';
	if (!proving && farOff(region, reading)) return { text: w.farOff(terms[region].panel), kind: 'bad' };
	switch (judgeLive(region, reading)) {
		case 'healthy':
			return { text: proving ? w.theTesterShowsWhatIt : w.liveAsItShouldBe, kind: 'good' };
		case 'low':
		case 'high':
			return {
				text: w.liveButOutsideNotedAs(healthyWords(region), regions[region].supply.healthyV.source),
				kind: 'open'
			};
		case 'notLive':
			return { text: proving ? w.itDidNotShowA : w.notLiveIfThatIs, kind: 'bad' };
	}
}

type Instrument = 'multimeter' | 'indicator' | 'lamp';

/** What the model expects between the tips, V. */
function expectedV(step: VoltsStep, expect: Expectations, source: string): number {
	switch (step.kind) {
		case 'readGroundEarth':
			return step.of === 'neutral' ? expect.neutralEarthV(step.half) : 0;
		case 'readPlateScrew':
			return expect.plateScrewV(step.half);
		case 'readLive':
			return expect.liveV(step.half);
		case 'proveTester':
			return expect.sourceV(source) ?? 0;
		case 'readPair':
			return expect.pairV(step.pair);
	}
}

/** What an instrument should show at a step. */
export function expectedWords(
	step: VoltsStep,
	expect: Expectations,
	instrument: Instrument,
	source: string
): string {
	const volts = expectedV(step, expect, source);
	if (volts < deadBelowV) return instrument === 'indicator' ? w.dark : expectedDeadWords;
	if (wantsDead(step) || instrument === 'multimeter') return w.about(voltsWord(volts));
	return instrument === 'lamp' ? w.lit : w.litToV(volts > 200 ? 230 : 120);
}

/** What is asked of the simulated instruments at a step. */
export function askedOf(step: VoltsStep, instrument: Instrument, mode: MeterMode, source: string) {
	switch (step.kind) {
		case 'readLive':
			return { what: 'live', half: step.half, instrument };
		case 'readGroundEarth':
			return { what: 'groundEarth', half: step.half, of: step.of, instrument, mode };
		case 'readPlateScrew':
			return { what: 'plateScrew', half: step.half, instrument };
		case 'proveTester':
			return { what: 'source', source, instrument };
		case 'readPair':
			return { what: 'pair', pair: step.pair, instrument, mode };
	}
}

/** What is said with a reading at a step. */
export function saidWith(step: VoltsStep, reading: VoltReading, source: string): Command {
	switch (step.kind) {
		case 'readLive':
		case 'readPlateScrew':
			return { kind: step.kind, half: step.half, reading };
		case 'readGroundEarth':
			return { kind: 'readGroundEarth', half: step.half, of: step.of, reading };
		case 'proveTester':
			return { kind: 'proveTester', when: step.when, source, reading };
		case 'readPair':
			return { kind: 'readPair', pair: step.pair, reading };
	}
}
