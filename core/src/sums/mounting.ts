import { regions, type Region } from '../rules';

/** How a box lies in its wall, as measured with a rule. */
export interface InWall {
	/** From the wall's face back to the front edge of the box, mm; 0 is flush. */
	readonly sunkMm: number;
	/** Wood or another surface that burns around it (us: 314.20). */
	readonly burns: boolean;
	/** Widest gap between the box and the plaster or board, mm. */
	readonly gapMm: number;
	/** Depth of the box, mm; left out: not known. */
	readonly depthMm?: number | undefined;
}

export interface Mounting {
	/** Of the lengths that are sold the shortest that holds, mm; `null`: none of them, an extension is needed. */
	readonly screwMm: number | null;
	/** What the yoke stands off the box by, mm: filled with spacers, or a levelling plate. 0: none. uk faces sit on the wall and need none. */
	readonly spacerMm: number;
	/** The box has to be brought forward (an extension ring): it lies deeper than the code lets it. */
	readonly bringForward: boolean;
	/** The gap is to be filled: a larger plate hides it and doesn't cure it. */
	readonly fill: boolean;
	/** The screw would meet the back of the box. */
	readonly bottomsOut: boolean;
	/** Longer than one is usually given: look for cables behind the box first. */
	readonly lookForCables: boolean;
}

/** Thread that has to be engaged: 1/2 in of a 6-32, mm; an M3.5 holds by as much. */
const engagedMm = 13;
/** How a yoke, or a uk face where its screw passes, adds to it, mm (typical). */
const throughMm: Readonly<Record<Region, number>> = { us: 2, uk: 8 };

/**
 * What it takes to have a device level and flush: screw, spacers, and whether the box may lie so. us NEC 2020 314.20 (at most 1/4 in (6 mm) behind the face, none where the
 * wall burns) and 314.21 (a gap over 1/8 in (3 mm) is filled). Lengths in mm.
 */
export function mountingOf(region: Region, { sunkMm, burns, gapMm, depthMm }: InWall): Mounting {
	const { mounting } = regions[region].custom;
	const least = sunkMm + engagedMm + throughMm[region];
	const screwMm = mounting.screwsMm.find((each) => each >= least) ?? null;
	const inBox = (screwMm ?? 0) - sunkMm - throughMm[region];
	return {
		screwMm,
		spacerMm: mounting.faceOnWall ? 0 : sunkMm,
		bringForward:
			mounting.deepestMm !== null && sunkMm > (burns ? mounting.deepestMm.burns : mounting.deepestMm.other),
		fill: gapMm > mounting.gapToMm,
		bottomsOut: screwMm !== null && depthMm !== undefined && inBox > depthMm,
		lookForCables: screwMm !== null && screwMm > mounting.screwsMm[0]!
	};
}
