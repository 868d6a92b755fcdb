import { editHouse, newHome, withBox, type Edit, type House } from '../core/src/house';
import { protectionOf, ruledOut, factsOf, choose, askedOfAgain } from '../core/src/replacement';
import { planWhole, planJob, initialWhole, nextAt, expectationsAt } from '../core/src/job';
import { testsDue, dueOf } from '../core/src/observations';
import { newGfci } from '../core/src/arrangements';
import { settle } from '../core/src/house';
const timed = <T,>(name: string, f: () => T): T => { const a = performance.now(); try { return f(); } catch (e) { console.log(String(e).slice(0,200)); return undefined as T } finally { row.push(`${name} ${(performance.now()-a).toFixed(0)}`); } };
let row: string[] = [];
export function home(n: number, circuits: number, region: 'us'|'uk' = 'us', ring = false): House {
	const per = n / circuits;
	const edits: Edit[] = [
		{ do: 'addRoom', name: 'Hall' },
		...Array.from({ length: circuits }, (_, c): Edit[] => [
			{ do: 'addBreaker', panel: 'main', spaces: [c + 1], ratingA: region === 'us' ? 15 : 32, label: `row ${c}` },
			{ do: 'addCircuit', breaker: `b${c + 1}`, name: `c ${c}` }
		]).flat(),
		...Array.from({ length: n }, (_, i): Edit => { const c = Math.floor(i / per), k = i % per; return ({
			do: 'addOutlet', room: 'hall', name: `o ${c} ${k}`,
			spot: { circuit: `c-${c}`, after: k === 0 ? 'panel' : { box: `hall-o-${c}-${k - 1}` } }
		});}),
		...(ring ? [{ do: 'setCircuit', circuit: 'c-0', arrangement: 'ring' } as never] : [])
	];
	const made = timed('edits', () => editHouse(newHome({ name: 'Large', region, spaces: 42, mainRatingA: 100, place: 'hall' }), edits));
	if (!made.ok) throw new Error(JSON.stringify(made.refusal));
	return made.house;
}
const fresh = (h: House) => JSON.parse(JSON.stringify(h)) as House;
const wish = (part: string, feed: string) => ({ part, feed, switched: 'keep', connector: 'lever', wireEnd: 'clampPlate' });
const all = (name: string, house: House, n: number) => {
	timed('settle', () => settle(fresh(house)));
	timed('protection', () => protectionOf(fresh(house)));
	const box = house.boxes[Math.floor(n/2)]!.id; const first = house.boxes[0]!.id;
	for (const [part, feed] of house.region === 'us' ? [['gfci','protected'],['gfci','pigtails'],['duplex','asFound']] : [['rcdTwin','asFound'],['socketTwin','asFound']])
		for (const at of [first, box]) { const h = fresh(house); const r = timed(`${part}/${feed}@${at===first?'first':'mid'}`, () => planWhole(h, [{ boxId: at, wish: wish(part!, feed!) }] as never)); if (r?.ok) timed('ruled', () => ruledOut(h, r.plans)); else row.push(r?.failure?.code ?? '?'); }
	{ const h = fresh(house); timed('planJob', () => planJob(h, box)); const known = timed('facts', () => factsOf(h, box)); timed('again', () => known && askedOfAgain(h, box, known)); }
	{ const h = fresh(house); timed('due', () => dueOf(h, testsDue(h, [], '2026-12-02'))); }
	console.log(name, n, row.join(' | ')); row = [];
};
if (process.argv[1]!.includes("grow2")) {
const sizes = process.argv[2]!.split(',').map(Number);
const which = process.argv[3] ?? 'plain,guarded,gfcis,rows,uk,ring';
for (const n of sizes) {
	if (which.includes('plain')) all('one circuit', home(n, 1), n);
	if (which.includes('guarded')) { const h = home(n, 1); all('breaker residual', { ...h, panels: h.panels.map(p => ({...p, breakers: p.breakers.map(b => ({...b, type: 'residual' as const}))})) }, n); }
	if (which.includes('gfcis')) { const h = home(n, 1); all('gfci everywhere', { ...h, boxes: h.boxes.map((b) => ({ ...b, device: newGfci, terminations: b.terminations.map(t => ({...t, at: t.at.replace('hotUpper','supplyHot').replace('hotLower','supplyHot').replace('neutralUpper','supplyNeutral').replace('neutralLower','supplyNeutral')})) })) as never }, n); }
	if (which.includes('rows')) all('rows of ten', home(n, Math.min(40, n / 10)), n);
	if (which.includes('uk')) all('uk radial', home(n, 1, 'uk'), n);
	if (which.includes('ring')) all('uk ring', home(n, 1, 'uk', true), n);
}
}
