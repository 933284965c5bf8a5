import { latexOf } from '../notation/latex';
import { isOpenAtEnd } from '../notation/layout';
import { mathmlOf } from '../notation/mathml';
import type { MathPage } from '../notation/mathml';
import { functions, standingOfCall } from '.';

/** Every call that stands on paper otherwise than by its name, with the numbers of values that a line may give it. */
const standings = functions.flatMap(({ name, takes, more }) =>
  Array.from({ length: more ? 9 : takes.length }, (_, i) => i + 1).flatMap((values) => {
    const standing = standingOfCall(name, values);
    return standing === null ? [] : [{ name, values, standing }];
  }),
);

test('there are such calls', () => expect(standings.length).toBeGreaterThan(15));

test.each(standings)('the caret passes each of the $values values of $name once', ({ values, standing }) =>
  expect([...standing.order].sort((a, b) => a - b)).toEqual(Array.from({ length: values }, (_, i) => i)),
);

test.each(standings)(
  'up and down in $name ($values) lead to its other values, and never in a circle',
  ({ standing }) => {
    for (const way of ['above', 'below'] as const)
      for (const from of standing.order) {
        const passed = [from];
        for (
          let next = standing.neighbours[way].get(from);
          next !== undefined;
          next = standing.neighbours[way].get(next)
        ) {
          expect(standing.order).toContain(next);
          expect(passed).not.toContain(next);
          passed.push(next);
        }
      }
  },
);

test.each(standings)('the main value of $name ($values) is one of its values', ({ standing }) =>
  expect(standing.order).toContain(standing.notation.main),
);

const page: MathPage<string> = {
  element: (tag, _, kids) => `<${tag}>${kids.join('')}</${tag}>`,
  value: (slot) => `‹${slot}›`,
  again: (slot) => `{${slot}}`,
  fence: (text) => text,
  isTall: () => false,
  isSum: () => false,
};
const keyed = (text: string): string[] => [...new Set(text.match(/‹\d+›/g))].sort();

test.each(standings)('MathML and LaTeX of $name ($values) hold every value', ({ values, standing: { layout } }) => {
  const all = Array.from({ length: values }, (_, i) => `‹${i}›`).sort();
  expect(keyed(mathmlOf(layout, page).join(''))).toEqual(all);
  expect(keyed(latexOf(layout, page))).toEqual(all);
});

test.each(standings.filter(({ standing }) => isOpenAtEnd(standing.layout)))(
  'a sum that $name ($values) reaches over is bracketed, since nothing shows its end',
  ({ standing: { layout } }) => {
    const sum = { ...page, isSum: () => true };
    expect(mathmlOf(layout, sum).join('')).toContain('(‹0›)');
    expect(latexOf(layout, sum)).toContain('\\left(‹0›\\right)');
  },
);
