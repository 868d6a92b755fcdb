import { randomUUID } from 'node:crypto';
import { fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { describe, expect, it } from 'vitest';
import { planOf } from '../../../../core/test/person';
import { everyCommand } from '../../../../core/test/walk';
import { appendSchema, instrumentSchema, startSchema } from './commandSchema';

const append = (command: unknown) => ({
	id: randomUUID(),
	at: '2026-11-24T10:00:00Z',
	expectedVersion: 0,
	command
});
const commands = [
	...everyCommand(planOf(fennelLaneRecorded(), 'sewing-east-wall')),
	...everyCommand(planOf(tanneryRow(), 'box-room-desk'))
];

describe('what the routes take', () => {
	it('is every command that the procedure knows, unchanged', () => {
		for (const command of commands) expect(appendSchema.parse(append(command)).command).toEqual(command);
	});

	it('is nothing with a key too many, a key missing or another kind', () => {
		for (const command of commands) {
			expect(appendSchema.safeParse(append({ ...command, extra: 1 })).success).toBe(false);
			expect(appendSchema.safeParse(append({ ...command, kind: `${command.kind}!` })).success).toBe(false);
			for (const key of Object.keys(command).filter((each) => each !== 'kind'))
				expect([
					command.kind,
					key,
					appendSchema.safeParse(append({ ...command, [key]: undefined })).success
				]).toEqual([command.kind, key, false]);
		}
	});

	it.each([
		['an id that is none', { ...append(commands[0]), id: 'x' }],
		['a time that is none', { ...append(commands[0]), at: 'yesterday' }],
		['a version below nothing', { ...append(commands[0]), expectedVersion: -1 }],
		[
			'a reading that is no number',
			append({
				kind: 'readLive',
				half: 'upper',
				reading: { instrument: 'multimeter', volts: '120', mode: 'highImpedance' }
			})
		],
		[
			'a mark no indicator has',
			append({ kind: 'readLive', half: 'upper', reading: { instrument: 'indicator', litV: 100 } })
		],
		['an empty note', append({ kind: 'note', text: '   ' })]
	])('not %s', (_, body) => expect(appendSchema.safeParse(body).success).toBe(false));

	it('a start without a name, an instrument nobody has', () => {
		expect(startSchema.safeParse({ id: randomUUID(), boxId: 'x', who: ' ' }).success).toBe(false);
		expect(startSchema.parse({ id: randomUUID(), boxId: 'x', who: ' A ' })).toMatchObject({
			who: 'A',
			school: 'groundFirst'
		});
		expect(
			instrumentSchema.safeParse({ what: 'pair', pair: 'p', instrument: 'thumb', lowImpedance: false })
				.success
		).toBe(false);
	});
});
