import { expect, test } from 'vitest';
import { arrangements, here } from '../arrangements';
import { familyOf, type PartId } from '../devices';
import { asRecorded, conducting, endId, moves, suppliesFor, wanted, type End, type Feed } from '.';

/** What lies ready for a part in one of the arrangements, whose cables are 14 AWG or 2.5 mm². */
function laidOut(kind: string, part: PartId, feed: Feed, switched: 'keep' | 'alwaysOn' = 'keep') {
	const house = arrangements.find((each) => each.kind === kind)!.build({ boxMaterial: 'metal' });
	const made = wanted(house, here, {
		device: familyOf(part).made(house.region === 'us' ? 15 : 13),
		feed,
		switched,
		supply: ['c2'],
		wireEnd: 'clampPlate',
		connector: 'lever'
	});
	if (!made.ok) throw new Error(made.refusal.code);
	const found = asRecorded(house, here);
	const roles = new Map(
		[found, made.wiring].flatMap((wiring) =>
			conducting(house, here, wiring).map(({ end, role }) => [endId(end), role] as const)
		)
	);
	const work = moves(found, made.wiring, (end: End) => roles.get(endId(end))!);
	return suppliesFor(house, here, made.wiring, work);
}

test('pigtails made for two cables: a connector for three and a tail, for hot and for neutral', () => {
	const { connectors, tails, caps, notches } = laidOut('middleThrough', 'duplex', 'pigtails');
	const lively = connectors.filter(({ wires }) => wires === 3);
	expect(lively.length).toBeGreaterThanOrEqual(2);
	expect(lively).toContainEqual({ how: 'lever', wires: 3, size: '14AWG' });
	expect(tails.map(({ role }) => role)).toEqual(expect.arrayContaining(['hot', 'neutral']));
	expect(tails.every(({ size }) => size === '14AWG')).toBe(true);
	expect([caps, notches]).toEqual([0, ['14AWG']]);
});

test('the same again uses up nothing; a switched end that isn’t used any more, one cap', () => {
	expect(laidOut('middleThrough', 'decorator', 'asFound')).toMatchObject({
		connectors: [],
		tails: [],
		caps: 0
	});
	expect(laidOut('halfSwitched', 'usb', 'asFound', 'alwaysOn').caps).toBe(1);
	// uk: the earth of a flat cable is thinner than its line, and has a notch of its own.
	expect(laidOut('ring', 'usbTwin', 'asFound').notches.toSorted()).toEqual(['1.5mm2', '2.5mm2']);
});
