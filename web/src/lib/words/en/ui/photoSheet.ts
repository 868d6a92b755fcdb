export const words = {
	photographs: 'Photographs',
	utc: (clock: string | number) => `${clock} UTC`,
	photographOfTheBox: 'photograph of the box'
};
