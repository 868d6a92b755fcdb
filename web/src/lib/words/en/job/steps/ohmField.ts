export const words = {
	yourReading: 'your reading',
	yourReadingInOhms: 'your reading in ohms',
	unit: 'unit',
	openOl: 'open (OL)'
};
