export const words = {
	isBackOn: (breakerName: string | number) => `${breakerName} is back on`,
	isBackIn: (breakerName: string | number) => `${breakerName} is back in`,
	wayOfFindingIt: 'Way of finding it',
	searchForIt: 'Search for it',
	iKnowWhichItIs: 'I know which it is',
	mainSwitchAsALast: 'Main switch, as a last resort',
	off: (breakerNames: string | number, ids: string | number) => `${breakerNames} ${ids} off`,
	useTheMainSwitch: 'Use the main switch',
	theSearchCantBeFetched: 'The search can’t be fetched just now.',
	nameTheYourself: (breaker: string | number) => `Name the ${breaker} yourself`,
	thisMainSwitchOpensThe: ' This main switch opens the neutral too.',
	everythingLosesPowerEveryLight: (
		outlet: string | number,
		thisMainSwitchOpensThe: string | number,
		breaker: string | number
	) =>
		`Everything loses power: every light, router, freezer, alarm. Head-torch on, phone charged. No ${outlet} is live any more, so the tester is proved on a proving unit.${thisMainSwitchOpensThe} It says nothing about which ${breaker} it was.`,
	withOffTheStayedLive: (breakerName: string | number, outlet: string | number) =>
		`With ${breakerName} off, the ${outlet} stayed live. It isn’t this one, or not this one alone.`,
	itsRatingDiffersFromWhat: 'Its rating differs from what is recorded for this circuit.',
	tapTheYouHaveSwitched: (breaker: string | number) => `Tap the ${breaker} you have switched off.`,
	goesDarkWithItBy: 'Goes dark with it, by the record',
	aLightYouMayBe: 'A light you may be working by goes with it: head-torch on first.',
	noLightOnRecordGoes:
		'No light on record goes with it. Carry a head-torch all the same: the record may be wrong.',
	isOff: (capital: string | number) => `${capital} is off`,
	isOut: (capital: string | number) => `${capital} is out`,
	chooseOne: 'Choose one'
};
