export const words = {
	homes: 'Homes'
};
