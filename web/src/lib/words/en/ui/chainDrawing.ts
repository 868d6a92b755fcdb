export const words = {
	here: 'here',
	backTo: (breakerName: string | number) => `back to ${breakerName}`,
	circuit: (name: string | number) => `Circuit ${name}`
};
