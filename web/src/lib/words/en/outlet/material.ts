export const words = {
	whatTheBoxIsMade: 'What the box is made of',
	metal: 'metal',
	plastic: 'plastic',
	boxOf: (name: string | number, material: string | number) => `box of ${name}: ${material}`
};
