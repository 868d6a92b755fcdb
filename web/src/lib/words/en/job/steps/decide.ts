export const words = {
	chooseOneOrEndHere: 'Choose one, or end here with the Stop button.',
	thatIsMyDecision: 'That is my decision'
};
