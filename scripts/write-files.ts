import { writeFileSync } from 'node:fs';
import { fennelLaneActual, fennelLaneRecorded, tanneryRow, tanneryRowActual } from '../core/src/demo';
import { exchangedBehind, threeCables } from '../core/test/threeCables';
import { houseJsonSchema, parseHouse } from '../core/src/files';

/** The published files that are made from the sources: the JSON Schema of house files, and the demo homes. */
export const publishedFiles: Record<string, () => unknown> = {
	'docs/house-file.schema.json': houseJsonSchema,
	'data/homes/fennel-lane.house.json': () => checked(fennelLaneRecorded()),
	'data/homes/fennel-lane-as-wired.house.json': () => checked(fennelLaneActual()),
	'data/homes/tannery-row.house.json': () => checked(tanneryRow()),
	'data/homes/tannery-row-as-wired.house.json': () => checked(tanneryRowActual()),
	'data/homes/three-cables.house.json': () => checked({ ...threeCables(), name: 'Three cables' }),
	'data/homes/three-cables-as-wired.house.json': () =>
		checked({ ...exchangedBehind(threeCables(), 'c2', 'c4'), name: 'Three cables' })
};

function checked(house: unknown): unknown {
	const parsed = parseHouse(JSON.parse(JSON.stringify(house)));
	if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
	return parsed.house;
}

if (process.argv[1]?.endsWith('write-files.ts'))
	for (const [path, make] of Object.entries(publishedFiles))
		writeFileSync(path, `${JSON.stringify(make(), null, '\t')}\n`);
