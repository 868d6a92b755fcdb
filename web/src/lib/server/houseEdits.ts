import type { Edit, Edited, House } from '@wary/core/house';
import { transaction, violatedConstraint } from './db';
import { heavily } from './heavy';
import { addHouseVersion, latestHouse, type Household } from './households';
import { manyJobs } from './jobs';

export type Recorded =
	| { readonly code: 'recorded'; readonly version: number; readonly house: House }
	| {
			readonly code: 'refused';
			readonly edit: number;
			readonly refusal: Extract<Edited, { ok: false }>['refusal'] | JobThere;
	  }
	/** Somebody else changed the house meanwhile: as it is now. */
	| { readonly code: 'conflict'; readonly version: number; readonly house: House };

interface JobThere {
	readonly code: 'jobUnderWay';
	readonly box: string;
}
/** Makes changes to the recorded house, all or none, as its next version. Refused where the house has moved on, or where a job is under way at a box that would go. */
export async function recordEdits(
	household: Household,
	{ expectedVersion, edits, why }: { expectedVersion: number; edits: readonly Edit[]; why: string }
): Promise<Recorded> {
	const { version, house } = await latestHouse(household.id);
	if (version !== expectedVersion) return { code: 'conflict', version, house };
	const edited = await heavily(house, 'edit', edits);
	if (!edited.ok) return { code: 'refused', edit: edited.edit, refusal: edited.refusal };
	const kept = new Set(edited.house.boxes.map(({ id }) => id));
	const jobs = await manyJobs(household.id);
	const worked = jobs.flatMap(({ outcome, boxes }) => (outcome === null ? boxes : []));
	const gone = worked.find(({ boxId }) => !kept.has(boxId));
	if (gone) return { code: 'refused', edit: 0, refusal: { code: 'jobUnderWay', box: gone.boxId } };
	try {
		await transaction((on) => addHouseVersion(on, household.id, version + 1, edited.house, why));
	} catch (error) {
		if (violatedConstraint(error) === null) throw error;
		const now = await latestHouse(household.id);
		return { code: 'conflict', ...now };
	}
	return { code: 'recorded', version: version + 1, house: edited.house };
}
