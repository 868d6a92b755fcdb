export const words = {
	carry: (each: string | number) => `carry: ${each}`
};
