import interact from 'interactjs';
import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomBehavior } from 'd3-zoom';

/** Dragging of conductor ends onto places: elements marked `data-wire` are dragged, those marked `data-at` take them. */
export function wiring(
	svg: SVGSVGElement,
	tell: {
		drag: (wire: string, x: number, y: number) => void;
		over: (at: string | null) => void;
		drop: (wire: string, at: string | null) => void;
	}
): { destroy: () => void } {
	let landed: string | null = null;
	const toDrawing = (clientX: number, clientY: number) => {
		const inner = svg.querySelector<SVGGElement>('[data-drawing]')!;
		const at = new DOMPoint(clientX, clientY).matrixTransform(inner.getScreenCTM()!.inverse());
		return [at.x, at.y] as const;
	};
	const wires = interact('[data-wire]', { context: svg }).draggable({
		listeners: {
			start: () => (landed = null),
			move: (event: { target: SVGElement; clientX: number; clientY: number }) =>
				tell.drag(event.target.dataset.wire!, ...toDrawing(event.clientX, event.clientY)),
			end: (event: { target: SVGElement }) => tell.drop(event.target.dataset.wire!, landed)
		}
	});
	const places = interact('[data-at]', { context: svg }).dropzone({
		accept: '[data-wire]',
		overlap: 'pointer',
		ondragenter: (event: { target: SVGElement }) => tell.over(event.target.dataset.at!),
		ondragleave: () => tell.over(null),
		ondrop: (event: { target: SVGElement }) => (landed = event.target.dataset.at!)
	});
	// A finger that begins on an end drags it, anywhere else it scrolls the page. `touch-action` has no say inside a drawing.
	const hold = (event: TouchEvent) => {
		if (event.cancelable && event.target instanceof Element && event.target.closest('[data-wire]'))
			event.preventDefault();
	};
	svg.addEventListener('touchmove', hold, { passive: false });
	return {
		destroy: () => {
			svg.removeEventListener('touchmove', hold);
			wires.unset();
			places.unset();
		}
	};
}

export interface View {
	readonly zoomIn: () => void;
	readonly zoomOut: () => void;
	readonly whole: () => void;
	readonly destroy: () => void;
}

/** Pan, pinch and wheel with Ctrl on a drawing. One finger scrolls the page while the whole drawing is shown. */
export function view(svg: SVGSVGElement, moved: (transform: string, scale: number) => void): View {
	const selection = select(svg);
	let scale = 1;
	const whole = (): [[number, number], [number, number]] => [
		[0, 0],
		[svg.viewBox.baseVal.width, svg.viewBox.baseVal.height]
	];
	const behaviour: ZoomBehavior<SVGSVGElement, unknown> = zoom<SVGSVGElement, unknown>()
		.scaleExtent([1, 6])
		.extent(() => whole())
		// The drawing grows with what is in the box.
		.on('start', () => behaviour.translateExtent(whole()))
		.filter((event: Event) => {
			if (event.target instanceof Element && event.target.closest('[data-wire]')) return false;
			if (event instanceof WheelEvent) return event.ctrlKey || event.metaKey;
			return !('touches' in event) || scale > 1 || (event as TouchEvent).touches.length > 1;
		})
		.on('zoom', ({ transform }: { transform: { k: number; toString: () => string } }) => {
			scale = transform.k;
			svg.style.touchAction = scale > 1 ? 'none' : 'pan-y';
			moved(transform.toString(), scale);
		});
	selection.call(behaviour).on('dblclick.zoom', null);
	svg.style.touchAction = 'pan-y';
	return {
		zoomIn: () => behaviour.scaleBy(selection, 1.5),
		zoomOut: () => behaviour.scaleBy(selection, 1 / 1.5),
		whole: () => behaviour.transform(selection, zoomIdentity),
		destroy: () => selection.on('.zoom', null)
	};
}
