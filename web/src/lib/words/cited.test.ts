import { describe, expect, it } from 'vitest';
import { fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { initialJob, planJob } from '@wary/core/job';
import { planOf } from '../../../../core/test/person';
import { inEdition } from '$words/cited';
import { dueWords } from '$words/due';
import { stepWords } from '$words/steps';
import { workFailureWords } from '$words/work';
import { dueOf } from '@wary/core/observations';

describe('what is cited', () => {
	it('is the edition that the home goes by, in steps, in what is due and in what a plan fails on', () => {
		for (const edition of ['2017', '2020', '2023'] as const) {
			const house = { ...fennelLaneRecorded(), edition };
			const plan = planOf(house, 'living-bookcase');
			const said = stepWords({ kind: 'inspect' }, { house, plan, state: initialJob(plan) });
			expect(said.rule).toContain(`NEC ${edition} 110.12(B)`);
			const due = dueOf(house).find(({ kind }) => kind === 'noPlaceForGround')!;
			expect(dueWords(due, house).why).toContain(`NEC ${edition} 406.4(D)(2)`);
			const failing = planJob(house, 'reading-stove-wall', 'groundFirst', {
				part: 'duplex',
				feed: 'asFound',
				switched: 'keep',
				connector: 'lever',
				wireEnd: 'clampPlate'
			});
			if (failing.ok || failing.failure.code !== 'planFails') throw new Error('it was to fail');
			const at = { house, boxId: 'reading-stove-wall', region: 'us', wirings: [] } as const;
			expect(workFailureWords(failing.failure, at)).toContain(`NEC ${edition} 406.4(D)(2)`);
		}
	});

	it('leaves every other word and every other book alone', () => {
		expect(inEdition('HSE GS38; NEC 20200; 2020', { region: 'us', edition: '2023' })).toBe(
			'HSE GS38; NEC 20200; 2020'
		);
		expect(inEdition('NEC 2020 314.20', tanneryRow())).toBe('NEC 2020 314.20');
	});
});
