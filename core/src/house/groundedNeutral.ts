import {
	add,
	askVariant,
	branchCurrentA,
	magnitude,
	variantsInPlace,
	type Branch,
	type Network
} from '../network';
import { groundedNeutralTest } from '../rules';

/**
 * The current that a device's own small test voltage, laid alike on all conductors through its transformer, drives round through ground, A: for each set of branches that a
 * device senses, one device at a time.
 */
export function groundedNeutralsA(network: Network, sensed: readonly (readonly string[])[]): number[] {
	if (sensed.length === 0) return [];
	const setOf = new Map(sensed.flatMap((ids, k) => ids.map((id) => [id, k] as const)));
	const driven: { readonly number: number; readonly branch: Branch }[][] = sensed.map(() => []);
	network.branches.forEach((branch, number) => {
		const k = setOf.get(branch.id);
		if (k !== undefined && (branch.kind === 'resistor' || branch.kind === 'switch'))
			driven[k]!.push({ number, branch: driving(branch) });
	});
	const still = { ...network, frequencyHz: 0 };
	const set = variantsInPlace(
		still,
		driven.map((branches) => ({ branches }))
	);
	return driven.map((branches) =>
		askVariant(set, [{ branches }], (voltageV) => {
			if (!voltageV || branches.length === 0) return 0;
			return magnitude(branches.map(({ branch }) => branchCurrentA(still, branch, voltageV)).reduce(add));
		})
	);
}

const driving = (branch: Extract<Branch, { kind: 'resistor' | 'switch' }>): Branch => ({
	kind: 'source',
	id: branch.id,
	from: branch.from,
	to: branch.to,
	emfV: { re: groundedNeutralTest.testV, im: 0 },
	current: 'direct',
	resistanceOhm: branch.kind === 'resistor' ? branch.resistanceOhm : branch.onResistanceOhm
});

/** At most what instruments add to it, A: across none of them stands more than the test voltages of both conductors. */
export const throughA = (extra: readonly Branch[]): number =>
	extra
		.map((branch) =>
			branch.kind === 'resistor' ? branch.resistanceOhm : branch.kind === 'capacitor' ? Infinity : 0
		)
		.reduce((sum, ohm) => sum + (2 * groundedNeutralTest.testV) / ohm, 0);
