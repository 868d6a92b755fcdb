import { findBox, placeName, type House } from '@wary/core/house';
import type { Due } from '@wary/core/observations';
import { allInEdition } from './cited';
import { day } from './dates';
import { capital, namedBreakers, terms } from './terms';
import { worryWords } from './worries';

/** What Today says of one thing that is due: what it is, why, and the first thing to do about it. */
export interface DueWords {
	readonly key: string;
	readonly title: string;
	readonly what: string;
	/** As it was noted, in somebody’s own words. */
	readonly noted: string;
	readonly why: string;
	readonly act: string;
	/** Under the home’s address. */
	readonly path: string;
	/** Further things of the same kind, each with its own first step. */
	readonly more: readonly { readonly text: string; readonly path: string }[];
}

const shownAtMost = 8;

export const dueWords = (due: Due, house: House): DueWords => allInEdition(wordsOf(due, house), house);

function wordsOf(due: Due, house: House): DueWords {
	const t = terms[house.region];
	const place = (boxId: string) => {
		const box = findBox(house, boxId);
		return box ? placeName(house, box) : boxId;
	};
	switch (due.kind) {
		case 'worry': {
			const { what, why } = worryWords[due.worry.kind];
			return {
				key: due.worry.id + due.boxId,
				title: place(due.boxId),
				// What has no name of its own is called by what was noted.
				what: `${due.worry.kind === 'other' && due.worry.note ? due.worry.note : what} Seen ${day(due.worry.seen, t.locale)}.`,
				noted: due.worry.kind === 'other' ? '' : due.worry.note,
				why,
				act: `See the ${t.outlet}`,
				path: `/outlet/${due.boxId}`,
				more: []
			};
		}
		case 'contradicted':
			return {
				key: due.breaker,
				title: `${capital(namedBreakers(house, due.breaker))} is labelled wrong`,
				what: `Its label was caught out on ${day(due.by.on, t.locale)}: with it off, ${place(due.by.box)} stayed live.`,
				noted: '',
				why: `Whoever trusts that label switches off the wrong one. Find out what it does feed, or take the label off the directory.`,
				act: `Put its label right`,
				path: `/house?breaker=${encodeURIComponent(due.breaker)}`,
				more: [{ text: `Find what feeds ${place(due.by.box)}`, path: `/find/${due.by.box}` }]
			};
		case 'noPlaceForGround': {
			const [first, ...rest] = due.boxes as [string, ...string[]];
			const several = rest.length > 0;
			const lone = `/plan/${first}?part=duplex&feed=asFound${several ? `&with=${rest.join(',')}` : ''}`;
			if (due.guarded)
				return {
					key: `ground ${due.breaker}`,
					title: `${several ? `${due.boxes.length} two-slot outlets` : place(first)} without a ground, behind a GFCI`,
					what: several ? `${due.boxes.map(place).join('; ')}.` : 'Nothing with a ground pin goes in.',
					noted: '',
					why: `An adapter only makes up a ground. Behind a GFCI three-slot outlets are allowed without one, and the plate says so (NEC 2020 406.4(D)(2)(c)). Another GFCI adds nothing.`,
					act: several ? 'Plan them as one job' : 'Plan one here',
					path: lone,
					more: []
				};
			return {
				key: `ground ${due.breaker}`,
				title: several
					? `${due.boxes.length} two-slot outlets without a ground, on ${namedBreakers(house, due.breaker)}`
					: `${place(first)}: two slots, no ground`,
				what: several ? `${due.boxes.map(place).join('; ')}.` : 'Nothing with a ground pin goes in.',
				noted: '',
				why: `An adapter only makes up a ground. ${several ? 'One GFCI at the first of them guards them all, ground or none, and the plates say so' : 'A GFCI guards without one, and the plate says so'} (NEC 2020 406.4(D)(2)).`,
				act: several ? 'Plan them as one job' : 'Plan a GFCI here',
				path: `/plan/${first}?part=gfci&feed=${several ? 'protected' : 'asFound'}${several ? `&with=${rest.join(',')}` : ''}`,
				more: []
			};
		}
		case 'unprotected': {
			const [first, ...rest] = due.boxes as [string, ...string[]];
			const { code, edition, clause } = due.asked;
			const uk = house.region === 'uk';
			return {
				key: 'unprotected',
				title:
					rest.length > 0
						? `${due.boxes.length} ${t.outlet}s where today’s rules ask for more`
						: `${place(first)}: today’s rules ask for more`,
				what: `${due.boxes.slice(0, 3).map(place).join('; ')}${due.boxes.length > 3 ? '; and more' : ''}.`,
				noted: '',
				why: uk
					? `By its name this is a room with a bath or shower: a distance is asked there, which no part meets. Ask a ${t.handTo} (${code} ${edition}: ${clause}).`
					: `Near water or outdoors a GFCI is asked when an outlet is replaced, and nothing guards these by the record (${code} ${edition} 406.4(D)(3), ${clause}).`,
				act: uk ? `See the ${t.outlet}` : `Plan a GFCI at ${place(first)}`,
				path: uk ? `/outlet/${first}` : `/plan/${first}?part=gfci&feed=asFound`,
				more: [
					...(uk ? [] : [{ text: 'Who guards whom, and the fewest that would do', path: '/protection' }]),
					...rest.slice(0, shownAtMost).map((box) => ({
						text: uk ? `See ${place(box)}` : `Plan a GFCI at ${place(box)}`,
						path: uk ? `/outlet/${box}` : `/plan/${box}?part=gfci&feed=asFound`
					}))
				]
			};
		}
		case 'sharedNeutral': {
			const names = due.breakers.map((id) => namedBreakers(house, id));
			return {
				key: `neutral ${due.breakers.join()}`,
				title: `${capital(names.join(' and '))} share a neutral, and can be switched apart`,
				what: due.box === null ? 'No outlet on it is on record.' : `${place(due.box)} hangs on it.`,
				noted: '',
				why:
					house.region === 'uk'
						? `With one off, its neutral can be alive from the other. A ${t.handTo} parts them.`
						: `With one off, the neutral can be alive from the other; opened alive it puts up to 240 V on what is plugged in. Their handles are tied, or it is one two-pole breaker (NEC 210.4(B)): the parts behind the cover are an electrician’s. If they are tied already, put it on record.`,
				act: `See the ${t.breaker}s`,
				path: `/house?breaker=${encodeURIComponent(due.breakers[0]!)}`,
				more: due.box === null ? [] : [{ text: `See ${place(due.box)}`, path: `/outlet/${due.box}` }]
			};
		}
		case 'testFailed': {
			const { box, failed } = due.test;
			return {
				key: `failed ${box}`,
				title: `${place(box)}: its test button ${failed === 'noReset' ? 'didn’t reset' : 'did nothing'}`,
				what: `Pressed ${due.test.last ? day(due.test.last, t.locale) : 'last'}${failed === 'noReset' ? '; it stayed dark' : '; what is on it stayed lit'}.`,
				noted: '',
				why: `It guards nobody, whatever its light says. Use nothing there until it is replaced.`,
				act: `Replace it`,
				path: `/outlet/${box}`,
				more: [{ text: 'Press it again', path: '/log' }]
			};
		}
		case 'testDue': {
			const [first, ...rest] = due.tests;
			return {
				key: 'tests',
				title:
					rest.length > 0
						? `${due.tests.length} test buttons want pressing`
						: `${place(first!.box)}: its test button wants pressing`,
				what: `${due.tests
					.slice(0, 3)
					.map(
						({ box, last }) => `${place(box)}, ${last ? `last ${day(last, t.locale)}` : 'never written down'}`
					)
					.join('; ')}${due.tests.length > 3 ? '; and more' : ''}.`,
				noted: '',
				why:
					house.region === 'uk'
						? 'A residual device can wear out without a sign; its button, every six months, is what shows it.'
						: 'A GFCI can wear out without a sign; its makers ask for the button once a month. A minute, with a lamp plugged in.',
				act: 'Press them, and write it down',
				path: '/log',
				more: []
			};
		}
		case 'unplaced':
			return {
				key: 'unplaced',
				title: `${due.boxes.length} ${t.outlet}${due.boxes.length === 1 ? '' : 's'} without ${t.aBreaker}`,
				what: `Nobody has found yet what feeds ${due.boxes.length === 1 ? place(due.boxes[0]!) : 'these'}.`,
				noted: '',
				why: 'A lamp or a radio and a few walks find it, and the directory learns it.',
				act: `Find the ${t.breaker} of ${place(due.boxes[0]!)}`,
				path: `/find/${due.boxes[0]!}`,
				more: due.boxes
					.slice(1, shownAtMost)
					.map((box) => ({ text: `Find the ${t.breaker} of ${place(box)}`, path: `/find/${box}` }))
			};
		case 'earthingUnsaid':
			return {
				key: 'earthing',
				title: 'How is the supply earthed?',
				what: 'Nobody has said; TN-C-S is assumed.',
				noted: '',
				why: 'It decides what a reading to earth should be. A look where the supply comes in tells; nothing is opened for it.',
				act: 'Say what you see there',
				path: '/house#earthing',
				more: []
			};
		case 'unproven':
			return {
				key: 'unproven',
				title: `${due.breakers.length} ${t.breaker}${due.breakers.length === 1 ? ' known by its label' : 's known by their labels'} alone`,
				what: `Somebody wrote what they feed; nobody has tested it.`,
				noted: '',
				why: `A label is a claim. The next ${t.outlet} that has to be dead is found faster, and more safely, once its ${t.breaker} was tested.`,
				act: `Test ${namedBreakers(house, due.breakers[0]!.breaker)} at ${place(due.breakers[0]!.box)}`,
				path: `/find/${due.breakers[0]!.box}`,
				more: due.breakers.slice(1, shownAtMost).map(({ breaker, box }) => ({
					text: `Test ${namedBreakers(house, breaker)} at ${place(box)}`,
					path: `/find/${box}`
				}))
			};
	}
}
