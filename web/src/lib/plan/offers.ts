import type { PartId } from '@wary/core/devices';
import { feeds, type Feed } from '@wary/core/wiring';
import type { Offer } from './planner.svelte';

/** Whether the model passes a part fed that way; until that is worked out nothing is said against it. */
export const canBeHad = (offers: readonly Offer[], part: PartId, feed: Feed): boolean =>
	offers.length === 0 || offers.some((each) => each.part === part && each.feed === feed && !each.failure);

/** How a part is fed when it is picked: as what was wished for until now, or the first way that it can be. */
export const feedFor = (offers: readonly Offer[], part: PartId, feed: Feed): Feed =>
	[feed, ...feeds].find((each) => canBeHad(offers, part, each)) ?? feed;
