import { writeCsv } from '@wary/core/files';
import { bill, neededBy } from '@wary/core/shopping';
import { latestHouse } from '$lib/server/households';
import { pageHousehold } from '$lib/server/requests';
import { latestCosts, listOf } from '$lib/server/shopping';
import { needWords } from '$words/needs';
import { boxPlace } from '$words/terms';
import { plainMoney } from '$words/money';
import { csvColumns } from '$words/shopping';

/** The shopping list as a table. */
export async function GET({ params }) {
	const household = await pageHousehold(params.home);
	const now = await latestHouse(household.id);
	const { house } = now;
	const [kept, costs] = await Promise.all([listOf(household.id, now), latestCosts(household.id)]);
	const { lines } = bill(neededBy(kept), costs);
	const table = writeCsv(
		csvColumns,
		lines.map(({ need, count, at, owned, each, sum }) => [
			needWords(need, house.region),
			String(count),
			owned ? 'yes' : 'no',
			each === null ? '' : plainMoney(each),
			sum === null ? '' : plainMoney(sum),
			at.map((id) => boxPlace(house, id)).join('; ')
		])
	);
	return new Response(table, {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': `attachment; filename="${household.slug}-shopping.csv"`
		}
	});
}
