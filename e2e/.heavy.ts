import { Application } from './server';
import { home } from './.grow2';
import { randomUUID } from 'node:crypto';
import pg from 'pg';
const app = await Application.start();
const client = new pg.Client({ connectionString: app.databaseUrl });
await client.connect();
const add = async (slug: string, house: unknown) => { await client.query(`with made as (insert into household (household_id, slug, is_demo) values (gen_random_uuid(), $1, false) returning household_id) insert into house_version (household_id, version, house, why) select household_id, 1, $2, 'bench' from made`, [slug, JSON.stringify(house)]); };
for (const s of ['a', 'b', 'c']) await add(s, home(400, 1));
for (let k = 0; k < 60; k++) await (await fetch(app.address + '/health')).text();
const during = async (name: string, f: () => Promise<unknown>) => {
	let done = false; const times: number[] = []; const a = performance.now();
	const p = f().then(() => { done = true; return performance.now() - a; });
	while (!done) { const b = performance.now(); await (await fetch(app.address + '/health')).text(); times.push(performance.now() - b); await new Promise((r) => setTimeout(r, 10)); }
	const ms = await p; times.sort((x, y) => y - x);
	console.log(name.padEnd(30), ms.toFixed(0), 'ms; health n', times.length, 'slowest', times.slice(0, 5).map((t) => t.toFixed(0)).join(' '));
};
const text = async (r: Promise<Response>) => { const x = await r; const t = await x.text(); if (x.status >= 400) console.log(x.status, t.slice(0, 100)); };
const begin = (h: string, box: string, feed = 'protected') => text(app.post(`/api/${h}/jobs`, { id: randomUUID(), boxId: box, who: 'bench', wish: { part: 'gfci', feed, switched: 'keep', connector: 'lever', wireEnd: 'clampPlate' } }));
await during('nothing, 2 s', () => new Promise((r) => setTimeout(r, 2000)));
await during('begin a, first of all', () => begin('a', 'hall-o-0-200'));
await during('begin b, warm', () => begin('b', 'hall-o-0-200'));
await during('begin c, warm', () => begin('c', 'hall-o-0-200'));
await during('protection a', () => text(fetch(app.address + '/a/protection')));
await during('protection b', () => text(fetch(app.address + '/b/protection')));
await during('400 renames', () => text(app.post('/api/c/house', { expectedVersion: 1, why: 'bench', edits: Array.from({ length: 400 }, (_, k) => ({ do: 'setBox', box: `hall-o-0-${k}`, name: `renamed ${k}` })) })));
await during('nothing, 2 s', () => new Promise((r) => setTimeout(r, 2000)));
const a = performance.now(); await app.stop(); console.log('stopped after', (performance.now() - a).toFixed(0));
await client.end();
