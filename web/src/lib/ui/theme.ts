import type { ThemeConfig } from 'flowbite-svelte';

/** A button that stays pressed in turns to ink. */
const pressed = 'aria-pressed:bg-ink aria-pressed:text-paper aria-pressed:border-ink';
const choice =
	'min-h-11 cursor-pointer items-center gap-3 py-1 text-base font-normal text-ink [&:not(.inline-flex)]:border-b [&:not(.inline-flex)]:border-hair has-[:checked]:font-semibold';
const tick = 'me-0 size-6 shrink-0 border-2 bg-sheet focus:ring-0';
const cell = 'py-1.5 ps-0 pe-3 align-top text-base font-normal whitespace-normal';

/**
 * Paper and ink for the library's components, once. Colours come by themselves from the palette in `app.css`; here stands what differs in measure: lines two
 * pixels thick, corners nearly square, at least 44 pixels to hit, the focus ring of `app.css` in place of each component's own.
 */
export const theme: ThemeConfig = {
	accordion: 'border-x-0 border-t-0 rounded-none text-ink',
	accordionItem: {
		button:
			'min-h-11 gap-3 border-x-0 border-t-0 border-hair px-0 py-2 text-base font-semibold text-ink rounded-none bg-transparent hover:bg-transparent focus:ring-0',
		content: 'border-0 px-0 py-2 text-ink'
	},
	badge: { base: 'px-2 py-0.5 text-xs font-semibold' },
	bottomNav: { base: 'border-t-2 border-ink h-14 bg-sheet' },
	button: {
		base: `min-h-11 max-md:min-w-11 cursor-pointer gap-1 text-center text-base font-semibold no-underline focus-within:ring-0 hover:no-underline [&:not(.text-white)]:hover:text-[inherit] [&.border]:border-2 [&.text-sm]:px-4 [&.text-sm]:font-medium ${pressed}`
	},
	buttonGroup: 'max-w-full overflow-x-auto shadow-none [&>*]:px-3 [&>*]:whitespace-nowrap',
	checkbox: { base: tick, div: choice },
	commandPalette: {
		base: 'border-2 border-ink',
		item: 'aria-selected:bg-ink aria-selected:text-paper',
		itemDescription: 'text-current'
	},
	dropdown: 'border-2 border-ink bg-sheet shadow-none',
	fileupload: { base: 'border-2 min-h-11 py-2! ps-3!' },
	helper: 'text-base',
	input: { input: 'min-h-12 border-2 px-3 py-2 text-base placeholder:text-soft' },
	kbd: 'ms-2 font-sans border-current bg-transparent px-1.5 py-0 text-xs text-current',
	label: 'text-xs font-normal text-soft [&>div]:mt-1 [&>input]:mt-1',
	modal: { base: 'border-2 divide-hair text-ink', body: 'text-base' },
	radio: { input: tick, label: choice },
	select: { base: 'text-base', select: 'min-h-12 border-2 px-3 py-2 pe-9 text-base' },
	table: { div: 'overflow-x-visible', table: 'text-base text-ink' },
	tableBodyCell: `${cell} text-ink`,
	tableBodyRow: 'border-b border-hair bg-transparent last:border-b',
	tableHead: 'bg-transparent text-base normal-case text-soft',
	tableHeadCell: `${cell} border-b border-hair text-start`,
	textarea: { div: 'w-full [&>textarea]:w-full' },
	toast: { base: 'border-2 border-ink bg-sheet text-ink shadow-none' }
};
