import type { AutopsyFault, Condition, StopReason } from '@wary/core/job';
import { terms } from './terms';

/** What is looked for, how it looks, and what follows. */
export const conditionWords = (region: 'us' | 'uk'): Record<Condition, { look: string; then: string }> => {
	const t = terms[region];
	return {
		scorchIntoWall: {
			look: 'Scorch or melted insulation that runs back into the wall',
			then: 'The damage goes on where you can’t see. Stop.'
		},
		crumblingInsulation: {
			look: 'Insulation that cracks or crumbles when the wire is moved',
			then: 'It will crumble further in too. Stop.'
		},
		aluminium: {
			look: 'Silver-grey, soft aluminium conductors',
			then: 'They need devices and connectors made for them. Stop.'
		},
		tooShort: {
			look:
				region === 'uk'
					? 'A conductor too short to reach even a joint with a sound end'
					: 'A wire too short to reach even a connector with a sound end',
			then: 'Nothing here can lengthen it safely. Stop.'
		},
		liveGround: {
			look: `A ${t.neutral} or ${t.ground} that read live at any time`,
			then: 'Something is wrong upstream. Stop.'
		},
		scorchLocal: {
			look: 'Scorch at the terminal only',
			then: 'Cut back to bright copper and sound insulation. Note it as a worry.'
		},
		nicked: { look: 'A nick in a conductor', then: 'Cut it off and strip anew.' },
		nearlyCut: { look: 'Copper cut nearly through at the old terminal', then: 'Cut it off and strip anew.' },
		pushIn: {
			look: 'Wires held by push-in springs',
			then: 'They go under screws or plates on the new device.'
		},
		looseTerminal: {
			look: 'A terminal screw that was loose',
			then: 'Look for heat there. New termination, tugged.'
		},
		wornContacts: { look: 'Contacts that no longer hold a plug', then: 'That is what the new part cures.' },
		corrosion: {
			look: 'Green or white corrosion, or damp',
			then: 'Cut back to bright copper; find where the damp comes from.'
		},
		crackedFace: {
			look: 'A cracked face or body',
			then: 'Live parts may be in reach of a finger. That is what the new part cures.'
		},
		recessedBox: {
			look:
				region === 'us' ? 'The box sits behind the wall face' : 'The back box sits deep behind the wall face',
			then:
				region === 'us'
					? 'Up to 1/4 in is allowed, none in a wall that burns (NEC 314.20). An extension ring brings it forward.'
					: 'Longer screws, M3.5, that don’t reach a cable; or a spacer behind the face.'
		},
		looseBox: {
			look: 'The box is loose, or so crowded that wires are pinched',
			then: 'Fasten it, or give the wires room, before anything goes back in.'
		},
		shortButReaches: {
			look:
				region === 'uk'
					? 'Short, but each end reaches its terminal'
					: 'Less than 6 in of free wire, but each end reaches its terminal',
			then:
				region === 'uk'
					? 'It goes back as it is. Noted, for whoever comes next.'
					: 'The 6 in of NEC 300.14 are asked of new work. In an old box it goes back as it is, or gets a pigtail. Noted.'
		}
	};
};

/** What the old device in the hand tells. */
export const autopsyWords: Record<AutopsyFault, string> = {
	heat: 'It has been hot: look at the terminal that is discoloured, cut that wire back to bright copper.',
	cracked: 'Cracked: live parts were in reach.',
	weakGrip: 'Its contacts had lost their spring: a poor contact heats under load.',
	leaksAcross: 'Something conducts between its contacts: carbon or damp. It had to go.',
	leaksToGround: 'It leaks to ground: that may be why something tripped.',
	poorContact: 'Terminal to contact reads high: burnt or loose inside. That is where the heat was made.'
};

/** How much a condition weighs. */
export const severityWords = {
	stop: 'ends the job',
	mend: 'put right on the way',
	watch: 'put right, and watched'
} as const;

/** Why a job ended early, and what to tell the electrician. */
export const stopWords = (region: 'us' | 'uk'): Record<StopReason, { why: string; tell: string }> => {
	const t = terms[region];
	const found = conditionWords(region);
	const fromCondition = (condition: Condition, tell: string) => ({ why: found[condition].look, tell });
	return {
		scorchIntoWall: fromCondition(
			'scorchIntoWall',
			'Burnt insulation continues beyond the box. Ask for the cable to be tested and replaced as far as it goes.'
		),
		crumblingInsulation: fromCondition(
			'crumblingInsulation',
			'Insulation fails when moved. Ask for an insulation-resistance test of the circuit.'
		),
		aluminium: fromCondition(
			'aluminium',
			region === 'us'
				? 'Aluminium branch wiring. Ask for devices marked CO/ALR, or splices to copper with connectors listed for it.'
				: 'Aluminium conductors. Ask for terminations suited to them.'
		),
		tooShort: fromCondition(
			'tooShort',
			region === 'us'
				? 'A conductor too short even for a connector (NEC 300.14). Ask for the cable to be drawn, or a new run.'
				: 'A conductor too short even for a joint. Ask for the cable to be drawn, or crimped or maintenance-free joints further back.'
		),
		liveGround: fromCondition(
			'liveGround',
			`A ${t.neutral} or ${t.ground} was live. Ask for the circuit to be traced from the ${t.panel}.`
		),
		scorchLocal: fromCondition('scorchLocal', 'Scorch at a terminal.'),
		nicked: fromCondition('nicked', 'A nicked conductor.'),
		nearlyCut: fromCondition('nearlyCut', 'A conductor nearly cut through.'),
		pushIn: fromCondition('pushIn', 'Push-in terminations.'),
		looseTerminal: fromCondition('looseTerminal', 'A loose terminal.'),
		wornContacts: fromCondition('wornContacts', 'Worn contacts.'),
		corrosion: fromCondition('corrosion', 'Corrosion in the box.'),
		crackedFace: fromCondition('crackedFace', 'A cracked device.'),
		recessedBox: fromCondition('recessedBox', 'The box sits too far behind the wall face.'),
		looseBox: fromCondition('looseBox', 'The box is loose or crowded.'),
		otherSource: {
			why: 'Something here is lit with the main switch off: another source feeds it',
			tell: `A light stays lit with the ${t.panel}’s main switch off. Ask for the other source to be found: an inverter, a generator, a neighbour’s or a second supply.`
		},
		faultStays: {
			why: 'The box was opened for what the test showed, and the test shows the same again',
			tell: `Each joint here was gone over and the same is wrong: what is at fault sits before or behind this box, or in the new part. Ask for the circuit to be traced from the ${t.panel}. It stays off until then.`
		},
		breakerInNeutral: {
			why: `With the ${t.breaker} off, ${t.hot} to ${t.neutral} is dead and ${t.hot} to ${t.ground} is alive`,
			tell: `What switches here opens the ${t.neutral}, and the ${t.hot} stays alive; or the ${t.ground} itself is alive. The ${t.breaker} is not labelled wrong. Leave the main switch off if you can, and ask for it to be put right at the ${t.panel}.`
		},
		supplyOff: {
			why: `Live, and far from the voltage that the supplier may deliver`,
			tell:
				region === 'us'
					? 'Turn the main switch off. Where lamps brighten as something large starts, and other outlets read too little, the neutral of the service is lost: call the utility’s emergency number. Metal that should be grounded may be alive.'
					: 'Turn the main switch off. Where other sockets read too little, or lamps brighten as something large starts, the supply’s neutral may be lost: call 105. Metal that should be earthed may be alive.'
		},
		boxNotGround: {
			why: `By the record the metal of this box is a ${t.ground}; from a slot to the plate screw nothing lit`,
			tell: `The box isn’t grounded by its armor or conduit here, so no grounding ${t.outlet} goes in on it. On the ${t.outlet}’s page, under cables, say that the metal is no ground; then plan again: a GFCI, two slots again, or a ground that a ${t.handTo} brings.`
		},
		shortButReaches: fromCondition('shortButReaches', 'Little free conductor.'),
		sharedNeutral: {
			why: `Two ${t.breaker}s share a neutral here without opening together`,
			tell:
				region === 'us'
					? 'Multi-wire branch circuit without a common trip (NEC 210.4(B)). Ask for a two-pole breaker or a handle tie.'
					: 'A borrowed neutral (BS 7671 314.4). Ask for the circuits to be separated.'
		},
		ungroundedExtension: {
			why: 'An ungrounded circuit would be extended',
			tell: 'Extending an ungrounded circuit falls under NEC 250.130. Ask for a ground to be brought, or a rewire.'
		},
		spurFromSpur: {
			why: 'A spur is fed from a spur',
			tell: 'Spur off a spur. Ask for the sockets to be brought into the ring, or fused down.'
		},
		ringFault: {
			why: 'The ring is open or cross-connected',
			tell: 'Ring continuity doesn’t hold end to end. Ask for the ring to be tested leg by leg.'
		},
		noResidual: {
			why: 'No RCD protects this socket circuit',
			tell: 'No 30 mA protection on a socket circuit (BS 7671 411.3.3). Ask for an RCBO.'
		},
		bathroom: { why: 'A room with a bath or shower', tell: 'Section 701 location. Nothing was changed.' },
		notifiable: {
			why: 'The work would be notifiable',
			tell: 'Part P or the nation’s own rule applies. Ask a registered electrician.'
		},
		notAsRecorded: {
			why: 'The box holds something other than what is on record',
			tell: 'The wiring in the box differs from the record. Ask for the arrangement to be identified before anything is changed.'
		},
		foundOnDevice: {
			why: 'A conductor on the device that isn’t on record',
			tell: `A further conductor sits on the ${t.outlet}. It may belong to a second circuit.`
		},
		ringOpen: {
			why: 'The ring is open: from end to end of one conductor there is no way round',
			tell: 'Every socket still works, with one leg carrying what two should; where the break is has to be found, and the circuit taken off 32 A until then'
		},
		noArrangement: {
			why: 'Readings that fit no arrangement of these cables',
			tell: 'What the cables read fits no usual arrangement. Ask for the circuit to be traced before anything is connected.'
		},
		unsure: {
			why: 'Something that could not be judged',
			tell: 'The person working was not sure of what they saw. Ask for a second opinion on the condition of the wiring.'
		},
		deadBefore: {
			why: `The ${t.outlet} was dead before anything was switched off`,
			tell: 'It was not live at the start, so why it is dead comes first.'
		},
		noTester: { why: 'No tester that can prove dead', tell: 'Nothing was proven.' },
		ownChoice: { why: 'Stopped by choice', tell: 'No fault was noted as the reason.' }
	};
};

/** A stopped job as the history of its box tells it. */
export const stoppedWords = (region: 'us' | 'uk', reason: StopReason, note: string): string => {
	const why = reason === 'ownChoice' ? [] : [stopWords(region)[reason].why];
	return `Job stopped${why.length + note.length > 0 ? ': ' : ''}${[...why, ...(note ? [note] : [])].join('. ')}${note ? '' : '.'}`;
};
