import { existsSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { leftOutOfNames, walkedElsewhere } from '../../test/walk';

/* That no kind of command and no key of a state is forgotten the compiler sees (`core/test/walk.ts`). */
describe('what a walk leaves out', () => {
	it('of commands: is said in the walk that is named', () => {
		for (const [kind, file] of Object.entries(walkedElsewhere())) {
			const at = new URL(file, import.meta.url);
			expect([file, existsSync(at)]).toEqual([file, true]);
			expect(readFileSync(at, 'utf8')).toContain(`'${kind}'`);
		}
	});
	it('of keys: says why nothing hangs on it', () => {
		for (const because of Object.values(leftOutOfNames)) expect(because.split(' ').length).toBeGreaterThan(5);
	});
});
