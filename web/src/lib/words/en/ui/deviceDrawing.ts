export const words = {
	seenFromThe: (back: string | number) => `seen from the ${back}`,
	turnOver: 'turn over',
	called: { us: 'Outlet', uk: 'Socket' },
	plateScrew: 'screw',
	seenFromThe2: (socket: string | number, back: string | number) => `${socket} seen from the ${back}`
};
