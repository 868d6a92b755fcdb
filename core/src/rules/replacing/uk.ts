import { metresFromBath } from '../places';
import { all, is, not, type Facts } from './facts';
import { everyUk, type Rule } from './rule';

/** Adding is another thing than replacing. */
const adds = ({ outletsNow }: Facts, outlets: number): boolean => outlets > outletsNow;

/** uk: what BS 7671 asks where a socket-outlet is replaced in a dwelling. */
export const ukRules: readonly Rule[] = [
	{
		id: 'spurFromSpur',
		effect: 'stops',
		clause: everyUk('433.1.204, app. 15'),
		applies: ({ spur }) => is(spur, 'withOthers'),
		reads: ['spur']
	},
	{
		id: 'earthed',
		effect: 'stops',
		clause: everyUk('411.3.1.1'),
		applies: ({ ground }) => not(ground),
		reads: ['ground']
	},
	{
		id: 'earthed',
		effect: 'forbids',
		clause: everyUk('411.3.1.1'),
		applies: ({ ground }, part) => all(not(ground), part.takesGround),
		reads: ['ground']
	},
	{
		id: 'bathDistance',
		effect: 'forbids',
		clause: everyUk('701.512.3'),
		applies: (facts) =>
			metresFromBath[facts.edition] === null ? false : all(is(facts.place, 'bathroom'), facts.nearWater),
		reads: ['place', 'nearWater']
	},
	{
		id: 'indoorsOnly',
		effect: 'forbids',
		clause: everyUk('512.2'),
		applies: ({ damp }, part) => all(is(damp, 'damp', 'wet'), !part.weather),
		reads: ['damp']
	},
	{
		id: 'addsWithoutResidual',
		effect: 'forbids',
		clause: everyUk('411.3.3'),
		applies: (facts, { outlets, groundFault }) =>
			all(not(facts.guardedBefore), adds(facts, outlets), !groundFault),
		reads: ['guardedBefore']
	},
	{
		id: 'residualAdvised',
		effect: 'note',
		clause: everyUk('411.3.3'),
		applies: (facts, { outlets }) => all(not(facts.guardedBefore), !adds(facts, outlets)),
		reads: ['guardedBefore']
	},
	{
		id: 'faceOnly',
		effect: 'note',
		clause: everyUk('411.3.3'),
		applies: ({ guardedBefore }, { groundFault }) => all(groundFault, not(guardedBefore)),
		reads: ['guardedBefore']
	},
	{
		id: 'secondGuard',
		effect: 'against',
		clause: everyUk('536.4.1.4'),
		applies: ({ guardedBefore }, { groundFault }) => all(groundFault, guardedBefore),
		reads: ['guardedBefore']
	},
	{
		id: 'oneOnSpur',
		effect: 'note',
		clause: everyUk('433.1.204, app. 15'),
		applies: ({ spur }) => is(spur, 'alone'),
		reads: ['spur']
	},
	{
		id: 'metalFace',
		effect: 'asks',
		clause: everyUk('411.3.1.1, 416.2'),
		applies: (_, { metalFace }) => metalFace,
		reads: []
	},
	{
		id: 'earthTail',
		effect: 'asks',
		clause: everyUk('543.2.7'),
		applies: ({ metalBox, ground }) => all(metalBox, ground),
		reads: ['ground']
	},
	{
		id: 'insulationTest',
		effect: 'note',
		clause: 'own',
		applies: (_, { usb }) => usb,
		reads: []
	},
	{
		id: 'rating13',
		effect: 'forbids',
		clause: everyUk('BS 1363-2'),
		applies: (_, { ratingA }) => ratingA !== 13,
		reads: []
	}
];
