import { once, type House } from '@wary/core/house';
import { Piscina } from 'piscina';
import { asking } from './asking';
import { HeldUp } from './heldUp';
import { sums, type SumName, type Sums } from './sums';
import type { Asked } from './worker';

/** Chosen: with fewer boxes every sum took less than some 50 ms, and to send it to a thread is no gain. */
const heavyFromBoxes = 60;
/** Chosen: a sum over the largest lawful home takes some seconds. */
const atMostMs = 60_000;
const threadsAtMost = 2;
const waitingAtMost = 16;

/**
 * A sum over a house: of a large one on a thread of its own, so that everybody else is answered meanwhile. It ends with the request that asks for it. Without the built worker
 * (`WARY_SUMS`: while it is developed, and in tests) it is worked out here.
 */
export async function heavily<Name extends SumName>(
	house: House,
	name: Name,
	input: Parameters<Sums[Name]>[1]
): Promise<ReturnType<Sums[Name]>> {
	const worker = process.env.WARY_SUMS;
	if (!worker || house.boxes.length < heavyFromBoxes)
		return (sums[name] as (house: House, asked: unknown) => ReturnType<Sums[Name]>)(house, input);
	const asked: Asked = { ...sentAs(house), name, input };
	const threads = poolOf(worker);
	// The pool's own bound doesn't count what can be cancelled (5.3).
	if (threads.queueSize >= waitingAtMost) throw new HeldUp(`${waitingAtMost} wait already`);
	const late = AbortSignal.timeout(atMostMs);
	const gone = asking();
	const signal = gone ? AbortSignal.any([gone, late]) : late;
	try {
		return (await threads.run(asked, { signal })) as ReturnType<Sums[Name]>;
	} catch (error) {
		if (error instanceof Error && error.name === 'AbortError') throw new HeldUp(error.message);
		throw error;
	}
}

let pool: Piscina | null = null;
function poolOf(filename: string): Piscina {
	pool ??= new Piscina({
		filename,
		minThreads: 0,
		maxThreads: threadsAtMost,
		idleTimeout: 60_000
	});
	return pool;
}
// A thread that works would keep the process alive.
process.once('wary:stopping', () => void pool?.destroy());

let sent = 0;
const sentAs = once((house: House) => ({ house: ++sent, text: JSON.stringify(house) }));
