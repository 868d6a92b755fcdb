import { randomUUID } from 'node:crypto';
import { fennelLaneRecorded, tanneryRow } from '@wary/core/demo';
import { describe, expect, it } from 'vitest';
import { workPlanOf } from '../../../../core/test/everyState';
import { planOf } from '../../../../core/test/person';
import { everyCommand } from '../../../../core/test/walk';
import { commandSchema, foundAsRecorded, type Command } from '@wary/core/job';
import { appendSchema, instrumentSchema, startSchema } from './commandSchema';

const append = (command: unknown) => ({
	id: randomUUID(),
	at: '2026-11-24T10:00:00Z',
	expectedVersion: 0,
	command
});
/** What the walks leave out: what is said beside the steps, with nothing that leads on. */
const besides: Command[] = [
	{ kind: 'note', text: 'the plate was painted over' },
	{ kind: 'fixLabel', label: 'noEquipmentGround' },
	{ kind: 'deadFromStart', half: 'lower', witness: 'sewing-closet' },
	{ kind: 'readWitness', box: 'sewing-closet', lit: false },
	{ kind: 'seeControlled', when: 'on', lit: true },
	{ kind: 'planAnew', found: foundAsRecorded(fennelLaneRecorded(), 'living-bookcase') },
	{ kind: 'readPlateScrew', half: 'upper', reading: { instrument: 'indicator', litV: 120 } },
	{ kind: 'landAt', move: 'land hotUpper', terminal: 'hotLower' },
	{ kind: 'addBox', box: 'sewing-closet', wish: null },
	{ kind: 'dropBox', box: 'sewing-closet' },
	{ kind: 'arranged', thing: 'monitor', how: 'on its battery, somebody sits by' },
	{ kind: 'searched', event: { kind: 'answer', off: ['b11'], answer: 'dark', by: 'lamp' } },
	{ kind: 'searched', event: { kind: 'signal', strongest: null } },
	{
		kind: 'readOutlet',
		half: 'upper',
		hotNeutral: { instrument: 'multimeter', volts: 120, mode: 'highImpedance' },
		neutralEarth: { instrument: 'indicator', litV: 0 }
	},
	{
		kind: 'searchBy',
		settings: { means: 'lamp', hearing: 0.95, walkS: 60, sets: true, keepOn: ['b16'] }
	},
	{
		kind: 'amendVolts',
		of: randomUUID(),
		reading: { instrument: 'multimeter', volts: 0.2, mode: 'highImpedance' }
	},
	{
		kind: 'autopsy',
		autopsy: {
			looks: 'scorched',
			grip: 'none',
			hotNeutral: { kind: 'overload' },
			hotGround: null,
			through: { kind: 'ohms', resistanceOhm: 4 }
		}
	}
];
const commands = [
	...[
		...everyCommand(planOf(fennelLaneRecorded(), 'sewing-east-wall')),
		...everyCommand(planOf(tanneryRow(), 'box-room-desk')),
		...everyCommand(
			workPlanOf(fennelLaneRecorded(), 'living-bookcase', {
				part: 'gfci',
				feed: 'protected',
				switched: 'keep',
				connector: 'lever',
				wireEnd: 'clampPlate'
			})
		)
		// A walk’s readings have other ids than a job’s.
	].filter(({ kind }) => kind !== 'amendVolts'),
	...besides
];
/** Every kind of command, written down by hand: what a build knows of, the next one has to take. */
const kinds =
	`addBox amendVolts arranged autopsy cap changed checkNeighbour checkPart checkTools checkWork confirm deadFromStart decideProtection dropBox finish fixLabel foundConductor
grip hold inspect landAt lookOver move note planAnew proveEarth proveTester readAsFound readBaseline readEnds readGroundEarth readLive readLiveGround readLoaded readOhms readOutlet readPair
readPlateScrew readPlug readSupplyOhms readSupplyVolts readWitness reopen restorePower searchBy searched seeControlled stop supplyWay switchBreaker takeOff tidyDirectory
touchSupply trySupply`.split(/\s+/);

describe('what the routes take', () => {
	it('is every kind of command, no fewer and no more, each with one to try', () => {
		expect(commandSchema.options.map(({ shape }) => shape.kind.value).toSorted()).toEqual(kinds);
		expect([...new Set(commands.map(({ kind }) => kind))].toSorted()).toEqual(kinds);
	});

	it('is every command that the procedure knows, unchanged', () => {
		for (const command of commands) expect(appendSchema.parse(append(command)).command).toEqual(command);
	});

	it('is nothing with a key too many, a key missing or another kind', () => {
		for (const command of commands) {
			expect(appendSchema.safeParse(append({ ...command, extra: 1 })).success).toBe(false);
			expect(appendSchema.safeParse(append({ ...command, kind: `${command.kind}!` })).success).toBe(false);
			for (const key of Object.keys(command).filter((each) => each !== 'kind' && each !== 'counts'))
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
