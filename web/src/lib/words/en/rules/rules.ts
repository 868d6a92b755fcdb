import { metresFromBath, type Edition, type Region, type RuleId } from '@wary/core/rules';
import { terms } from '../terms';

/** What a rule says, and what that means for the work; where it stands in the way, what would make it possible. */
export interface RuleWords {
	readonly says: string;
	readonly then: string;
}

/** Every rule in the words of a region. */
export function ruleWords(rule: RuleId, region: Region, edition: Edition): RuleWords {
	const t = terms[region];
	switch (rule) {
		case 'groundingType':
			return {
				says: 'Where a ground comes to the box, the outlet takes one.',
				then: 'Two slots are for boxes without a ground. Take a grounding type.'
			};
		case 'ungroundedAgain':
			return {
				says: 'Without a ground in the box, a two-slot outlet may take the place of a two-slot outlet, and of no other.',
				then: 'A GFCI, marked, is the way on here.'
			};
		case 'noGroundGuarded':
			return {
				says: 'Without a ground in the box, an outlet with three holes stands only behind a GFCI, and its plate says both.',
				then: 'A GFCI before it on the circuit (or in the breaker) makes it possible; or put the GFCI in here. No ground wire runs on between such outlets.'
			};
		case 'noGroundItself':
			return {
				says: 'A GFCI may stand where there is no ground: it opens at a leak without one.',
				then: 'Its plate says “No Equipment Ground”. No ground wire runs on from here.'
			};
		case 'groundFaultPlace':
			return {
				says: 'At this place the new outlet has to be protected against a leak to ground.',
				then: 'By a GFCI here, or one before it on the circuit.'
			};
		case 'arcFaultPlace':
			return {
				says: 'In this room the new outlet has to be protected against arcs.',
				then: `By a dual-function outlet here, one before it, or a combination ${t.breaker}: that one is an electrician’s.`
			};
		case 'arcFaultExtended':
			return {
				says: 'Where a circuit of such a room is extended, it is protected against arcs from its beginning.',
				then: `By a combination ${t.breaker}, which is an electrician’s; or by a dual-function outlet as the first one of the circuit, with all that follows on its LOAD. One at the new end protects nothing of the wire before it.`
			};
		case 'tamper':
			return {
				says: 'Outlets of a dwelling have shutters: “TR” on the face.',
				then: 'Not above 5½ ft, nor in the space of an appliance that stays where it is.'
			};
		case 'weather':
			return {
				says: 'Damp and wet places ask for the weather-resistant kind: “WR” on the face.',
				then: 'Take one that is sold with the mark.'
			};
		case 'inUseCover':
			return {
				says: 'In a wet place the cover closes over a plug that is in.',
				then: 'An “in-use” cover, of the extra-duty kind.'
			};
		case 'rating':
			return {
				says: 'A 15 A circuit has 15 A outlets; a 20 A circuit 15 A or 20 A ones. Breaker and wires decide, never the old outlet.',
				then: 'Take the rating that fits. A larger one invites more than the wires carry.'
			};
		case 'ratingAlone':
			return {
				says: 'A single outlet alone on its circuit has at least the circuit’s rating.',
				then: 'Take the larger rating, or a duplex.'
			};
		case 'sharedNeutral':
			return {
				says: 'A neutral that serves two circuits doesn’t depend on a device.',
				then: 'It is spliced, with one tail to the outlet; nothing of it goes on a load side.'
			};
		case 'groundsSpliced':
			return {
				says: 'The grounds of a box are spliced, so that taking the outlet out opens none of them.',
				then: 'One tail to the outlet, one to a metal box.'
			};
		case 'reachable':
			return {
				says: 'A GFCI has to be within reach: not behind something one would have to move.',
				then: 'Put it before this box, where it guards this one too.'
			};
		case 'boxFill':
			return {
				says: 'What is in the box needs the room it is counted for.',
				then: 'A deeper part wants it the more. A larger box, or an extension, makes it possible.'
			};
		case 'aluminium':
			return {
				says: 'Aluminium wires take devices marked CO/ALR and connectors listed for them.',
				then: `A ${t.handTo} first, whatever is to go in.`
			};
		case 'wantsGround':
			return {
				says: 'Refrigerators, freezers, washers, pumps, computers and hand-held motor tools want a ground.',
				then: 'Without one they aren’t plugged in here, GFCI or no GFCI.'
			};
		case 'secondGuard':
			return {
				says: `There is ${t.aResidual} before it already.`,
				then: 'A second one guards nothing more, and nobody knows which of them opened.'
			};
		case 'weigh':
			return {
				says: 'Something that mustn’t go off unnoticed hangs here or after it.',
				then: 'A leak anywhere behind it takes the power from that too. Weigh it, or leave that on the supply side.'
			};
		case 'oneHalf':
			return {
				says: 'Two circuits end on this outlet, a half each.',
				then: 'Only a part whose tab can be broken keeps them apart.'
			};
		case 'tooDeep':
			return {
				says: 'The part and the folded wires need room behind the face.',
				then:
					region === 'uk'
						? 'A deeper back box, or a spacer under the plate, makes it possible.'
						: 'A deeper box or an extension ring makes it possible.'
			};
		case 'fewer':
			return {
				says: `Fewer ${t.outlet}s than there are now.`,
				then: 'Something may end up on an extension cord.'
			};
		case 'insulationTest':
			return {
				says: 'USB draws by itself.',
				then: 'Unplugged, or line and neutral tested together at 250 V, when somebody insulation-tests the circuit.'
			};
		case 'earthed':
			return {
				says: 'Every socket has to be earthed.',
				then: `No earth comes to this box: a ${t.handTo} finds out why before anything goes in.`
			};
		case 'addsWithoutResidual':
			return {
				says: 'Adding a socket asks for a 30 mA RCD on it; nothing on record has one.',
				then: `A ${t.handTo} fits one in the ${t.panel}. The same number of sockets may go back meanwhile.`
			};
		case 'residualAdvised':
			return {
				says: 'Sockets are to have a 30 mA RCD; nothing on record has one.',
				then: 'It doesn’t stand in the way of a like-for-like change. Have one fitted.'
			};
		case 'faceOnly':
			return {
				says: 'A socket with its own RCD guards what is plugged in there.',
				then: 'Not the cable in the wall, and not the next sockets.'
			};
		case 'bathDistance':
			return {
				says: `No socket within ${metresFromBath[edition] ?? ''} m of zone 1 of a bath or shower.`,
				then: `Nothing that goes in makes it allowed. A ${t.handTo} moves or removes it.`
			};
		case 'indoorsOnly':
			return {
				says: 'Damp and wet places ask for a socket in an enclosure made for them.',
				then: 'None of these is. Get one with its rating (IP) on it.'
			};
		case 'metalFace':
			return {
				says: 'A metal plate has to be earthed, and shown to be.',
				then: 'Read from the earth pin to the plate before power.'
			};
		case 'earthTail':
			return {
				says: 'A metal box has its own earth tail from the socket.',
				then: 'Asked where neither lug is fixed and no armour or conduit earths it; good everywhere.'
			};
		case 'oneOnSpur':
			return {
				says: 'On an unfused spur stands one single or one twin.',
				then: 'This one stands alone on it; nothing is added behind it.'
			};
		case 'spurFromSpur':
			return {
				says: 'An unfused spur feeds one socket, and this branch has more.',
				then: `A ${t.handTo} puts it right (a fused connection unit, or into the ring) before anything goes in.`
			};
		case 'rating13':
			return { says: 'Sockets are 13 A, to BS 1363.', then: 'Take one of those.' };
	}
}
