export const words = {
	views: 'Views'
};
