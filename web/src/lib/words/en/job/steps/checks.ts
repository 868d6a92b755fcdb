export const words = {
	forPanel: { us: 'panel', uk: 'consumer unit' },
	nothingYet: 'nothing that reads between two points yet',
	andAProvingUnitMade: 'and a proving unit: made for just this, nothing to set.',
	aTwoProbeVoltageIndicator: 'A two-probe voltage indicator',
	withLeadsInGoodOrder: (x: string | number) =>
		`with leads in good order, better still with a low-impedance mode. Its category printed on it: CAT III for what hangs on a ${x}, CAT II at the least.`,
	aMultimeter: 'A multimeter',
	deadWillBeProvenWith: 'Dead will be proven with',
	thenThisJobGoesAs:
		'Then this job goes as far as the plate, and waits there. What a lamp or a contactless tester can miss:',
	seeItOnTheModel: 'see it on the model',
	aContactlessTesterOrA: 'A contactless tester or a plug-in tester alone never proves dead.',
	why: 'Why',
	allOfThemLieHere: 'All of them lie here',
	iHaveItNow: 'I have it now',
	allHere: 'All here'
};
