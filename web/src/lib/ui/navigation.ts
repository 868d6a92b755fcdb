/** Whether an address is a view of a home, or below one that has pages of its own. `view`: its path under the home. */
export function isAt(pathname: string, slug: string, view: string): boolean {
	const here = pathname.slice(1 + slug.length).replace(/\/$/, '');
	if (view === '') return here === '' || here.startsWith('/outlet/') || here.startsWith('/find/');
	return here === view || here.startsWith(`${view}/`);
}
