import type { Region } from './regions';

/** Editions of the code books that the rules know; which one is in force differs from place to place (us), or by date (uk). */
export const editions = ['2017', '2020', '2023', '2018', '2018A2'] as const;
export type Edition = (typeof editions)[number];

export interface EditionFacts {
	readonly code: 'NEC' | 'BS 7671';
	/** As it is cited. */
	readonly cited: string;
}

export const editionFacts: Readonly<Record<Edition, EditionFacts>> = {
	'2017': { code: 'NEC', cited: '2017' },
	'2020': { code: 'NEC', cited: '2020' },
	'2023': { code: 'NEC', cited: '2023' },
	'2018': { code: 'BS 7671', cited: '2018' },
	'2018A2': { code: 'BS 7671', cited: '2018 + A2:2022' }
};

/** Of a region, oldest first. */
export const editionsIn: Readonly<Record<Region, readonly Edition[]>> = {
	us: ['2017', '2020', '2023'],
	uk: ['2018', '2018A2']
};

/** What is taken where nobody has said. */
export const usualEdition: Readonly<Record<Region, Edition>> = { us: '2020', uk: '2018A2' };

/** The edition a home goes by. */
export const editionOf = ({ region, edition }: { region: Region; edition?: Edition | undefined }): Edition =>
	edition !== undefined && editionsIn[region].includes(edition) ? edition : usualEdition[region];
