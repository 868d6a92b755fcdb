import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { everything } from '../test/draws';
import { publishedFiles } from '../../scripts/write-files';

const wary = (args: string[], input?: string) =>
	spawnSync('npx', ['tsx', 'core/cli/wary.ts', ...args], {
		encoding: 'utf8',
		input,
		cwd: new URL('../..', import.meta.url).pathname
	});
const bungalow = 'data/homes/fennel-lane-as-wired.house.json';

describe('wary', () => {
	it('reads the real wiring: the labelled breaker leaves the outlet live, the other one doesn’t', () => {
		const read = (off: string) =>
			JSON.parse(
				wary([
					'read',
					bungalow,
					'--with',
					'multimeter',
					'--red',
					'box:sewing-east-wall/upper.hot',
					'--black',
					'box:sewing-east-wall/upper.neutral',
					'--off',
					off
				]).stdout
			) as { volts: number };
		expect(read('b11').volts).toBeGreaterThan(114);
		expect(read('b14').volts).toBeLessThan(3);
	});

	it.runIf(everything)('solves to JSON, and says every place that is wrong', () => {
		const solved = JSON.parse(wary(['solve', 'data/homes/tannery-row.house.json']).stdout) as {
			outcome: string;
			residual: number;
			currentA: Record<string, { magnitude: number }>;
		};
		expect(solved.outcome).toBe('solved');
		expect(solved.residual).toBeLessThan(1e-12);
		expect(solved.currentA['load router']!.magnitude).toBeCloseTo(241.5 / 5200, 3);
		expect(wary(['netlist', 'data/homes/tannery-row.house.json']).stdout).toMatch(/^\.end$/m);
		const house = JSON.parse(readFileSync(new URL(`../../${bungalow}`, import.meta.url), 'utf8')) as {
			cables: { to: { box: string } }[];
		};
		house.cables[0]!.to.box = 'nowhere';
		const wrong = wary(['validate', '-'], JSON.stringify(house));
		expect(wrong.status).toBe(1);
		expect(wrong.stderr).toContain('-: cables[0].to.box, unknown, what "box", id "nowhere"');
	});

	it.runIf(everything)('help names every command; what it does not know it says', () => {
		for (const command of ['validate', 'solve', 'netlist', 'read', 'points'])
			expect(wary(['--help']).stdout).toContain(command);
		expect(wary(['read', bungalow, '--with', 'tea']).stderr).toContain('not “tea”');
		expect(wary(['validate', 'no-such-file']).stderr).toContain('ENOENT');
	});

	it('the published schema and demo homes are those of the sources', () => {
		for (const [path, make] of Object.entries(publishedFiles))
			expect(JSON.parse(readFileSync(new URL(`../../${path}`, import.meta.url), 'utf8'))).toEqual(
				JSON.parse(JSON.stringify(make()))
			);
	});
});
