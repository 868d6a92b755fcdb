import { familyOf, forRules, type PartId } from '../devices';
import { withoutGround, type Facts, type PlateLabel } from '../rules';
import { judgePart, type Judged, type Level } from './choose';

/** A lawful way on from an outlet without a ground, or why it isn’t one. */
export interface GroundlessWay {
	/** NEC 406.4(D)(2)(a), (b), (c); the same with a breaker; a ground that the box’s metal turns out to be; one that is brought. */
	readonly way:
		'ungroundedAgain' | 'guardHere' | 'guardBefore' | 'guardBreaker' | 'groundFound' | 'groundBrought';
	readonly part: PartId;
	readonly level: Level;
	readonly judged: Judged;
	readonly labels: readonly PlateLabel[];
	/** Opens at a leak; carries a fault away. */
	readonly opensAtLeak: boolean;
	readonly grounded: boolean;
	/** Not for somebody who isn’t licensed. */
	readonly electrician: boolean;
}

/** All ways on from an outlet in a box without a ground, each judged by the rules: the facts as they would be then. Empty where there is a ground, or the region knows no other way. */
export function waysWithoutGround(facts: Facts): GroundlessWay[] {
	const rule = withoutGround[facts.region];
	if (facts.ground !== false || rule === null) return [];
	const way = (
		name: GroundlessWay['way'],
		part: PartId,
		then: Partial<Facts>,
		more: Partial<GroundlessWay> = {}
	): GroundlessWay => {
		const judged = judgePart({ ...facts, ...then }, part);
		return {
			way: name,
			part,
			judged,
			level: judged.level,
			labels: [],
			opensAtLeak:
				forRules(familyOf(part), judged.ratingA).groundFault ||
				(then.guardedBefore ?? facts.guardedBefore) === true,
			grounded: then.ground === true,
			electrician: false,
			...more
		};
	};
	return [
		way('ungroundedAgain', 'twoSlot', {}),
		way('guardHere', 'gfci', {}, { labels: rule.itself }),
		way('guardBefore', 'duplex', { guardedBefore: true }, { labels: rule.behind }),
		way('guardBreaker', 'duplex', { guardedBefore: true }, { labels: rule.behind, electrician: true }),
		...(facts.metalBox ? [way('groundFound', 'duplex', { ground: true })] : []),
		way('groundBrought', 'duplex', { ground: true }, { electrician: true })
	];
}
