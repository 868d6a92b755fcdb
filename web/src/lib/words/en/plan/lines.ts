import { familyFor, familyOf } from '@wary/core/devices';
import { circuitsInBox, deviceModel, findBox, hasOutlet, neighbours, type House } from '@wary/core/house';
import type { JobPlan } from '@wary/core/job';
import { regions } from '@wary/core/rules';
import { boxFill, chargerDrawsW, circuitLoad, type Connector } from '@wary/core/sums';
import { isUsedUp, needsOf } from '@wary/core/shopping';
import { wattsWord } from '../load';
import { labelText, notHere } from '../labels';
import { inEdition } from '../cited';
import { neededWords } from '../needs';
import { ownWords } from '../own';
import { boxPlace, capital, volumeWord } from '../terms';
import { torqueWord } from '../work';
import { layOutWords, roomMm, sureWords } from './page';

export interface Line {
	readonly kind: 'sure' | 'first' | 'short';
	readonly text: string;
}

/** What the model found to hold of a plan that it passed, and what still has to be seen to. */
export function planLines(house: House, plan: JobPlan): Line[] {
	const work = plan.work!;
	const say = sureWords(plan.region);
	const box = findBox(house, plan.boxId)!;
	const family = familyOf(work.wish.part);
	const own = work.verdict.protects.includes(plan.boxId);
	const protects = work.verdict.protects.filter((id) => id !== plan.boxId);
	const fed = neighbours(house, plan.boxId)
		.downstream.filter(hasOutlet)
		.map(({ id }) => id)
		.filter((id) => !protects.includes(id));
	const places = (ids: readonly string[]) => capital(ids.map((id) => boxPlace(house, id)).join(', '));
	const was = box.device ? deviceModel(box.device).halves.length : 0;
	const asksDepth = family.asks.includes('depthMm');
	const tooShallow = box.depthMm !== undefined && box.depthMm < family.usualDepthMm + roomMm;
	const sure = (text: string): Line => ({ kind: 'sure', text });
	return [
		sure(say.halves(plan.newHalves.length, regions[plan.region].supply.nominalV)),
		...(plan.newGrounded ? [sure(say.grounded)] : []),
		...(work.verdict.withoutGround ? [sure(say.withoutGround(guardedBy(house, plan)))] : []),
		...(work.checks.some(({ check }) => check === 'switchDark') ? [sure(say.switched)] : []),
		...(own && family.arrivesTripped ? [sure(say.protectsHere)] : []),
		...(protects.length > 0 ? [sure(say.protects(places(protects)))] : []),
		...(fed.length > 0 ? [sure(say.fed(places(fed)))] : []),
		sure(say.apart),
		...(family.usb ? [sure(say.charger(wattsWord(chargerDrawsW(plan.region))))] : []),
		...(plan.labels.length > 0
			? [
					{ kind: 'first' as const, text: say.labels(plan.labels.map((label) => `“${labelText[label]}”`)) },
					{ kind: 'short' as const, text: inEdition(notHere, house) }
				]
			: []),
		...(work.candidates.length > 1 ? [{ kind: 'first' as const, text: say.supply }] : []),
		...fillLines(house, plan.boxId, say),
		...(asksDepth
			? [
					{
						kind: tooShallow ? ('short' as const) : ('first' as const),
						text: say.depth(family.usualDepthMm, box.depthMm)
					}
				]
			: []),
		...(plan.newHalves.length > was ? loadLines(house, plan.boxId, say) : [])
	];
}

/** More outlets than before: what hangs on the circuit already, against what it carries. */
function loadLines(house: House, boxId: string, say: ReturnType<typeof sureWords>): Line[] {
	const circuit = circuitsInBox(house, boxId)[0];
	const load = circuit && circuitLoad(house, circuit.id);
	if (!load) return [];
	const { totalW, limitW, usualW, unknown, points } = load;
	const text = say.load(wattsWord(totalW), wattsWord(limitW), wattsWord(usualW), unknown, points);
	return [{ kind: totalW > usualW ? 'short' : 'first', text }];
}

/** How full the box is by its code’s count; nothing where the code counts nothing. */
function fillLines(house: House, boxId: string, say: ReturnType<typeof sureWords>): Line[] {
	const fill = boxFill(house, boxId);
	if (!fill) return [];
	const text = say.fill(
		volumeWord(fill.totalIn3),
		fill.boxIn3 === null ? null : volumeWord(fill.boxIn3),
		fill.fits
	);
	return [{ kind: fill.fits === true ? 'sure' : fill.fits === false ? 'short' : 'first', text }];
}
/** Whose leak protection an outlet without a ground leans on. */
const guardedBy = (house: House, { boxId, work }: JobPlan): string | null => {
	const guard = work!.verdict.guardedBy;
	return guard === null || guard === boxId ? null : findBox(house, guard) ? boxPlace(house, guard) : guard;
};

/** What has to lie ready: the part, its plate, connectors, tails, caps, tools; and how its terminals want their ends. */
export function layOutLines(house: House, plan: JobPlan, own: readonly Connector[] = []): string[] {
	const family = familyFor(plan.newDevice);
	const lines = (used: boolean) =>
		needsOf(house, plan)
			.filter(({ need }) => isUsedUp(need) === used)
			.map((each) => {
				const yours = ownWords(each.need, own);
				return neededWords(each, plan.region) + (yours === null ? '' : `: ${yours}`);
			});
	return [
		...lines(true),
		...(family
			? [
					capital(layOutWords.gauge(family.usualGaugeMm)),
					layOutWords.torque(torqueWord(plan.region, family.usualTorqueNm))
				]
			: []),
		...lines(false)
	];
}
