import type { House } from '@wary/core/house';
import type { Carried, JobPlan, VisitId } from '@wary/core/job';
import { terms } from '../terms';

export const visitWords = (plan: JobPlan, house: House): Record<VisitId, { place: string; what: string }> => {
	const t = terms[plan.region];
	return {
		start: { place: 'At the table', what: 'cautions, tools, the part' },
		liveFirst: { place: `At the outlet`, what: 'live first' },
		panelOff: { place: `At the ${t.panel}`, what: 'off, held, tagged, told' },
		work: { place: `At the outlet`, what: 'prove dead, open, read, swap' },
		supplyOn: { place: `At the ${t.panel}`, what: 'on, on purpose' },
		supplyRead: { place: 'At the outlet', what: 'supply cable, power on' },
		panelOn: { place: `At the ${t.panel}`, what: 'lock off, on' },
		test: { place: `At the outlet`, what: 'plug-in test' },
		neighbours: {
			place: 'At the next ones',
			what: [...plan.downstream, ...plan.upstream]
				.map((id) => house.boxes.find((box) => box.id === id)?.name ?? id)
				.join(', ')
		},
		close: { place: `At the outlet`, what: plan.separatePlate ? 'grip, plate, directory' : 'grip, directory' }
	};
};

export const carriedWords: Record<Carried, string> = {
	tester: 'tester',
	drivers: 'drivers',
	newDevice: 'the new part',
	headTorch: 'head-torch',
	stripper: 'stripper',
	lockOrTape: 'lock or tape',
	tag: 'tag and pen',
	phone: 'phone',
	plugTester: 'plug-in tester',
	lamp: 'a lamp with its plug',
	ohmmeter: 'multimeter for Ω',
	key: 'key in the pocket',
	plate: 'plate and screw',
	knife: 'knife for the paint line',
	sleeving: 'green-and-yellow sleeving',
	caps: 'connectors or caps',
	lead: 'extension lead'
};
