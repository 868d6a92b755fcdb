import { describe, expect, it } from 'vitest';
import { points } from '../house';
import {
	capabilities,
	provesDead,
	readVoltageV,
	sceneOf,
	scenes,
	showIn,
	testers,
	type SceneKind,
	type TesterKind
} from './index';

/** What the trade says each instrument can miss (a dark lamp, a second circuit, a shielded cable), against what the models show. */
const misses: Record<TesterKind, SceneKind[]> = {
	multimeter: [],
	lowImpedanceMeter: [],
	indicator: [],
	plugTester: ['openGroundToo', 'secondCircuit'],
	contactless: ['shielded'],
	lamp: ['openNeutral', 'openGroundToo', 'otherHalf', 'secondCircuit']
};

describe.each(['us', 'uk'] as const)('what instruments can prove, %s', (region) => {
	const all = capabilities(region);
	it('each misses what it is known to miss, and nothing else', () => {
		for (const tester of testers) {
			const missed = all
				.filter((one) => one.tester === tester && one.verdict === 'misses')
				.map(({ scene }) => scene);
			expect([tester, missed]).toEqual([
				tester,
				misses[tester].filter((scene) => region === 'us' || scene !== 'otherHalf')
			]);
			expect(provesDead(region, tester)).toBe(misses[tester].length === 0);
		}
	});

	it('what a scene calls alive stands at full voltage to earth, and shielded or not there is something in all but one', () => {
		const nominalV = region === 'us' ? 120 : 230;
		for (const kind of scenes) {
			const scene = sceneOf(kind, region);
			if (!scene) continue;
			expect([kind, scene.alive.length]).toEqual([kind, kind === 'phantom' ? 0 : 1]);
			const black = points.earth(scene.house.panels[0]!.id);
			for (const red of scene.alive)
				expect(readVoltageV(scene.house, { red, black }, 'lowImpedance') / nominalV, kind).toBeCloseTo(1, 1);
		}
	});

	it('says where each was held: in the faces, at the ends in the box, and what it said there', () => {
		const scene = sceneOf('wrongBreaker', region)!;
		const half = region === 'us' ? 'upper' : 'left';
		const hot = points.contact(scene.box, half, 'hot');
		const [cable] = scene.alive;
		expect(showIn(scene, 'lamp')).toEqual([{ at: [hot], value: true, says: 'alive' }]);
		expect(showIn(scene, 'plugTester')[0]).toEqual({ at: [hot], value: true, says: 'alive' });
		// Held to the ends of hot and neutral, not of the ground.
		const contactless = showIn(scene, 'contactless');
		expect(contactless).toHaveLength(2);
		expect(contactless).toContainEqual({ at: [cable], value: true, says: 'alive' });
		expect(contactless.filter(({ says }) => says === 'nothing')).toHaveLength(1);
		expect(showIn(scene, 'indicator')).toContainEqual({
			at: [hot, points.contact(scene.box, half, 'neutral')],
			value: region === 'us' ? 120 : 230,
			says: 'alive'
		});
		const quiet = sceneOf('openGroundToo', region)!;
		for (const tester of ['lamp', 'plugTester'] as const)
			for (const shown of showIn(quiet, tester))
				expect([shown.value, shown.says]).toEqual([false, 'nothing']);
	});

	it('what is only induced fools a sensitive meter, not one that draws current', () => {
		const verdict = (tester: TesterKind) =>
			all.find((one) => one.tester === tester && one.scene === 'phantom')!.verdict;
		expect(['unclear', 'falseAlarm']).toContain(verdict('multimeter'));
		expect([verdict('lowImpedanceMeter'), verdict('plugTester')]).toEqual(['right', 'right']);
		// 200 kΩ drain most of it: at 230 V its lowest mark may still glow.
		expect(['right', 'unclear']).toContain(verdict('indicator'));
	});

	it('with the neutral open the lamp is dark and the hot stands at full voltage to ground', () => {
		const scene = sceneOf('openNeutral', region)!;
		expect(showIn(scene, 'lamp').map(({ value }) => value)).toEqual([false]);
		const nominalV = region === 'us' ? 120 : 230;
		const toGround = showIn(scene, 'lowImpedanceMeter').filter(
			({ at }) => at[0]!.endsWith('.hot') && at[1]!.endsWith('.ground')
		);
		for (const { value } of toGround) expect(value).toBeCloseTo(nominalV, 0);
	});

	it('half of the nominal voltage stands on a hot that floats between a live one and ground: equal couplings divide it', () => {
		const scene = sceneOf('phantom', region)!;
		const hot = showIn(scene, 'multimeter').find(
			({ at }) => at[0]!.endsWith('.hot') && at[1]!.endsWith('.ground')
		)!;
		const nominalV = region === 'us' ? 120 : 230;
		// 75 pF/m for 14 m (10 m to the box, 4 m on) against the meter's 100 pF and 10 MΩ: somewhat under a half.
		expect(hot.value).toBeGreaterThan(nominalV * 0.3);
		expect(hot.value).toBeLessThan(nominalV * 0.5);
	});
});

it('a device without halves has no other half to be fed: the scene is left out in the uk', () => {
	expect(sceneOf('otherHalf', 'uk')).toBeNull();
});
