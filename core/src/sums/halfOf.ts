import { deviceModel, type Box, type Half } from '../house';

/** The half of an outlet that stands for it; `null`: it is none. */
export const halfOf = ({ use, device }: Box): Half | null =>
	use === 'outlet' && device ? (deviceModel(device).halves[0] ?? null) : null;
