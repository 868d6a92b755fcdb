export const words = {
	askingAgainEveryTwoSeconds: 'Asking again every two seconds …',
	toToday: 'To Today',
	somethingWentWrong: 'Something went wrong.'
};
