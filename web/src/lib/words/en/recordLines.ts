import type { House } from '@wary/core/house';
import type { Earth, JobEvent, JobPlan } from '@wary/core/job';
import { eventWords, type EventWords } from './events';
import { cableLetter, capital, howWords, terminalWord } from './terms';

export type RecordLine = EventWords & { readonly key: string; readonly at: string };

/** Events as lines of a record, what belongs together on one: terminals taken off in a run, and each put on with its tug. */
export function recordLines(
	events: readonly JobEvent[],
	house: House,
	plan: JobPlan,
	earth: Earth = 'box'
): RecordLine[] {
	const lines: RecordLine[] = [];
	for (const event of events) {
		const { body } = event;
		const last = lines.at(-1);
		const terminal = 'terminal' in body ? terminalWord(plan.region, body.terminal) : '';
		if (body.kind === 'takeOff' && last?.text.startsWith('Taken off'))
			lines[lines.length - 1] = { ...last, text: `${last.text}, ${terminal}` };
		else if (body.kind === 'takeOff')
			lines.push({
				key: event.id,
				at: event.at,
				text: `Taken off, in this order: ${terminal}`,
				value: '',
				expected: '',
				passes: null
			});
		// Its readings stand on the line of the search for the supply cable.
		else if (body.kind === 'readSupplyOhms' || body.kind === 'readSupplyVolts') {
			const words = eventWords(event, house, plan, earth);
			const search = lines.findLastIndex(({ text }) => text === 'Supply cable');
			if (search < 0) lines.push({ key: event.id, at: event.at, ...words });
			else {
				const value = `${lines[search]!.value}; cable ${cableLetter(plan, body.cable)} ${words.value}`;
				lines[search] = { ...lines[search]!, value, passes: words.passes };
			}
		} else if (body.kind === 'terminate')
			lines.push({
				key: event.id,
				at: event.at,
				text: capital(terminal),
				value: howWords[body.way],
				expected: '',
				passes: null
			});
		else if (body.kind === 'tug' && last?.text === capital(terminal))
			lines[lines.length - 1] = {
				...last,
				value: `${last.value}, ${body.held ? 'tugged' : 'came out'}`,
				passes: body.held
			};
		else lines.push({ key: event.id, at: event.at, ...eventWords(event, house, plan, earth) });
	}
	return lines;
}
