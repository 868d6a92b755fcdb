import { findBreaker, type House } from '@wary/core/house';
import type { JobPlan, Worry } from '@wary/core/job';
import { conditionWords, stopWords } from './conditions';
import { lampsWords } from './lamps';
import { loadedFound } from './steps/loaded';
import { boxPlace, breakerName, cableWords, halfWords, terms, voltsWord, namedBreakers } from './terms';

/** What a job found and left open, in words: for its record, and for the outlet’s worries. */
export function foundWords(worry: Worry, house: House, plan: JobPlan): string {
	const t = terms[plan.region];
	const label = (id: string) => findBreaker(house, id)?.label ?? '';
	switch (worry.kind) {
		case 'condition':
			return `${conditionWords(plan.region)[worry.condition].look}${worry.condition === 'scorchLocal' ? sameHand(house, plan) : ''}`;
		case 'voltage':
			return `Supply ${worry.verdict}: ${voltsWord(worry.volts)}`;
		case 'wrongLabel':
			return `${namedBreakers(house, worry.breaker)} is labelled “${label(worry.breaker)}” and does not feed this ${t.outlet}; what it feeds is still to be found`;
		case 'wrongCircuit':
			return `The directory put this ${t.outlet} on ${breakerName(house, worry.recorded)} (“${label(worry.recorded)}”); it is on ${breakerName(house, worry.feeder)}. What ${breakerName(house, worry.recorded)} feeds is still to be found`;
		case 'foundConductor':
			return `A conductor that was not on record (${worry.id})`;
		case 'groundOdd':
			return worry.settled
				? `A contactless tester alarmed at the ${t.ground} here; read to a known ${t.ground}, nothing was on it`
				: `The ${t.ground} in this box didn’t show itself to be one: everything was read to a known ${t.ground} instead`;
		case 'inherited':
			return `As found, before anything was touched, the ${halfWords[worry.half]}${plan.halves.length > 1 ? '' : ' outlet'} showed ${lampsWords(worry.lamps, plan.region)}${worry.holds ? '' : ', and let a plug slip'}; it was not shown to be right since`;
		case 'loaded':
			return loadedFound(worry.verdict, plan.region);
		case 'boxMayBeGround':
			return `From a slot to the plate screw a lamp lit: the metal of this box may be a ${t.ground}, and the record knows of none. Conduit, or armor with a bonding strip, would make it one; old armor without a strip lights a lamp and is none. Put it on record once that is seen`;
		case 'noResidual':
			return 'No RCD protects this socket circuit (BS 7671 411.3.3). A 30 mA RCBO is recommended; it doesn’t stand in the way of a like-for-like change';
		case 'protectionAsked':
			return `${worry.asked.code} ${worry.asked.edition} ${worry.asked.clause} asks for ${plan.region === 'uk' ? 'distance from a bath or shower' : 'GFCI protection'} at this place; the same was put in again`;
		case 'neighbourBefore':
			return `${boxPlace(house, worry.box)}, which comes before this one, didn’t work as before: look there`;
		case 'ringNotRecorded':
			return 'Both cables feed this socket: it reads like a ring, and is recorded as a radial. Continuity end to end of each conductor settles it';
		case 'supplyNotAsRecorded':
			return `The supply is ${worry.found.map((cable) => cableWords(house, plan, cable)).join(' and ')}: the chain on record runs the other way here`;
		case 'tripped':
			return `The ${t.breaker} tripped once when power was restored`;
		case 'stopped':
			return `${stopWords(plan.region)[worry.reason].why}. ${stopWords(plan.region)[worry.reason].tell}`;
	}
}

const namedAtMost = 6;

/** After a burn: heat is nearly always a poor joint or a worn contact, and whoever made one made the others of that circuit. */
function sameHand(house: House, { witnesses, region }: JobPlan): string {
	if (witnesses.length === 0) return '';
	const named = witnesses.slice(0, namedAtMost).map((box) => boxPlace(house, box));
	const more = witnesses.length > named.length ? '; and more' : '';
	return `. Heat is nearly always a poor joint or a worn contact: look at the ${terms[region].outlet}s wired by the same hand as well (${named.join('; ')}${more}), each dead first. The ${terms[region].breaker}’s own terminal is an electrician’s to look at`;
}
