import { describeProblem } from './problems';
import { findBox, findCircuit, placeName, type Edited, type EditRefusal, type House } from '@wary/core/house';
import { breakerName, sizeWords, terms } from './terms';

/** Why a change to the house can't be made, and what to do. */
export function editRefusalWords(
	refusal: EditRefusal | { readonly code: 'jobUnderWay'; readonly box: string },
	house: House
): string {
	const t = terms[house.region];
	const place = (id: string) => {
		const box = findBox(house, id);
		return box ? placeName(house, box) : id;
	};
	const circuit = (id: string) => findCircuit(house, id)?.name ?? id;
	switch (refusal.code) {
		case 'unknown':
			return `There is no ${refusal.what} “${refusal.id}” any more.`;
		case 'roomInUse':
			return `${refusal.boxes} box${refusal.boxes === 1 ? ' is' : 'es are'} in this room. Move or remove them first.`;
		case 'breakerInUse':
			return `${breakerName(house, refusal.breaker)} feeds ${refusal.circuits.join(', ')}. Move that to another ${t.breaker} first.`;
		case 'circuitInUse':
			return `${refusal.boxes} box${refusal.boxes === 1 ? ' is' : 'es are'} on this circuit. Move them off first.`;
		case 'panelInUse':
			return `${refusal.breakers} ${t.breaker}${refusal.breakers === 1 ? ' is' : 's are'} in this panel. Remove them first.`;
		case 'nameTaken':
			return `“${refusal.name}” is there already. Choose another name.`;
		case 'onTwoChains':
			return `${place(refusal.box)} would be on ${refusal.circuits.map(circuit).join(' and ')}. Take it off the one first; a box that really has two is entered in the house file.`;
		case 'notOnThisCircuit':
			return `${place(refusal.box)} isn’t on ${circuit(refusal.circuit)}.`;
		case 'afterItself':
			return 'An outlet can’t come after itself: the chain would go round.';
		case 'notBeside':
			return `${place(refusal.box)} can’t sit in one box with ${place(refusal.with)}: that is another room, or itself.`;
		case 'nothingToSplit':
			return `The circuit can’t be split at ${place(refusal.box)}: nothing comes before it, or it is a ring. Move the whole circuit to the other ${t.breaker} instead.`;
		case 'otherRegion':
			return `That house is of the other region (${refusal.region}).`;
		case 'otherBook':
			return `“${refusal.edition}” is an edition of the other region’s code book.`;
		case 'notAnOutlet':
			return `${place(refusal.box)} has no ${t.outlet}: nothing can be plugged in.`;
		case 'wiredByHand':
			return 'Two circuits or a switched wire end in that box: what each wire does would be lost. Plan another part for it instead, or change it on the bench and in the house file.';
		case 'notWiredThatWay':
			return refusal.way === 'ownScrews'
				? `${place(refusal.box)} has more cables than its ${t.outlet} has screws for: they are spliced.`
				: `${place(refusal.box)} can’t be wired with pigtails on record.`;
		case 'cableTooThick':
			return `The cable of that circuit, ${sizeWords(refusal.size)}, is too thick for the terminals there, which take ${sizeWords(refusal.takes)}.`;
		case 'blankTakesOne':
			return 'More than one cable comes to this box. Nothing fitted yet is for the end of a single one.';
		case 'noRing':
			return `${circuit(refusal.circuit)} leaves the ${t.panel} more than once, so it can’t be made a ring here. Enter it in the house file.`;
		case 'tooLarge':
			return `There are too many ${refusal.what} for one home.`;
		case 'jobUnderWay':
			return `A job is under way at ${place(refusal.box)}. Finish or stop it first.`;
	}
}

/** Why a change as a whole isn’t made: one that can’t be, or one that would leave a house that can’t be. */
export const editedRefusalWords = (
	refusal: Extract<Edited, { ok: false }>['refusal'] | { readonly code: 'jobUnderWay'; readonly box: string },
	house: House
): string =>
	refusal.code === 'wouldBeWrong'
		? `That can’t be: ${describeProblem(refusal.problem)}.`
		: editRefusalWords(refusal, house);
