export const words = {
	whatLosesPowerWithIt: 'What loses power with it',
	beforeItLosesPower: 'Before it loses power',
	itIsSeenTo: 'It is seen to'
};
