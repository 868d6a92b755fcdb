/** What makes a change to a house: fetched after the page answers, since most who look at one change nothing. */
export { editHouse } from '@wary/core/house';
