export const words = {
	askingAgainEveryTwoSeconds: 'Asking again every two seconds …',
	toToday: 'To Today',
	theRecordsCantBeReached: 'The records can’t be reached just now',
	somethingWentWrong: 'Something went wrong.'
};
