import type { ConductorSize } from './conductors';
import type { Edition } from './editions';
import type { Region } from './regions';

/** What counts in a box, and how much room each asks; `null`: a code that has no such count. */
export interface BoxFillRule {
	readonly clause: string;
	/** Room of one conductor by its size, in³ (table 314.16(B)(1)). */
	readonly allowanceIn3: Readonly<Partial<Record<ConductorSize, number>>>;
	/** So many equipment grounds count as one; each beyond them a part of one (314.16(B)(5), since 2020; before, all of them count as one). */
	readonly groundsAsOne: number;
	readonly eachFurtherGround: Readonly<Partial<Record<Edition, number>>>;
	/** Conductors’ worth of room for each yoke (314.16(B)(4)), and for clamps inside the box, all together (314.16(B)(2)). */
	readonly perYoke: number;
	readonly clamps: number;
}

export const boxFillRules: Readonly<Record<Region, BoxFillRule | null>> = {
	us: {
		clause: '314.16(B)',
		allowanceIn3: { '14AWG': 2, '12AWG': 2.25, '10AWG': 2.5, '8AWG': 3, '6AWG': 5 },
		groundsAsOne: 4,
		eachFurtherGround: { '2017': 0, '2020': 0.25, '2023': 0.25 },
		perYoke: 2,
		clamps: 1
	},
	// BS 7671 counts nothing: the depth behind the face, and room for the conductors’ bends (522.8.5).
	uk: null
};
