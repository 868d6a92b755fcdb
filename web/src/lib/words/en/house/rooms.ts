export const words = {
	removed: (what: string) => `${what} removed`,
	placed: (what: string) => `${what} placed`,
	renamed: (what: string) => `${what} renamed`,
	added: (what: string) => `${what} added`,
	sByRoom: (capital: string | number) => `${capital}s by room`,
	notPlacedYet: 'Not placed yet.',
	findTheOfEachOr: (breaker: string | number) =>
		`Find the ${breaker} of each, or put it on a circuit if you know.`,
	findIts: (breaker: string | number) => `Find its ${breaker}`,
	putItOn: 'put it on …',
	notPlaced: 'not placed',
	remove: 'remove',
	room: '+ room',
	addARoom: 'Add a room',
	noRoomYetTypeA: 'No room yet. Type a name and press enter.',
	putOnACircuit: (name: string | number) => `Put ${name} on a circuit`,
	addTo: (name: string | number) => `Add to ${name}`,
	removeRoom: (name: string | number) => `Remove room ${name}`,
	roomAdded: (newRoom: string | number) => `room ${newRoom} added`,
	roomRenamed: (was: string | number) => `room ${was} renamed`,
	room2: (name: string | number) => `Room ${name}`,
	open: (name: string | number, name2: string | number) => `Open ${name}, ${name2}`,
	remove2: (name: string | number, name2: string | number) => `Remove ${name}, ${name2}`,
	showMore: (count: number, all: boolean, outlet: string) =>
		`Show ${all ? (count === 1 ? 'its' : 'all') : 'the other'} ${count} ${outlet}${count === 1 ? '' : 's'}`,
	roomRemoved: (name: string | number) => `room ${name} removed`
};
