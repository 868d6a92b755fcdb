export const words = {
	yourIndicatorLightsTo: 'your indicator lights to'
};
