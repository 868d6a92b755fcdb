import { describe, expect, test } from 'vitest';
import { device as deviceSchema } from '../house/schema';
import { deviceModel, soldIn as kindSoldIn } from '../house/devices';
import { familyFor, familyOf, partIds, soldIn } from '.';

describe('the catalogue of parts', () => {
	test.each(partIds)('%s: one family, which knows its own part and is known by it', (id) => {
		const family = familyOf(id);
		const part = family.made(family.region === 'us' ? 15 : 13);
		expect(family.id).toBe(id);
		expect(deviceSchema.parse(part)).toEqual(part);
		// No two families claim one part.
		expect(familyFor(part)?.id).toBe(id);
		expect(partIds.filter((other) => familyOf(other).is(part))).toEqual([id]);
		expect(kindSoldIn(part.kind)).toContain(family.region);
		expect(soldIn(family.region)).toContain(family);
	});

	test.each(partIds)('%s: what is said of it is so in its model', (id) => {
		const family = familyOf(id);
		const part = family.made(15);
		const { terminals, protection, links } = deviceModel(part);
		expect('tripped' in part && part.tripped).toBe(family.arrivesTripped);
		// What comes tripped is what opens at a leak, and only that.
		expect(protection?.kind === 'residual').toBe(family.arrivesTripped);
		expect('tabs' in part).toBe(family.halvesApart);
		// A charger draws through a capacitor; a residual part's electronics do too.
		expect(links.some((link) => link.id === 'charger')).toBe(family.usb);
		// LINE's place is asked of a part that tells supply from load, and of no other.
		expect(family.asks.includes('lineAt')).toBe(terminals.some(({ side }) => side === 'load'));
		// Screw terminals us, pillars uk: gauges of the trade, 5/8 in and 8 to 10 mm.
		expect(family.usualGaugeMm).toBe(family.region === 'us' ? 16 : 9);
		expect(family.usualTorqueNm).toBeGreaterThanOrEqual(1);
		expect(family.usualTorqueNm).toBeLessThanOrEqual(2);
	});

	test('a part with a charger or electronics is deeper than the plain one, and its depth is asked', () => {
		for (const [deep, plain] of [
			['usb', 'decorator'],
			['gfci', 'duplex'],
			['gfciUsb', 'gfci'],
			['usbTwin', 'socketTwin'],
			['rcdTwin', 'socketTwin']
		] as const) {
			expect(familyOf(deep).usualDepthMm).toBeGreaterThan(familyOf(plain).usualDepthMm);
			expect(familyOf(deep).asks).toContain('depthMm');
		}
	});
});
