import type { House } from '@wary/core/house';
import { suspectsOf, type LampsSeen } from '@wary/core/inference';

/** Makes every mistake of the catalogue in a house, off the interface thread, and answers which would show what was seen. */
self.onmessage = ({ data }: MessageEvent<{ house: House; boxId: string; seen: LampsSeen }>) =>
	self.postMessage(
		suspectsOf(data.house, data.boxId, data.seen).map(({ id, kind, roles, where }) => ({
			id,
			kind,
			roles,
			where
		}))
	);
