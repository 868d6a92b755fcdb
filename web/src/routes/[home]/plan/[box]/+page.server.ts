import { error, redirect } from '@sveltejs/kit';
import { familyFor, partIds, soldIn, usuallyFound, type PartId } from '@wary/core/devices';
import { beside, circuitsInBox, findBox, isBlank, type Box, type House } from '@wary/core/house';
import { feeds, type Feed } from '@wary/core/wiring';
import { latestHouse } from '$lib/server/households';
import { manyJobs } from '$lib/server/jobs';
import { isUuid, pageHousehold } from '$lib/server/requests';
import { latestSettings } from '$lib/server/settings';
import { latestCosts, maybeKeptPlan } from '$lib/server/shopping';

export async function load({ params, url }) {
	const household = await pageHousehold(params.home);
	const [{ house, version }, jobs] = await Promise.all([latestHouse(household.id), manyJobs(household.id)]);
	const box = findBox(house, params.box);
	if (!box) error(404, { message: 'There is no outlet by that name in this home.', code: 'unknownBox' });
	if (!box.device || circuitsInBox(house, box.id).length === 0)
		redirect(303, `/${params.home}/outlet/${box.id}`);
	const underWay = jobs.filter(({ outcome }) => outcome === null);
	const jobAt = (boxId: string) => underWay.find(({ boxes }) => boxes.some((each) => each.boxId === boxId));
	const { breaker } = circuitsInBox(house, box.id)[0]!;
	const sold = soldIn(house.region).map(({ id }) => id);
	const asked = url.searchParams.get('part');
	const part = partIds.find((id) => id === asked && sold.includes(id));
	const keptId = url.searchParams.get('kept');
	const kept = keptId !== null && isUuid(keptId) ? await maybeKeptPlan(household.id, keptId) : null;
	const feed = feeds.find((each) => each === url.searchParams.get('feed'));
	return {
		house,
		/** Outlets that are looked at as one job from the start. */
		together: [...beside(house, box.id), ...(url.searchParams.get('with') ?? '').split(',')],
		version,
		costs: await latestCosts(household.id),
		/** What one has to join wires with. */
		connectors: (await latestSettings(household.id, house.region)).connectors,
		/** A plan kept for this outlet, as it was wished for. */
		kept: kept?.boxes[0]?.boxId === box.id ? kept : null,
		box,
		underWay: jobAt(box.id)?.id ?? null,
		/** Jobs under way on the same breaker: it can be taken into one of them. */
		joins: underWay
			.filter(
				(job) =>
					!job.boxes.some(({ boxId }) => boxId === box.id) &&
					circuitsInBox(house, job.boxId)[0]?.breaker === breaker
			)
			.map((job) => ({ id: job.id, boxIds: job.boxes.map(({ boxId }) => boxId) })),
		/** Outlets on the same breaker: the same isolation serves them too. */
		near: nearOf(house, box, breaker, sold).filter(({ boxId }) => !jobAt(boxId)),
		part:
			part ??
			usual(
				familyFor(box.device)?.id,
				sold,
				isBlank(box.device) ? familyFor(usuallyFound[house.region](0))?.id : undefined
			),
		feed: feed ?? ('asFound' satisfies Feed)
	};
}

function nearOf(house: House, box: Box, breaker: string, sold: readonly PartId[]) {
	const inOneBox = beside(house, box.id);
	return house.boxes
		.filter(
			({ id, use, device }) =>
				id !== box.id &&
				device !== undefined &&
				((use === 'outlet' && circuitsInBox(house, id)[0]?.breaker === breaker) || inOneBox.includes(id))
		)
		.map(({ id, use, device }) => ({
			boxId: id,
			/** `null`: nothing that is sold in its place; it is only put back. */
			part:
				use !== 'outlet'
					? null
					: inOneBox.includes(id)
						? (familyFor(device!)?.id ?? usual(undefined, sold))
						: usual(familyFor(device!)?.id, sold)
		}));
}

/** What most people put in: the same family in the other style, or with USB; for two slots a grounding type. */
function usual(now: PartId | undefined, sold: readonly PartId[], first?: PartId): PartId {
	if (now === 'duplex') return 'decorator';
	if (now === 'twoSlot') return 'duplex';
	if (now === 'socketTwin' || now === 'socketSingle') return 'usbTwin';
	return now ?? first ?? sold[0]!;
}
