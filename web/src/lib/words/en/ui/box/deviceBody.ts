export const words = {
	stripGauge: 'strip gauge'
};
