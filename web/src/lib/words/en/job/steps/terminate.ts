export const words = {
	onto: 'Onto',
	taken: 'taken',
	whereItWas: '← where it was',
	servesAsWellOnePiece: 'serves as well: one piece of brass joins the two',
	heldBy: 'Held by',
	onAndItHeldThe: 'On, and it held the tug',
	onButItCameOut: 'On, but it came out'
};
