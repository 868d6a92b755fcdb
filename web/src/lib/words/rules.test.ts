import { expect, test } from 'vitest';
import { editionsIn, metresFromBath, replacingRules, ruleIds, type RuleId } from '@wary/core/rules';
import { factWords } from './en/rules/place';
import { ruleWords } from './en/rules/rules';

test('every rule, word for word', async () => {
	const lines = (['us', 'uk'] as const).flatMap((region) =>
		replacingRules[region].flatMap(({ id, effect, clause }) => {
			const { says, then } = ruleWords(id, region, editionsIn[region].at(-1)!);
			const cited =
				typeof clause === 'function' ? 'by place' : clause === 'own' ? 'own' : Object.values(clause)[0];
			return [`${region} ${id}, ${effect} (${cited})`, `  ${says}`, `  ${then}`];
		})
	);
	await expect(lines.join('\n') + '\n').toMatchFileSnapshot('./rules.golden.txt');
});

test('every rule is applied in a region, and none speaks the other region’s language', () => {
	const applied = new Set(
		Object.values(replacingRules).flatMap((rules) => rules.map(({ id }): RuleId => id))
	);
	expect([...ruleIds].filter((id) => !applied.has(id))).toEqual([]);
	for (const { id } of replacingRules.uk) {
		const { says, then } = ruleWords(id, 'uk', '2018A2');
		expect(`${says} ${then}`).not.toMatch(/\bGFCI\b|\bground(ed)?\b|receptacle|\bpanel\b/);
	}
	for (const { id } of replacingRules.us) {
		const { says, then } = ruleWords(id, 'us', '2020');
		expect(`${says} ${then}`).not.toMatch(/\bRCD\b|consumer unit|\bearth(ed)?\b|\bsocket\b/);
	}
});

test('the distance from a bath is that of the edition', () => {
	for (const edition of editionsIn.uk) {
		expect(ruleWords('bathDistance', 'uk', edition).says).toContain(`${metresFromBath[edition]} m`);
		expect(factWords('nearWater', 'uk', edition).ask).toContain(`${metresFromBath[edition]} m`);
	}
});
