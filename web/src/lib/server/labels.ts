import { error } from '@sveltejs/kit';
import { labelSheet, type Drawing } from '@wary/core/files';
import { findBox, placeName } from '@wary/core/house';
import { labelSheetWords, labelText } from '$words/labels';
import { pageJob } from './requests';

/** The labels for the plates of a job's outlets, on one sheet. */
export async function jobLabels(home: string, jobId: string): Promise<Drawing> {
	const { loaded } = await pageJob(home, jobId);
	const labels = loaded.whole.plans.flatMap(({ boxId, labels: texts }) =>
		texts.map((label) => ({
			text: labelText[label],
			place: placeName(loaded.house, findBox(loaded.house, boxId)!)
		}))
	);
	if (labels.length === 0)
		error(404, { message: 'No outlet of this job needs a label on its plate.', code: 'noLabels' });
	return labelSheet(labels, labelSheetWords);
}
