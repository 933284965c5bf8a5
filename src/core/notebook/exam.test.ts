import fc from 'fast-check';
import { helps, planCode } from './exam';
import type { ExamPlan } from './exam';
import { fromFragment, toFragment } from './shared';
import { DEFAULT_SETTINGS, givenSettings, handedOnSchema } from './settings';

const SEED = 20261129;
const settings = handedOnSchema.parse(DEFAULT_SETTINGS);
const none: ExamPlan = { off: [], settings: null };

test(`a plan goes through a link whole, under the same code in whatever order it names what is off, seed ${SEED}`, () => {
  fc.assert(
    fc.property(fc.shuffledSubarray([...helps]), fc.boolean(), (off, isSet) => {
      const plan: ExamPlan = { off, settings: isSet ? settings : null };
      const shared = fromFragment(toFragment({ kind: 'exam', plan }));
      expect(shared).toEqual({ kind: 'exam', plan });
      const code = planCode(plan);
      expect(code).toMatch(/^[2-9A-HJ-NP-Z]{5}$/);
      const turned = Object.fromEntries(Object.entries(settings).reverse()) as typeof settings;
      expect(planCode({ off: [...off].reverse(), settings: isSet ? turned : null })).toBe(code);
    }),
    { seed: SEED },
  );
});

test('no two of the plans without settings have the same code, nor one with other settings', () => {
  const subsets = helps.reduce<ExamPlan[]>(
    (all, help) => [...all, ...all.map(({ off }) => ({ off: [...off, help], settings: null }))],
    [none],
  );
  const sets = [settings, { ...settings, angle: 'rad' as const }, { ...settings, impliedFirst: true }];
  const plans = [...subsets, ...sets.map((set) => ({ off: [], settings: set }))];
  expect(new Set(plans.map(planCode)).size).toBe(plans.length);
});

test('a link that turns off what is no help is damaged', () => {
  expect(fromFragment(toFragment({ kind: 'exam', plan: { off: ['keys'], settings: null } } as never))).toBe('damaged');
  expect(givenSettings({ ...settings, word: undefined })).not.toHaveProperty('word');
});
