import { add, branchCurrentA, magnitude, solve, type Branch, type Network, type SolveOutcome } from '../network';
import { regions } from '../rules';
import { breakerBranchId, breakerNeutralId, compileHouse, sensesResidual, tripMaOf } from './compile';
import { allBreakers, withBreakers } from './lookup';
import type { House } from './schema';

/** A protective device that opened by itself, and the current that made it, A. */
export interface Trip {
	readonly device: string;
	readonly cause: 'shortCircuit' | 'residual';
	readonly currentA: number;
}

export interface Settled {
	readonly house: House;
	readonly network: Network;
	readonly solution: SolveOutcome;
	readonly trips: readonly Trip[];
}

/**
 * Solves the house, opens what would open at once (a breaker on a short circuit, a residual device on its difference current), and solves again
 * until nothing moves. Devices only open, so it ends after at most as many rounds as there are devices. `extra` branches (instruments) stay connected.
 */
export function settle(house: House, extra: readonly Branch[] = []): Settled {
	const trips: Trip[] = [];
	let now = house;
	for (;;) {
		const compiled = compileHouse(now);
		const network = { ...compiled, branches: [...compiled.branches, ...extra] };
		const solution = solve(network);
		const fresh = solution.outcome === 'singular' ? [] : openingNow(now, network, solution.voltageV);
		if (fresh.length === 0) return { house: now, network, solution, trips };
		trips.push(...fresh);
		now = opened(now, new Set(fresh.map(({ device }) => device)));
	}
}

function openingNow(house: House, network: Network, voltageV: Parameters<typeof branchCurrentA>[2]): Trip[] {
	const byId = new Map(network.branches.map((branch) => [branch.id, branch]));
	const currentOf = (id: string) => branchCurrentA(network, byId.get(id)!, voltageV);
	const trips: Trip[] = [];
	for (const breaker of allBreakers(house)) {
		if (!breaker.on) continue;
		const currentA = Math.max(...breaker.spaces.map((_, pole) => magnitude(currentOf(breakerBranchId(breaker.id, pole as 0 | 1)))));
		if (currentA > breaker.ratingA * regions[house.region].instantTripMultiple.value)
			trips.push({ device: breaker.id, cause: 'shortCircuit', currentA });
	}
	// A breaker clears a short faster than a residual device judges the difference it made.
	if (trips.length > 0) return trips;
	for (const breaker of allBreakers(house)) {
		if (!breaker.on || !sensesResidual(breaker)) continue;
		const lines = breaker.spaces.map((_, pole) => currentOf(breakerBranchId(breaker.id, pole as 0 | 1)));
		const currentA = magnitude(lines.reduce(add, currentOf(breakerNeutralId(breaker.id))));
		if (currentA * 1000 > tripMaOf(house, breaker)) trips.push({ device: breaker.id, cause: 'residual', currentA });
	}
	for (const device of house.panels.flatMap(({ residualDevices }) => residualDevices)) {
		if (!device.on) continue;
		// Line current flows out to the load, neutral current comes back: their branches point the same way, so a sound circuit sums to zero.
		const line = currentOf(`residual device ${device.id} line`);
		const neutral = currentOf(`residual device ${device.id} neutral`);
		const currentA = magnitude(add(line, neutral));
		if (currentA * 1000 > device.tripMa) trips.push({ device: device.id, cause: 'residual', currentA });
	}
	return trips;
}

function opened(house: House, ids: ReadonlySet<string>): House {
	const off = withBreakers(house, Object.fromEntries([...ids].map((id) => [id, false])));
	return {
		...off,
		panels: off.panels.map((panel) => ({
			...panel,
			residualDevices: panel.residualDevices.map((device) => (ids.has(device.id) ? { ...device, on: false } : device))
		}))
	};
}
