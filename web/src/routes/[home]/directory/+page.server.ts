export { load } from '../house/+page.server';
