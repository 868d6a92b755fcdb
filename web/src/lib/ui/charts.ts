import { LineChart, ScatterChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { init, use, type ECharts, type EChartsCoreOption } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

use([LineChart, ScatterChart, GridComponent, SVGRenderer]);

export type { ECharts, EChartsCoreOption };

/** What a chart is drawn with: the tokens of the page, as they are now. */
export interface Ink {
	readonly ink: string;
	readonly soft: string;
	readonly hair: string;
	readonly font: string;
}

/** The colour a token comes to: `light-dark()` is for the browser to resolve. */
function colourOf(element: HTMLElement, token: string): string {
	const probe = document.createElement('span');
	probe.style.color = `var(${token})`;
	element.append(probe);
	const { color } = getComputedStyle(probe);
	probe.remove();
	return color;
}

export const inkOf = (element: HTMLElement): Ink => ({
	ink: colourOf(element, '--ink'),
	soft: colourOf(element, '--soft'),
	hair: colourOf(element, '--hair'),
	font: getComputedStyle(element).fontFamily
});

/** A chart in an element; animations are left out where a person asked for less motion. */
export const chartIn = (element: HTMLElement): ECharts => init(element, null, { renderer: 'svg' });
