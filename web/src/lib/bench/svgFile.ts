/** What a drawing takes from the page’s style sheets. */
const kept = [
	'fill',
	'stroke',
	'stroke-width',
	'stroke-dasharray',
	'stroke-opacity',
	'fill-opacity',
	'font-size',
	'font-weight',
	'text-anchor',
	'paint-order'
];

/** A drawing on the page as a file of its own: with its styles as they are now written into it. */
export function svgOf(drawing: SVGSVGElement): string {
	const copy = drawing.cloneNode(true) as SVGSVGElement;
	const from = [drawing, ...drawing.querySelectorAll('*')];
	[copy, ...copy.querySelectorAll<SVGElement>('*')].forEach((element, k) => {
		const style = getComputedStyle(from[k]!);
		for (const name of kept) element.style.setProperty(name, style.getPropertyValue(name));
		element.style.setProperty('font-family', 'sans-serif');
	});
	copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
	return new XMLSerializer().serializeToString(copy);
}
