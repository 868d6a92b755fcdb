export const words = {
	floating: 'floating',
	pigtail: 'pigtail',
	floats: 'floats',
	noDevice: 'no device',
	voltsToEarth: (one: string | number) => `${one} volts to earth`,
	theBoxOnTheBench: (back: string | number) => `The box on the bench, device seen from the ${back}`,
	cable: (cable: string | number) => `cable ${cable}`,
	halfSlot: (half: string | number, roleWord: string | number) => `${half} half, ${roleWord} slot`
};
