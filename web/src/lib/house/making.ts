/** What makes a change to a house: fetched with the first change, since most who look at a page change nothing. */
export { editHouse } from '@wary/core/house';
