import type { House } from '@wary/core/house';
import type { Earth, JobEvent, JobPlan } from '@wary/core/job';
import { eventWords, type EventWords } from './events';
import { atBoxOf } from './steps/atBox';
import { madeLine } from './work';
import { cableLetter, terminalWord } from './terms';

export type RecordLine = EventWords & { readonly key: string; readonly at: string };

const putOn = 'Put on, each tugged:';
/** A landing that held at once and where it belongs; `null`: anything else. */
function landedLine({ body }: JobEvent, house: House, plan: JobPlan): string | null {
	if (body.kind !== 'move' || !body.held || body.sat !== undefined) return null;
	const move = plan.work?.ways.flatMap(({ moves }) => moves).find(({ id }) => id === body.move);
	if (move?.kind !== 'land') return null;
	// The same again: every wire went back where it was.
	return plan.work?.same && !plan.foundAs
		? terminalWord(plan.region, move.terminal)
		: madeLine(move, atBoxOf({ house, plan }));
}

/** Events as lines of a record, what belongs together on one: terminals taken off in a run, and those put on, each with its tug. */
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
		// Wires put on and tugged one after the other are one line; what came out, or sat elsewhere, stands by itself.
		else if (body.kind === 'move' && landedLine(event, house, plan) && last?.text.startsWith(putOn))
			lines[lines.length - 1] = { ...last, text: `${last.text}; ${landedLine(event, house, plan)}` };
		else if (body.kind === 'move' && landedLine(event, house, plan))
			lines.push({
				key: event.id,
				at: event.at,
				...eventWords(event, house, plan),
				text: `${putOn} ${landedLine(event, house, plan)}`
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
		} else lines.push({ key: event.id, at: event.at, ...eventWords(event, house, plan, earth) });
	}
	return lines;
}
