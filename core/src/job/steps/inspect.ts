import { z } from 'zod';
import { freeText } from '../../text';
import { stopping } from '../conditions';
import { accept } from '../decision';
import { nothingTakenOff } from '../progress';
import { conditions, type Answer, type Condition } from '../vocabulary';
import { answer, name, saying } from './said';
import type { StepModule } from './module';

export const schema = saying(() =>
	z.strictObject({
		kind: z.literal('inspect'),
		answers: z.strictObject(
			Object.fromEntries(
				conditions.map((condition) => [
					condition,
					condition === 'shortButReaches' ? answer.optional() : answer
				])
			) as Record<(typeof conditions)[number], typeof answer>
		),
		where: z.partialRecord(z.enum(conditions), z.array(name).max(20)).optional(),
		note: freeText(500)
	})
);

export const step: StepModule<'inspect'> = {
	kind: 'inspect',
	concerns: 'box',
	record: 'work',
	at: 'work',
	due: (_plan, { inspected }) => (inspected ? null : { kind: 'inspect' }),
	beside: (_context, state, said) => (state.inspected && nothingTakenOff(state) ? accept(said) : null),
	applied: ({ state, said }) => {
		const entries = Object.entries(said.answers) as [Condition, Answer][];
		const ending = entries.filter(([condition]) => stopping.includes(condition));
		const stop = ending.find(([, answered]) => answered === 'yes')?.[0];
		const unsure = ending.some(([, answered]) => answered === 'unsure');
		return {
			...state,
			inspected: true,
			attend: entries.filter(([, answered]) => answered !== 'no').map(([condition]) => condition),
			stops: { ...state.stops, inspect: stop ?? (unsure ? 'unsure' : null) }
		};
	}
};
