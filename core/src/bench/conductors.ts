import type { Doing } from './at';
import { ofConductor } from './at';
import { land, stripped } from './landing';
import { refuse } from './refusal';

/** What is done to the end of a conductor. */
export const atConductors: Doing<'land' | 'strip' | 'mark' | 'joint' | 'touch'> = {
	land,
	strip: (at, event) => ofConductor(at, event, (end) => stripped(at.house, end, event.mm)),
	mark: (at, event) =>
		ofConductor(at, event, ({ mark: _mark, tape: _tape, ...end }) => ({
			...end,
			...(event.tape ? { tape: event.tape } : {}),
			...(event.text ? { mark: event.text } : {})
		})),
	joint: (at, event) =>
		ofConductor(at, event, ({ open: _open, resistanceOhm: _ohm, ...end }) => ({
			...end,
			...(event.state === 'open'
				? { open: true as const }
				: event.state === 'good'
					? {}
					: { resistanceOhm: event.state })
		})),
	touch: (at, event) =>
		at.box.material === 'metal'
			? ofConductor(at, event, ({ touches: _touches, ...end }) => ({
					...end,
					...(event.touches ? { touches: 'box' as const } : {})
				}))
			: refuse({ code: 'noMetal' })
};
