export const load = ({ locals }) => ({ theme: locals.theme });
