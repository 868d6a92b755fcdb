/** Stages on the terminal: what is being done, then how long it took. */
const started = performance.now();

/** Runs one stage and prints its name with the seconds it took. */
export async function stage(name, work) {
	const from = performance.now();
	process.stdout.write(`  ${name} … `);
	try {
		const result = await work();
		console.log(`${seconds(performance.now() - from)}${typeof result === 'string' ? ` (${result})` : ''}`);
		return result;
	} catch (error) {
		console.log('failed');
		throw error;
	}
}

export const sinceStart = () => seconds(performance.now() - started);
const seconds = (ms) => `${(ms / 1000).toFixed(1)} s`;

/** A failure the user can do something about: printed as it stands, without a stack. */
export class Advice extends Error {}

/** Prints a failure and ends: advice as it stands, anything else with its stack. */
export function fail(error) {
	console.error(error instanceof Advice ? `\n${error.message}` : error);
	process.exitCode = 1;
}
