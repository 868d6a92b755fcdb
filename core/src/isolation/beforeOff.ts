import { applianceOf, chainOfCircuit, mainSwitch, type House, type Matters } from '../house';
import { interruptions, type Interruption } from '../rules';

/** Something that goes off with a breaker. `id` is that of the load or, for what is fixed, of its box. */
export interface Thing {
	readonly id: string;
	readonly name: string;
	readonly box: string;
	readonly matters: Matters;
}

/** What goes off and matters to somebody, with what that means. */
export interface GoingOff extends Thing {
	readonly means: Interruption;
}

/** The breakers whose circuits lose their supply with this one: itself, those of panels behind it, or all of a panel whose main switch is meant. */
function breakersBehind(house: House, breakerId: string): string[] {
	const panel = house.panels.find(({ id }) => mainSwitch(id) === breakerId);
	if (panel) return panel.breakers.flatMap(({ id }) => breakersBehind(house, id));
	const subs = house.panels.filter(({ fedFrom }) => fedFrom?.breaker === breakerId);
	return [breakerId, ...subs.flatMap((sub) => sub.breakers.flatMap(({ id }) => breakersBehind(house, id)))];
}

/** What goes off with a breaker or a main switch and matters to somebody, by the record: plugged in or fixed, on its circuits and on panels behind it. */
export function thingsBehind(house: House, breakerId: string): Thing[] {
	const breakers = new Set(breakersBehind(house, breakerId));
	const boxes = new Set(
		house.circuits
			.filter(({ breaker }) => breakers.has(breaker))
			.flatMap(({ id }) => chainOfCircuit(house, id).map(({ box }) => box.id))
	);
	const plugged = house.loads.flatMap(({ id, name, box, matters }) =>
		matters && boxes.has(box) ? [{ id, name, box, matters }] : []
	);
	const fixed = house.boxes.flatMap(({ id, device }) => {
		const appliance = boxes.has(id) ? applianceOf(device) : null;
		return appliance?.matters ? [{ id, name: appliance.name, box: id, matters: appliance.matters }] : [];
	});
	return [...plugged, ...fixed];
}

/** What may not go off before somebody has seen to it: somebody may be hurt. An alarm that is not the only one is no such thing. */
export function hardThings(house: House, breakerId: string): Thing[] {
	const things = thingsBehind(house, breakerId).filter(({ matters }) => interruptions[matters].hard);
	return things.filter(({ matters, id }) => matters !== 'alarm' || !hasOtherAlarm(house, breakerId, id));
}

function hasOtherAlarm(house: House, breakerId: string, id: string): boolean {
	const goingOff = new Set(thingsBehind(house, breakerId).map((thing) => thing.id));
	const all = [
		...house.loads.filter(({ matters }) => matters === 'alarm').map((load) => load.id),
		...house.boxes.filter(({ device }) => applianceOf(device)?.matters === 'alarm').map((box) => box.id)
	];
	return all.some((other) => other !== id && !goingOff.has(other));
}

/** Everything that goes off with these breakers, what hurts most first. */
export function goingOffWith(house: House, breakers: readonly string[]): GoingOff[] {
	const seen = new Map<string, GoingOff>();
	for (const breaker of breakers)
		for (const thing of thingsBehind(house, breaker))
			seen.set(thing.id, { ...thing, means: interruptions[thing.matters] });
	return [...seen.values()].sort(
		(a, b) => Number(b.means.hard) - Number(a.means.hard) || b.means.disturbanceS - a.means.disturbanceS
	);
}
