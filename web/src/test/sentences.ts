import { parse } from 'svelte/compiler';

/** What people read, found where it shouldn't stand: in a component. `start` and `end` are offsets in the source. */
export interface Found {
	readonly kind: 'text' | 'attribute' | 'string';
	readonly text: string;
	readonly start: number;
	readonly end: number;
}

type Node = { type: string; start: number; end: number } & Record<string, unknown>;

/** Attributes that are shown or read out. */
const shown =
	/^(aria-label|aria-description|aria-roledescription|placeholder|title|alt|label|legend|text|heading|btnName|closeAriaLabel|caption|hint|description)$/;
/** Elements whose text isn't language: something to be typed as it stands. */
const asTyped = new Set(['code', 'style', 'script', 'kbd', 'Kbd']);
/** Names that are the same in every language. */
const names = /^(Wary Hand|QR|CSV|PDF|SVG|JSON|USB|GFCI|RCD|OL|Ω|V|A|W|s|mA|mm|in³|N·m|MΩ|kΩ)$/;

/** Whether a text in the markup is language: two letters in a row that are no unit or name. */
export const isProse = (text: string): boolean =>
	/\p{L}{2}/u.test(text.replace(/·\s*Wary Hand/g, '')) && !names.test(text.trim());

const classLike = /(^|\s)-?[a-z0-9!]+[-:[\]/.][^\s,]+(\s|$)/;
/** Whether a string in the script is a sentence or a label, and not a class, an address, a key or a code. */
export function isSentence(text: string): boolean {
	const trimmed = text.trim();
	if (/^xx \S+$/.test(trimmed) && names.test(trimmed.slice(3))) return false;
	if (
		/^[a-z]+:|^[/.#$@]|^\((?!\p{L}+ )|\/[a-z{$]|[{}<>=]|;$|^\w+\.\w+|^(minmax|auto auto|auto repeat|main form|1fr)|^(input|textarea|select|button)(, |$)|\/ span( |$)/u.test(
			trimmed
		)
	)
		return false;
	if (/^[A-Z][\p{L}’]*( ?…)?[.?!]?$/u.test(trimmed))
		return trimmed.length > 2 && !/^[A-Z]+$/.test(trimmed) && !eventNames.test(trimmed);
	if (!/\p{L}{2,}\S*\s+\S*\p{L}/u.test(trimmed)) return false;
	return !(classLike.test(trimmed) && !/[’.,?!…]|\b(is|the|to|of|it|and|at|on)\b/.test(trimmed));
}
const eventNames = /^(Escape|Enter|Tab|Backspace|Delete|Home|End|PageUp|PageDown|Arrow\w*|Shift|Control)$/;

const children = (node: Node): Node[] =>
	Object.entries(node).flatMap(([key, value]) =>
		key === 'metadata' ||
		key === 'parent' ||
		key === 'loc' ||
		key === 'leadingComments' ||
		key === 'trailingComments'
			? []
			: Array.isArray(value)
				? value.filter(isNode)
				: isNode(value)
					? [value]
					: []
	);
const isNode = (value: unknown): value is Node =>
	typeof value === 'object' && value !== null && typeof (value as Node).type === 'string';

/** Everything in a component that somebody would read. */
export function sentencesIn(source: string): Found[] {
	const root = parse(source, { modern: true }) as unknown as Record<string, unknown>;
	const found: Found[] = [];
	const strings = (node: Node): void => {
		if (
			/Import|Export|TS\w+|ThrowStatement/.test(node.type) &&
			node.type !== 'TSAsExpression' &&
			node.type !== 'TSNonNullExpression' &&
			node.type !== 'TSSatisfiesExpression'
		)
			return;
		if (node.type === 'Literal' && typeof node.value === 'string') {
			if (isSentence(node.value))
				found.push({ kind: 'string', text: node.value, start: node.start, end: node.end });
			return;
		}
		if (node.type === 'TemplateLiteral') {
			const quasis = node.quasis as { value: { cooked: string } }[];
			const text = quasis.map(({ value }) => value.cooked).join('xx');
			if (isSentence(text) && quasis.some(({ value }) => /\p{L}{2}/u.test(value.cooked)))
				found.push({ kind: 'string', text, start: node.start, end: node.end });
			(node.expressions as Node[]).forEach(strings);
			return;
		}
		children(node).forEach((child) => {
			// Keys and members are no text.
			if (
				(node.type === 'Property' && child === node.key) ||
				(node.type === 'MemberExpression' && child === node.property)
			)
				return;
			// What is compared with is a code.
			if (node.type === 'BinaryExpression' && child.type === 'Literal') return;
			if (node.type === 'SwitchCase' && child === node.test) return;
			if (node.type === 'NewExpression' && (node.callee as Node & { name?: string }).name === 'Error') return;
			strings(child);
		});
	};
	const markup = (node: Node): void => {
		if (node.type === 'Text') {
			const data = node.data as string;
			if (isProse(data)) found.push({ kind: 'text', text: data.trim(), start: node.start, end: node.end });
			return;
		}
		if (node.type === 'Attribute') {
			const parts = (Array.isArray(node.value) ? node.value : [node.value]).filter(isNode);
			const named = shown.test(node.name as string);
			for (const part of parts)
				if (part.type === 'Text') {
					const data = part.data as string;
					if (named && isProse(data))
						found.push({ kind: 'attribute', text: data, start: part.start, end: part.end });
				} else if (
					named ||
					!/^(class|style|classes|d|points|transform|href|src|id|on\w+)$/.test(node.name as string)
				)
					strings(part);
				else if (/^on/.test(node.name as string)) strings(part);
			return;
		}
		if (typeof node.name === 'string' && asTyped.has(node.name)) return;
		if (
			node.type === 'ExpressionTag' ||
			node.type === 'HtmlTag' ||
			node.type === 'RenderTag' ||
			node.type === 'ConstTag'
		)
			return strings(node);
		if (/Block$/.test(node.type)) {
			for (const [key, value] of Object.entries(node))
				if (/^(fragment|body|consequent|alternate|fallback|pending|then|catch)$/.test(key) && isNode(value))
					markup(value);
				else if (/^(expression|test)$/.test(key) && isNode(value)) strings(value);
			return;
		}
		children(node).forEach(markup);
	};
	for (const part of ['module', 'instance'] as const) {
		const script = root[part] as { content?: Node } | null;
		if (script?.content) strings(script.content);
	}
	markup(root.fragment as Node);
	return found;
}
