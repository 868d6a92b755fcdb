/** Hands the browser a file made on the page. */
export function download(name: string, type: string, text: string): void {
	const url = URL.createObjectURL(new Blob([text], { type }));
	const link = Object.assign(document.createElement('a'), { href: url, download: name });
	link.click();
	URL.revokeObjectURL(url);
}
