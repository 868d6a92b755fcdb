import type { ArrangementKind, BoxSeen, SettlingTest, WiredWay } from '@wary/core/arrangements';
import { terms } from './terms';

/** How a box is met: its name, and what one would see. */
export const arrangementWords: Record<ArrangementKind, { readonly name: string; readonly seen: string }> = {
	endOfRun: { name: 'End of the run', seen: 'one cable' },
	middleThrough: {
		name: 'Middle of the run, through the device',
		seen: 'two cables, each on its own screws'
	},
	middlePigtails: {
		name: 'Middle of the run, with pigtails',
		seen: 'two cables spliced, tails to the device'
	},
	branch: { name: 'Branch', seen: 'three cables spliced' },
	halfSwitched: { name: 'Half switched', seen: 'red and black on the hot side, tab broken' },
	twoCircuits: {
		name: 'Two circuits on one device',
		seen: 'red and black on the hot side, one shared neutral'
	},
	sharedNeutralMiddle: { name: 'Shared neutral, passing on', seen: 'a three-wire cable in and out' },
	throughGfci: { name: 'Supply through a GFCI', seen: 'supply side in, load side out' },
	behindGfci: { name: 'Behind a GFCI', seen: 'two cables; the outlet before protects' },
	ungrounded: { name: 'Ungrounded', seen: 'two wires a cable, two slots' },
	metalPath: { name: 'Ground by the metal', seen: 'armored cable, the box is the ground path' },
	passingThrough: { name: 'A second circuit passes through', seen: 'a cable that doesn’t touch the device' },
	radialEnd: { name: 'End of a radial', seen: 'one cable' },
	radialMiddle: { name: 'Middle of a radial', seen: 'two cables in the pillars' },
	ring: { name: 'On a ring', seen: 'two cables; it looks like a radial' },
	spur: { name: 'On a spur', seen: 'one cable; it looks like the end of a radial' },
	ringWithSpur: { name: 'Ring with a spur off it', seen: 'three cables in the pillars' },
	fusedSpur: { name: 'Fused spur', seen: 'supply in, fused load out' }
};

/** What to measure to tell arrangements apart. */
export function settlingWords(test: SettlingTest, region: 'us' | 'uk'): string {
	const t = terms[region];
	switch (test) {
		case 'oneBreakerOff':
			return `with its own ${t.breaker} off, every conductor to ${t.ground}: is anything still alive?`;
		case 'upstreamTest':
			return 'with power on, press test at the outlet before: does this one go dark?';
		case 'neutralToGround':
			return `proven dead, wires off and apart: on how many cables does ${t.neutral} to ${t.ground} read under 2 Ω?`;
		case 'endToEnd':
			return `proven dead, wires off and apart: is ${t.hot} to ${t.hot} of two cables continuous?`;
	}
}

/** What a settling test may show. */
export function settlingOutcomeWords(shows: string, region: 'us' | 'uk'): string {
	const bonded = /^bonded(\d+)$/.exec(shows);
	if (bonded) return bonded[1] === '0' ? 'On none' : `On ${bonded[1]}`;
	return (
		{
			somethingAlive: 'Something is alive',
			allDead: 'All dead',
			nothingToPress: 'There is no test button before it',
			staysOn: 'It stays on',
			goesDark: 'It goes dark',
			endToEnd: 'Continuous',
			apart: region === 'us' ? 'Open' : 'Not continuous'
		}[shows] ?? shows
	);
}

const wiredWords: Record<WiredWay, string> = {
	ownScrews: ', straight to the device',
	pigtails: ', spliced, with pigtails',
	sides: ', on supply and load sides',
	unsure: ''
};

/** A box as somebody saw it: “two cables, spliced, with pigtails”. */
export const seenWords = ({ cables, wired }: BoxSeen): string =>
	`${['no', 'one', 'two', 'three', 'four', 'five'][cables.length] ?? cables.length} cable${cables.length === 1 ? '' : 's'}${wiredWords[wired]}`;
