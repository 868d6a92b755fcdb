export const words = {
	ma: (tripMa: string | number) => `${tripMa} mA`,
	stayedLive: 'stayed live',
	spaceEmptyAdd: (space: string | number, aBreaker: string | number) =>
		`Space ${space}, empty: add ${aBreaker}`
};
