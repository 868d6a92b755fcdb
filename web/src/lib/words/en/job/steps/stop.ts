export const words = {
	tellTheElectrician: 'Tell the electrician:',
	inYourOwnWordsFor: 'In your own words, for whoever goes on',
	stopHereAndKeepThe: 'Stop here and keep the record'
};
