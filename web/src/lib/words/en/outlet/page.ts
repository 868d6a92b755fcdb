export const words = {
	seen: (day: string | number) => `Seen ${day}.`,
	goOnWithTheJob: 'Go on with the job here',
	findIts: (breaker: string | number) => `Find its ${breaker}`,
	whoDoesTheWork: 'Who does the work',
	wiresGoOn: 'Wires go on',
	usual: (ground: string | number, neutral: string | number, hot: string | number) =>
		`${ground}, ${neutral}, ${hot} (usual)`,
	first: (hot: string | number) => `${hot} first`,
	inReverseOfComingOff: 'in reverse of coming off',
	noRcdProtectsThisSocket:
		'No RCD protects this socket circuit, by the record (BS 7671 411.3.3). A like-for-like change may go on; a 30 mA RCBO is recommended, and it is written down.',
	yourNameGoesOnThe: 'Your name goes on the tag and into the record.',
	circuit: 'Circuit',
	aLabelled: (breakerName: string | number, ratingA: string | number, label: string | number) =>
		`${breakerName}, ${ratingA} A, labelled “${label}”`,
	searchForIt: 'search for it',
	beforeIt: 'Before it',
	the: (panel: string | number) => `the ${panel}`,
	afterIt: 'After it',
	nothingEndOfTheRun: 'nothing: end of the run',
	supply: 'Supply',
	cable: (supply: string | number) => `cable ${supply}`,
	foundBy: (by: string | number, day: string | number, supply: string | number) =>
		`found by ${by}, ${day}: ${supply}`,
	comesOutToo: (replaced: readonly string[], putBack: readonly string[]) =>
		`In one box with ${[
			...(replaced.length > 0
				? [`${replaced.join(', ')}, which comes out and is replaced in the same job`]
				: []),
			...(putBack.length > 0 ? [`${putBack.join(', ')}, which comes out too, is read dead and put back`] : [])
		].join('; and with ')}: nothing in it counts as dead alone.`,
	box: 'Box',
	here: 'There',
	place: 'Place',
	againIsNot: (code: string) => `What ${code} asks here, and the same again doesn’t give:`,
	history: 'History',
	nothingIsOnRecordYet: 'Nothing is on record yet.',
	recordOfTheJob: (outcome: string | number) => `Record of the job, ${outcome}`,
	starting: 'Starting …',
	begin: 'Begin',
	planSomethingElse: 'Plan something else',
	planWhatIsAsked: 'Plan what is asked here',
	planWhatGoesIn: 'Plan what goes in',
	orSomethingElse:
		'Another style, USB, a GFCI, pigtails: planned first, judged by the model, then done step by step.',
	olderRecord:
		'The record has changed since this plan was made. Reload the page: the plan is made anew, and nothing you chose is lost.',
	replaceItLikeForLike: 'Replace it, like for like',
	foundByTest: (day: string | number) => `found by test, ${day}`,
	triedAndSeen: 'Tried and seen',
	allOfIt: 'All of it, and to write something down',
	claimedByALabelNot: 'claimed by a label, not tested'
};
