export const words = {
	whatIsThere: 'What is there',
	outletOf: (name: string | number, device: string | number) => `${name}: ${device}`,
	twoSlot: 'Two-slot outlet, ungrounded',
	asRecorded: 'as recorded',
	depth: 'Depth of the box, mm',
	depthOf: (name: string | number, depth: string | number) => `${name}: ${depth} mm deep`,
	depthRange: 'A depth from 5 to 200 mm.',
	whatTheBoxIsMade: 'What the box is made of',
	metal: 'metal',
	plastic: 'plastic',
	boxOf: (name: string | number, material: string | number) => `box of ${name}: ${material}`
};
