export const words = {
	addAHomeWaryHand: 'Add a home · Wary Hand',
	addYourOwnHome: 'Add your own home',
	beginFromNothingInstead: 'Begin from nothing instead',
	iHaveAHouseFile: 'I have a house file'
};
