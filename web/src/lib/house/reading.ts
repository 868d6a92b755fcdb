/** What reads files of a house, by itself: a page fetches it when there is a file to read. */
export {
	parseHouse,
	readDirectoryCsv,
	readOutletsCsv,
	readTypedDirectory,
	readTypedRooms
} from '@wary/core/files';
export { describePath, describeProblem } from '$words/problems';
