import ical, { ICalCalendarMethod, ICalEventRepeatingFreq } from 'ical-generator';
import { findBox, placeName } from '@wary/core/house';
import { nextTests } from '@wary/core/observations';
import { regions } from '@wary/core/rules';
import { calendarWords } from '$words/log';
import { latestHouse } from '$lib/server/households';
import { manyObservations } from '$lib/server/observations';
import { pageHousehold } from '$lib/server/requests';

/** When each test button is next to be pressed, and every so often from then on (RFC 5545). */
export async function GET({ params }) {
	const household = await pageHousehold(params.home);
	const [{ house }, ledger] = await Promise.all([latestHouse(household.id), manyObservations(household.id)]);
	const { everyDays } = regions[house.region].code.buttonTest;
	const on = new Date().toISOString().slice(0, 10);
	const calendar = ical({
		name: calendarWords.name(house.name),
		method: ICalCalendarMethod.PUBLISH,
		prodId: { company: 'Wary Hand', product: 'Wary Hand' }
	});
	for (const test of nextTests(house, ledger, on))
		calendar.createEvent({
			id: `${test.box}@${household.id}`,
			start: new Date(`${test.on}T00:00:00Z`),
			allDay: true,
			summary: calendarWords.press(placeName(house, findBox(house, test.box)!)),
			description: calendarWords.how(house.region),
			repeating: { freq: ICalEventRepeatingFreq.DAILY, interval: everyDays }
		});
	return new Response(calendar.toString(), {
		headers: {
			'content-type': 'text/calendar; charset=utf-8',
			'content-disposition': 'attachment; filename="tests.ics"'
		}
	});
}
