/** What reads files of a house, by itself: a page fetches it when there is a file to read. */
export {
	describePath,
	describeProblem,
	parseHouse,
	readDirectoryCsv,
	readOutletsCsv,
	readTypedDirectory,
	readTypedRooms
} from '@wary/core/files';
