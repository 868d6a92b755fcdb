import type { Region } from '@wary/core/rules';
import { terms } from '../terms';

export const words = {
	title: (place: string) => `Plan: ${place}`,
	becomes: (now: string, then: string) => `${now} → ${then}`,
	oneMoment: 'The model is solving it …',
	asFound: 'As found',
	asWanted: 'As wanted',
	asItStays: 'As found, and as it goes back',
	fromTheFront: 'From the front',
	putBack: (kind: string) => `${kind}: taken out and put back`,
	onlyPutBack: 'Only take it out and put it back',
	whatIsDone: 'What is done with it',
	noPlan: 'This can’t be had here',
	model: 'The model, before a screw is turned',
	needsFirst: 'Needs first',
	moves: 'Moves',
	layOut: 'To lay out',
	choose: 'What goes in',
	rating: 'Its rating',
	ratingFits: 'what fits',
	ratingOf: (amps: number) => (amps === 20 ? '20 A, T-slot' : `${amps} A`),
	feed: 'What comes after is fed',
	switchedHalf: 'The half on the wall switch',
	keepSwitched: 'stays on its switch',
	alwaysOn: 'always on; the switched wire is capped',
	schools: 'Schools of practice',
	connector: 'Connector',
	lever: 'Lever: seen to be home at its window',
	twistOn: 'Twist-on: smaller, by its own chart',
	wireEnd: 'Wire ends',
	clampPlate: 'Clamp plate: most contact, least skill. Look whether the part has plates',
	hook: 'Hook round every screw, one wire each: also where the part has plain screws only',
	notHere: 'not here',
	underWay: 'A job is under way here. It goes on by its own plan.',
	goOn: 'Go on with the job here',
	newWork: {
		us: 'This is new work, not a replacement: most places want a permit for it, and it is held to today’s code in full. Ask the office that enforces it before you begin. The cable has to have been run by the code, too: this job sees its end only.',
		uk: 'This is an addition, not a change like for like: it has to meet today’s BS 7671 in full, and calls for a minor works certificate. A socket added outside a room with a bath or shower is not notifiable in England; Wales, Scotland and Northern Ireland have their own rules. The cable has to have been run properly, too: this job sees its end only.'
	},
	joins: (breaker: string, places: string) =>
		`A job on the same ${breaker} is under way: ${places}. This one can be done in it. It is read live first: with power off its turn comes when that is back.`,
	takeIn: 'Take it into that job',
	inOtherJob: 'It is in another job that is under way.',
	takesNoMore: 'That job takes nothing more in: it only ends now, or was begun by an earlier version.',
	changedSince:
		'What is on record of this outlet has changed since that job began, and the job doesn’t know it. Finish that one first, or make this a job of its own.',
	inThisJob: 'Outlets in this job',
	leaveOut: (place: string) => `Leave out ${place}`,
	leaveThisOut: 'Leave this one out',
	oneBox: (places: string) =>
		`In the same box: ${places}. It comes out as well, and neither counts as dead before both are out and read.`,
	oneIsolation:
		'One job: off and locked once, then outlet by outlet, each proven dead by itself. Power comes back when all of them are closed.',
	addOutlet: 'Do another outlet of this breaker in the same job',
	noOther: 'add one …',
	back: 'Back to the outlet',
	workerGone:
		'The plan can’t be worked out: the part of this page that does it couldn’t be fetched. Reload it.'
};

export const sureWords = (region: Region) => {
	const t = terms[region];
	return {
		halves: (count: number, volts: number) =>
			`${count === 1 ? 'here' : region === 'uk' ? 'both sockets' : 'both halves'}: ${volts} V, the right way round`,
		grounded: `${t.ground} on it, and it doesn’t depend on this part`,
		withoutGround: (guard: string | null) =>
			`no ${t.ground} here, and none is made up: ${guard === null ? 'this part' : `the GFCI at ${guard}`} opens at a leak without one. The tester’s button does nothing then; its own button counts`,
		charger: (watts: string) =>
			`its charger draws up to ${watts} with every port in use, by what is usual; counted with what is plugged in`,
		labels: (labels: readonly string[]) => `on the plate: ${labels.join(' and ')}`,
		switched: 'the switched half follows its wall switch, the other doesn’t',
		protectsHere: 'this place: opens at a leak',
		protects: (places: string) => `${places}: fed, and protected from here`,
		fed: (places: string) => `${places}: fed as now`,
		apart: 'no two circuits or legs joined, nothing overfull, nothing left bare',
		supply: 'which cable is the supply: found on the way, dead, by resistance',
		depth: (needs: number, has: number | undefined) =>
			has === undefined
				? `room behind the face: this kind is about ${needs} mm deep. The box’s depth isn’t on record: measure it, and leave room for the wires`
				: has < needs + roomMm
					? `room behind the face: about ${needs} mm for the part and ${roomMm} mm for the wires; this box has ${has} mm. Too shallow`
					: `room behind the face: about ${needs} mm of ${has} mm, and the wires beside`,
		fill: (total: string, has: string | null, fits: boolean | 'ifNoClamps' | null) =>
			has === null
				? `box fill: ${total} in³ counted; the box’s volume isn’t on record. It is stamped in plastic boxes; of metal ones the size tells`
				: fits === 'ifNoClamps'
					? `box fill: ${total} in³ counted with clamps inside the box, and this one has ${has}: it does only where no clamps sit inside. Look`
					: fits === false
						? `box fill: ${total} in³ counted, and this box has ${has}. Too full: a larger box, or fewer wires in it`
						: `box fill: ${total} of ${has} in³`,
		load: (
			total: string,
			limit: string,
			usual: string,
			unknown: number,
			points: { readonly outlets: number; readonly roomFor: number } | null
		) =>
			`more outlets than now: by what is plugged in ${total} of the circuit’s ${limit} (good practice: up to ${usual})${unknown > 0 ? `, ${unknown} ${unknown === 1 ? 'thing' : 'things'} without watts not counted` : ''}${region === 'uk' ? '. A twin is good for 20 A in all, 13 A a plug' : ''}${points && points.outlets > points.roomFor ? `. ${points.outlets} outlets on it; the rule of thumb has room for ${points.roomFor}` : ''}`
	};
};
/** Room that folded conductors want behind a part, mm; chosen: three layers of 14 AWG or 2.5 mm² with their bends. */
export const roomMm = 10;

export const layOutWords = {
	gauge: (mm: number) => `strip ${mm} mm, or to the gauge on the part`,
	torque: (figure: string) => `${figure}, if the part prints no other torque`
};
