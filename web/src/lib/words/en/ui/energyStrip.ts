export const words = {
	serverAwayWorkGoesOn: (unsent: string | number) => `Server away: work goes on here, ${unsent} to send`
};
