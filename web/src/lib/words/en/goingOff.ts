import type { Matters } from '@wary/core/house';
import type { GoingOff } from '@wary/core/isolation';
import type { Region } from '@wary/core/rules';

/** What to do first about a thing that loses power, and for what is hard, the question. */
export function firstDo(matters: Matters, region: Region): { first: string; ask?: string } {
	switch (matters) {
		case 'medical':
			return {
				first:
					'Ask whoever depends on it, and its maker’s instruction. Put it on its own battery, or on an extension lead from another circuit, before anything loses power.',
				ask: 'What keeps it going meanwhile?'
			};
		case 'alarm':
			return {
				first:
					'It is the only one on record. Have another alarm that works, or somebody awake in the house who knows.',
				ask: 'Who or what keeps watch meanwhile?'
			};
		case 'freezer':
			return { first: 'Keep its door shut. Look at it when power is back.' };
		case 'pump':
			return { first: 'Look at the sump before and after. Not in heavy rain.' };
		case 'router':
			return { first: 'Calls and alarms over it stop. This job goes on in this page without it.' };
		case 'work':
			return { first: 'Whoever works at it saves first.' };
		case 'light':
			return { first: `Head-torch on before it goes dark${region === 'uk' ? ', and on the stairs' : ''}.` };
		case 'clock':
			return { first: 'Set it again when power is back.' };
	}
}

/** How long a thing may stay off. */
export function mayBeOff({ means }: GoingOff): string {
	if (means.mayBeOffMin === null) return 'must not simply lose power';
	return means.mayBeOffMin < 120
		? `up to ${means.mayBeOffMin} min`
		: `up to ${Math.round(means.mayBeOffMin / 60)} h`;
}

export const matterWords: Record<Matters, string> = {
	medical: 'medical equipment',
	alarm: 'an alarm',
	freezer: 'fridge or freezer',
	pump: 'a pump',
	router: 'router or telephone',
	work: 'somebody works at it',
	light: 'light to see by',
	clock: 'a clock'
};
