import { believe, darkWith, type Believed, type Observation } from './belief';
import type { Candidate } from './candidates';
import { costOfOrder, planOrder, planSets, type Item, type Planned } from './plan';

/** How one learns what happened at the outlet. */
export const means = ['lamp', 'radio', 'helper', 'signal'] as const;
export type Means = (typeof means)[number];

/** What the user has said so far: the answer to a move, with the breakers that were off for it. */
export type SearchEvent =
	| {
			readonly kind: 'answer';
			readonly off: readonly string[];
			readonly answer: 'dark' | 'on' | 'unsure';
			readonly by: Exclude<Means, 'signal'>;
	  }
	| { readonly kind: 'signal'; readonly strongest: string | null };

export interface SearchSettings {
	readonly means: Means;
	/** Chance that a radio at the outlet is heard rightly at the panel, 0.5 to 0.999. */
	readonly hearing: number;
	/** One walk from the panel to the outlet and back, s. */
	readonly walkS: number;
	/** Whether several may be switched off together. */
	readonly sets: boolean;
	/** Breakers that somebody wants left on, whatever hangs on them. */
	readonly keepOn: readonly string[];
}

export const defaultSettings: SearchSettings = {
	means: 'lamp',
	hearing: 0.95,
	walkS: 60,
	sets: true,
	keepOn: []
};
/** Seconds a look takes by other means than walking. */
export const lookS = { radio: 5, helper: 10, signal: 60 };
const certaintyOf = { lamp: 0.995, helper: 0.99 };
/** The same question, over and over, gets the same doubt. */
const askedAtMost = 4;
/** After so many answers by ear the radio is left, and one looks. */
const earAtMost = 25;
/** How sure one must be to stop. */
const sureEnough = 0.8;

export type Move =
	/** Have exactly these off and all other candidates on, then look, listen or ask. */
	| {
			readonly kind: 'switch';
			readonly off: readonly string[];
			readonly by: Exclude<Means, 'signal'>;
			readonly why: 'likeliest' | 'halves' | 'confirm' | 'all' | 'several' | 'lookYourself' | 'again';
			readonly method: Planned['method'] | 'byInformation';
			/** Chance that it goes dark. */
			readonly chance: number;
			/** What is left to expect if this is done first, where a plan says so; a rule of thumb says nothing of it. */
			readonly expected: { readonly walks: number; readonly seconds: number } | null;
	  }
	| { readonly kind: 'sweep' };

export type SearchEnd =
	| { readonly kind: 'found'; readonly breaker: string }
	| { readonly kind: 'several'; readonly breakers: readonly string[] }
	/** Another panel, or a supply that is always on. */
	| { readonly kind: 'noneOfThese' }
	/** All that may be switched has been tried. */
	| { readonly kind: 'onlyForbiddenLeft'; readonly breakers: readonly string[] }
	/** Everything has been asked as often as it helps, and the answers still fit nothing. */
	| { readonly kind: 'undecided' }
	| { readonly kind: 'nothingToTry' };

export interface SearchStand {
	readonly believed: readonly Believed[];
	/** Probability that each breaker alone feeds the outlet. */
	readonly probability: Readonly<Record<string, number>>;
	/** Answers that spoke against each other: nobody's fault, but something was mistaken. */
	readonly contradicted: boolean;
	readonly next: Move | null;
	readonly end: SearchEnd | null;
}

/** Where a search stands after these answers, and what to do next. Pure: the same answers give the same move. */
export function searchStand(
	offered: readonly Candidate[],
	settings: SearchSettings,
	events: readonly SearchEvent[]
): SearchStand {
	const candidates = offered.map((each) =>
		settings.keepOn.includes(each.id) ? { ...each, forbidden: true } : each
	);
	const observations = events.flatMap((event) => observationsOf(event, settings));
	const believed = believe(candidates, observations);
	const probability: Record<string, number> = {};
	for (const { hypothesis, probability: share } of believed)
		if (hypothesis.kind === 'one') probability[hypothesis.id] = share;
	const end = endOf(candidates, believed, events);
	const contradicted = speaksAgainstItself(believed, events);
	const next = end ? null : nextMove(candidates, settings, believed, events);
	return { believed, probability, contradicted, end: end ?? (next ? null : { kind: 'undecided' }), next };
}

/** What an event of a search shows, if anything. */
export function observationsOf(event: SearchEvent, { hearing }: SearchSettings): Observation[] {
	if (event.kind === 'signal')
		return event.strongest === null ? [] : [{ kind: 'signal', strongest: event.strongest }];
	if (event.answer === 'unsure') return [];
	return [
		{
			kind: 'look',
			off: event.off,
			answer: event.answer,
			certainty: event.by === 'radio' ? hearing : certaintyOf[event.by]
		}
	];
}

/** Whether no single explanation fits every answer that was given. */
function speaksAgainstItself(believed: readonly Believed[], events: readonly SearchEvent[]): boolean {
	const answers = events.filter((event) => event.kind === 'answer' && event.answer !== 'unsure') as Extract<
		SearchEvent,
		{ kind: 'answer' }
	>[];
	return !believed.some(({ hypothesis }) =>
		answers.every(({ off, answer }) => darkWith(hypothesis, new Set(off)) === (answer === 'dark'))
	);
}

function endOf(
	candidates: readonly Candidate[],
	believed: readonly Believed[],
	events: readonly SearchEvent[]
): SearchEnd | null {
	const free = candidates.filter(({ forbidden }) => !forbidden);
	if (candidates.length === 0) return { kind: 'nothingToTry' };
	if (free.length === 0) return { kind: 'onlyForbiddenLeft', breakers: candidates.map(({ id }) => id) };
	const best = believed[0]!;
	if (best.probability < sureEnough) {
		const forbidden = candidates.filter((each) => each.forbidden).map(({ id }) => id);
		const left = believed
			.filter(({ hypothesis }) => hypothesis.kind === 'one' && forbidden.includes(hypothesis.id))
			.reduce((sum, { probability }) => sum + probability, 0);
		const elsewhere = believed.find(({ hypothesis }) => hypothesis.kind === 'elsewhere')!.probability;
		return forbidden.length > 0 && left + elsewhere > sureEnough && left > elsewhere / 4
			? { kind: 'onlyForbiddenLeft', breakers: forbidden }
			: null;
	}
	const { hypothesis } = best;
	// Nothing is ruled out by arithmetic alone, nor by ear: it was seen to stay on with all of them off.
	if (hypothesis.kind === 'elsewhere') {
		const all = free.map(({ id }) => id);
		return wasSeen(all, events) && verdictOn(all, events) === 'on' ? { kind: 'noneOfThese' } : null;
	}
	const ids = hypothesis.kind === 'one' ? [hypothesis.id] : hypothesis.ids;
	if (candidates.some(({ id, forbidden }) => forbidden && ids.includes(id)))
		return { kind: 'onlyForbiddenLeft', breakers: ids };
	// Sure is not enough: it was dark with just these off. That two are needed is rare, and an ear alone isn't believed it.
	if (verdictOn(ids, events) !== 'dark' || (hypothesis.kind === 'two' && !wasSeen(ids, events))) return null;
	return hypothesis.kind === 'one'
		? { kind: 'found', breaker: hypothesis.id }
		: { kind: 'several', breakers: hypothesis.ids };
}

const wasSeen = (ids: readonly string[], events: readonly SearchEvent[]): boolean =>
	events.some(
		(event) =>
			event.kind === 'answer' &&
			event.by !== 'radio' &&
			event.answer !== 'unsure' &&
			keyOf(event.off) === keyOf(ids)
	);

/** What was answered last with exactly these off, if it was answered that way more often than the other. What was seen overrules what was heard. */
function verdictOn(ids: readonly string[], events: readonly SearchEvent[]): 'dark' | 'on' | null {
	const seen = answersOn(
		keyOf(ids),
		events.filter((event) => event.kind === 'answer' && event.by !== 'radio')
	);
	const answers = seen.length > 0 ? seen : answersOn(keyOf(ids), events);
	const last = answers.at(-1);
	return last !== undefined && answers.filter((answer) => answer === last).length * 2 > answers.length
		? last
		: null;
}

const answersOn = (key: string, events: readonly SearchEvent[]): ('dark' | 'on')[] =>
	events.flatMap((event) =>
		event.kind === 'answer' && event.answer !== 'unsure' && keyOf(event.off) === key ? [event.answer] : []
	);

function nextMove(
	candidates: readonly Candidate[],
	settings: SearchSettings,
	believed: readonly Believed[],
	events: readonly SearchEvent[]
): Move | null {
	const { means: at } = settings;
	if (at === 'signal' && !events.some(({ kind }) => kind === 'signal')) return { kind: 'sweep' };
	const heard = events.filter((event) => event.kind === 'answer' && event.by === 'radio').length;
	const by = at === 'signal' || (at === 'radio' && heard >= earAtMost) ? 'lamp' : at;
	const free = candidates.filter(({ forbidden }) => !forbidden);
	const last = events.findLast((event) => event.kind === 'answer');
	const unsure = last?.answer === 'unsure' ? last : null;
	// Not sure from afar: the same again, seen with one's own eyes.
	if (unsure && unsure.by !== 'lamp' && timesAsked(unsure.off, events) < askedAtMost)
		return asMove(unsure.off, 'lamp', 'lookYourself', 'oneByOne', believed);
	const unseen = new Set(
		events.flatMap((event) =>
			event.kind === 'answer' && event.answer === 'unsure' && event.by === 'lamp' ? [keyOf(event.off)] : []
		)
	);
	const chance = new Map(
		believed.flatMap(({ hypothesis, probability }) =>
			hypothesis.kind === 'one' ? [[hypothesis.id, probability] as const] : []
		)
	);
	const best = believed[0]!;
	if (best.probability >= sureEnough && best.hypothesis.kind !== 'elsewhere') {
		const ids = best.hypothesis.kind === 'one' ? [best.hypothesis.id] : best.hypothesis.ids;
		// Heard both ways, or two at once: worth a walk.
		const walk = by === 'radio' && (ids.length > 1 || answersOn(keyOf(ids), events).length > 1) ? 'lamp' : by;
		const before = events.filter(
			(event) => event.kind === 'answer' && (event.by === 'radio') === (walk === 'radio')
		);
		if (!unseen.has(keyOf(ids)) && timesAsked(ids, before) < askedAtMost)
			return asMove(
				ids,
				walk,
				'confirm',
				'oneByOne',
				believed,
				ids.length === 1 ? startingWith(ids[0]!, free, chance, lookCostS(walk, settings)) : undefined
			);
	}
	const single = free.reduce((sum, { id }) => sum + chance.get(id)!, 0);
	const all = free.map(({ id }) => id);
	const triedAll = timesAsked(all, events);
	const elsewhere = believed.find(({ hypothesis }) => hypothesis.kind === 'elsewhere')!.probability;
	if (single < 0.5 && !unseen.has(keyOf(all)) && (triedAll === 0 || (elsewhere > sureEnough && triedAll < 3)))
		return asMove(all, by === 'radio' && triedAll > 0 ? 'lamp' : by, 'all', 'oneByOne', believed);
	if (single < 0.5) return byInformation(free, settings, by, believed, unseen, events);
	return bySingles(free, chance, settings, by, believed, unseen, events);
}

const keyOf = (off: readonly string[]): string => [...off].sort().join(' ');
const timesAsked = (off: readonly string[], events: readonly SearchEvent[]): number =>
	events.filter((event) => event.kind === 'answer' && keyOf(event.off) === keyOf(off)).length;

/** Those that carry weight are planned for; the others count as “none of these” until their turn comes. */
function bySingles(
	free: readonly Candidate[],
	chance: ReadonlyMap<string, number>,
	settings: SearchSettings,
	by: Exclude<Means, 'signal'>,
	believed: readonly Believed[],
	unseen: ReadonlySet<string>,
	events: readonly SearchEvent[]
): Move | null {
	const weighty = free.filter(({ id }) => chance.get(id)! >= 0.003);
	const items: Item[] = weighty.map(({ id, costS }) => ({ probability: chance.get(id)!, costS }));
	const rest = Math.max(0, 1 - items.reduce((sum, { probability }) => sum + probability, 0));
	const look = lookCostS(by, settings);
	const planned = settings.sets ? planSets(items, rest, look) : planOrder(items, rest, look);
	const off = planned.first.map((k) => weighty[k]!.id);
	// The same test again would mostly say the same again: what is still open is open for another reason.
	if (answersOn(keyOf(off), events).length > 0)
		return byInformation(free, settings, by, believed, unseen, events);
	if (!unseen.has(keyOf(off))) {
		const why = off.length > 1 ? 'halves' : 'likeliest';
		return asMove(off, by, why, planned.method, believed, planned);
	}
	// What could not be made out is left for later: the next one of the order.
	const order = [...free].sort(
		(a, b) => chance.get(b.id)! / (look + b.costS) - chance.get(a.id)! / (look + a.costS)
	);
	const open = order.filter(({ id }) => timesAsked([id], events) < askedAtMost);
	const other = open.find(({ id }) => !unseen.has(keyOf([id]))) ?? open[0];
	return other ? asMove([other.id], by, 'again', 'oneByOne', believed) : null;
}

/** Where two feed it, or answers are muddled: the set that tells most for its cost, of singles, all but one, and runs of both kinds. */
function byInformation(
	free: readonly Candidate[],
	settings: SearchSettings,
	by: Exclude<Means, 'signal'>,
	believed: readonly Believed[],
	unseen: ReadonlySet<string>,
	events: readonly SearchEvent[]
): Move | null {
	const share = new Map(free.map(({ id }) => [id, 0]));
	for (const { hypothesis, probability } of believed)
		for (const id of hypothesis.kind === 'one'
			? [hypothesis.id]
			: hypothesis.kind === 'two'
				? hypothesis.ids
				: [])
			if (share.has(id)) share.set(id, share.get(id)! + probability);
	const order = [...free].sort((a, b) => share.get(b.id)! - share.get(a.id)!);
	const ids = order.map(({ id }) => id);
	const top = ids.slice(0, 8);
	const sets = [
		...top.map((id) => [id]),
		...top.map((id) => ids.filter((other) => other !== id)),
		...ids.map((_, k) => ids.slice(0, k + 1)),
		...ids.map((_, k) => ids.slice(k)),
		...top.flatMap((a, k) => top.slice(k + 1).map((b) => [a, b]))
	].filter((set) => set.length > 0 && !unseen.has(keyOf(set)) && timesAsked(set, events) < askedAtMost);
	const certainty = by === 'radio' ? settings.hearing : certaintyOf[by];
	const costOf = new Map(free.map(({ id, costS }) => [id, costS]));
	const look = lookCostS(by, settings);
	let best = sets[0];
	let bestGain = -Infinity;
	for (const set of sets) {
		const off = new Set(set);
		const dark = believed.reduce(
			(sum, { hypothesis, probability }) => sum + (darkWith(hypothesis, off) ? probability : 0),
			0
		);
		const cost = look + set.reduce((sum, id) => sum + costOf.get(id)!, 0);
		const told = dark * certainty + (1 - dark) * (1 - certainty);
		const asked = answersOn(keyOf(set), events).length;
		const gain = (entropy(told) - entropy(certainty)) / cost / 2 ** asked;
		if (gain > bestGain) [best, bestGain] = [set, gain];
	}
	return best ? asMove(best, by, 'several', 'byInformation', believed) : null;
}

/** What it comes to if this one is tried first and, if it wasn't that, the others one after another. */
function startingWith(
	first: string,
	free: readonly Candidate[],
	chance: ReadonlyMap<string, number>,
	look: number
): Pick<Planned, 'expectedS' | 'expectedTests'> {
	const ratio = ({ id, costS }: Candidate) => chance.get(id)! / (look + costS);
	const ordered = [...free].sort(
		(a, b) => Number(b.id === first) - Number(a.id === first) || ratio(b) - ratio(a)
	);
	const items: Item[] = ordered.map(({ id, costS }) => ({ probability: chance.get(id)!, costS }));
	const rest = Math.max(0, 1 - items.reduce((sum, { probability }) => sum + probability, 0));
	return costOfOrder(
		items,
		items.map((_, k) => k),
		rest,
		look
	);
}

const entropy = (p: number): number =>
	p <= 0 || p >= 1 ? 0 : -p * Math.log2(p) - (1 - p) * Math.log2(1 - p);
export const lookCostS = (by: Exclude<Means, 'signal'>, { walkS }: SearchSettings): number =>
	by === 'lamp' ? walkS : lookS[by];

function asMove(
	off: readonly string[],
	by: Exclude<Means, 'signal'>,
	why: Extract<Move, { kind: 'switch' }>['why'],
	method: Extract<Move, { kind: 'switch' }>['method'],
	believed: readonly Believed[],
	planned?: Pick<Planned, 'expectedS' | 'expectedTests'>
): Move {
	const set = new Set(off);
	const chance = believed.reduce(
		(sum, { hypothesis, probability }) => sum + (darkWith(hypothesis, set) ? probability : 0),
		0
	);
	return {
		kind: 'switch',
		off,
		by,
		why,
		method,
		chance,
		// By lamp every look is a walk; heard or called, only the last one is, to prove it.
		expected: planned
			? { walks: by === 'lamp' ? planned.expectedTests : 1, seconds: planned.expectedS }
			: null
	};
}
