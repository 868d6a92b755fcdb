import type { Colour } from '@wary/core/house';

/** Insulation as it looks on paper: muted, so that the alarm colour stays alone. A dash tells apart what a tint can't; the label says it in words. */
export const insulation: Record<
	Colour,
	{ readonly stroke: string; readonly dash?: string; readonly core?: string }
> = {
	black: { stroke: 'var(--insulation-black)' },
	white: { stroke: 'var(--ink)', core: 'var(--sheet)' },
	grey: { stroke: '#8b9194' },
	red: { stroke: '#96655a' },
	blue: { stroke: '#56759a' },
	brown: { stroke: '#7b5a3a' },
	yellow: { stroke: '#b59a3c' },
	green: { stroke: '#5c8055' },
	greenYellow: { stroke: '#5c8055', dash: '8 5', core: '#c9b34d' },
	bare: { stroke: 'var(--ink)', core: 'var(--copper)' }
};
