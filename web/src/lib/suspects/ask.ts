import type { House } from '@wary/core/house';
import type { LampsSeen } from '@wary/core/inference';
import type { Mistake } from '@wary/core/mistakes';

export type Suspect = Pick<Mistake, 'id' | 'kind' | 'roles' | 'where'>;

/** The single mistakes that would show what a plug-in tester showed, likeliest first; rejects where nobody can work it out. */
export function suspectsFor(house: House, boxId: string, seen: LampsSeen): Promise<readonly Suspect[]> {
	return new Promise((resolve, reject) => {
		const worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
		const end = (settle: () => void) => {
			worker.terminate();
			settle();
		};
		worker.onmessage = ({ data }: MessageEvent<readonly Suspect[]>) => end(() => resolve(data));
		worker.onerror = () => end(() => reject(new Error('no worker')));
		worker.postMessage({ house, boxId, seen });
	});
}
