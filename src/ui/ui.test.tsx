import { TamaguiProvider } from '@tamagui/core';
import type { ReactElement } from 'react';
import { flushSync } from 'react-dom';
import { createRoot } from 'react-dom/client';
import { keyIds } from '@/keys/catalogue';
import { keyTexts } from '@/text/keys';
import { Formula } from './formula/Formula';
import { typeset } from './formula/typeset';
import { Key } from './key/Key';
import { ResultForms } from './line/ResultForms';
import { config } from './theme/config';
import { dark, light, palettes } from './theme/palette';
import type { Palette } from './theme/palette';

const shown = { decimalSign: '.', grouping: true } as const;

function drawn(element: ReactElement): string {
  const container = document.createElement('div');
  const root = createRoot(container);
  flushSync(() => root.render(element));
  const html = container.innerHTML;
  root.unmount();
  return html;
}

const inKit = (element: ReactElement) =>
  drawn(
    <TamaguiProvider config={config} defaultTheme="light">
      {element}
    </TamaguiProvider>,
  );

test.each([
  ['-78/5', '<mo form="prefix">−</mo><mfrac><mn>78</mn><mn>5</mn></mfrac>'],
  ['sqrt(2)/2', '<mfrac><msqrt><mn>2</mn></msqrt><mn>2</mn></mfrac>'],
  ['2.83\u0305', '<mn>2.8</mn><mrow class="math-recurring"><mn>3</mn>'],
  ['12345', '<mn>12\u2009345</mn>'],
  ['2+', '<mo>+</mo><mi class="math-box">▯</mi>'],
  ['(1', '<mo stretchy="false" fence="true" class="math-supplied">)</mo>'],
  ['1.5E-7', '<mn>1.5</mn><mo>×</mo><msup><mn>10</mn><mrow><mo>−</mo><mn>7</mn></mrow></msup>'],
])('%s is drawn as MathML', (typed, part) => {
  const markup = typeset(typed, { decimalSign: '.', impliedFirst: false }, shown);
  expect(
    drawn(<Formula markup={markup!} size="line" />)
      .replaceAll('<mrow>', '')
      .replaceAll('</mrow>', ''),
  ).toContain(part.replaceAll('<mrow>', '').replaceAll('</mrow>', ''));
});

test.each(keyIds)('the key %s has its spoken name and is a button', (id) => {
  const html = inKit(
    <Key id={id} onPress={() => undefined} onExplain={() => undefined} decimalSign="," style="written" />,
  );
  expect(html).toMatch(/<button[^>]*type="button"/);
  expect(html).toContain(`aria-label="${keyTexts[id].say.replace("'", '&#x27;')}"`);
});

test('a form says by its sign whether it is exact, and when it is not settled', () => {
  const forms = [
    { id: 'fraction', exact: true, settled: true, text: '1/2', typed: '1/2' },
    { id: 'decimal', exact: false, settled: false, text: '9', typed: '9' },
  ] as const;
  const html = inKit(<ResultForms forms={forms} chosen="fraction" onChoose={() => undefined} shown={shown} />);
  expect(html).toContain('aria-label="= 1/2, fraction"');
  expect(html).toContain('aria-label="≈ 9, decimal, not settled"');
});

/** Contrast of two colours by WCAG 2.2, 1.4.3 (relative luminance). */
function contrast(a: string, b: string): number {
  const luminance = (colour: string) => {
    const [r, g, blue] = [1, 3, 5].map((at) => {
      const c = parseInt(colour.slice(at, at + 2), 16) / 255;
      return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * r! + 0.7152 * g! + 0.0722 * blue!;
  };
  const [low, high] = [luminance(a), luminance(b)].sort((x, y) => x - y);
  return (high! + 0.05) / (low! + 0.05);
}

const pairs: readonly (readonly [keyof Palette, readonly (keyof Palette)[]])[] = [
  ['ink', ['desk', 'paper', 'card', 'key', 'digitKey', 'keyDown']],
  ['muted', ['desk', 'paper', 'card']],
  ['accent', ['paper', 'card']],
  ['answer', ['paper', 'card']],
  ['onAccent', ['accent', 'accentDown']],
];
/** WCAG 2.2, 1.4.11. */
const edges: readonly (keyof Palette)[] = ['desk', 'paper', 'card', 'key', 'digitKey'];
test.each(Object.entries(palettes))('edges of controls stand out from every ground (%s)', (_name, palette) => {
  expect(edges.filter((ground) => contrast(palette.keyEdge, palette[ground]) < 3)).toEqual([]);
});

test.each([
  ['light', light],
  ['dark', dark],
] as const)('text stands out from every ground it stands on (%s)', (_name, palette) => {
  for (const [text, grounds] of pairs)
    for (const ground of grounds)
      expect({ text, ground, enough: contrast(palette[text], palette[ground]) >= 4.5 }).toEqual({
        text,
        ground,
        enough: true,
      });
});
