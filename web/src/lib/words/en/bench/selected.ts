export const words = {
	theConductorInHand: 'The conductor in hand',
	sitsAt: 'sits at',
	heldBy: 'held by',
	strippedMm: 'stripped, mm',
	joint: 'joint',
	sound: 'sound',
	looseΩ: (ohm: string | number) => `loose, ${ohm} Ω`,
	open: 'open',
	tape: 'tape',
	none: 'none',
	writtenOnIt: 'written on it',
	bareMetalTouchesTheBox: 'bare metal touches the box',
	removeThisPigtail: 'Remove this pigtail',
	nowDragItOrTap: (placeWords: string | number) => `now ${placeWords}. Drag it, or tap where it goes.`,
	metalOfTheBox: 'metal of the box',
	capIt: 'cap it',
	leaveItFreeBare: 'leave it free, bare'
};
