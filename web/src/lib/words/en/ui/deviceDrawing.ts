export const words = {
	seenFromThe: (back: string | number) => `seen from the ${back}`,
	turnOver: 'turn over',
	socket: 'Socket',
	outlet: 'Outlet',
	plateScrew: 'screw',
	seenFromThe2: (socket: string | number, back: string | number) => `${socket} seen from the ${back}`
};
