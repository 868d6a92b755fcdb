export const words = {
	conductors: 'Conductors',
	conductor: 'conductor',
	role: 'role',
	sitsAt: 'sits at',
	toEarth: 'to earth',
	current: 'current',
	aHand: 'a hand',
	terminalsAndJoints: 'Terminals and joints',
	place: 'place',
	wires: 'wires',
	whereItSits: (colour: string | number, cable: string | number) => `${colour}, ${cable}: where it sits`,
	ma: (touch: string | number, band: string | number) => `${touch} mA, ${band}`
};
