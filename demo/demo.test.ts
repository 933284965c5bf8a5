import { EMPTY_KEPT } from '@/state/slices/parts';
import { readNotebook, writeNotebook, toNotebook } from '@/state/slices/notebook';
import { demoDocument } from './write';

test('the demo notebook is answered whole and can be read', () => {
  const loaded = readNotebook(writeNotebook(toNotebook({ ...EMPTY_KEPT, document: demoDocument() })));
  const shown =
    loaded.kind === 'ok'
      ? loaded.notebook.tape.map((l) => `${l.text} → ${l.forms.find((f) => f.id === l.chosen)!.text}`)
      : loaded.reason;
  expect(shown).toEqual([
    '18.40+7.25 → 25.65',
    '18.40+7.25+12.60 → 38.25',
    '18.40+7.25+12.60+23.95 → 62.2',
    '(18.40+7.25+12.60+23.95)*15% → 9.33',
    '18.40+7.25+12.60+23.95+15% → 71.53',
    'slot(1)*8% → 0.308',
    'norm([120,0]+90×[cos(60),sin(60)]) → 30√37',
    'solve([[2,1,1],[1,3,2],[1,0,4]],[55,63,66]) → [18, 7, 12]',
    '[[cos(30),−sin(30)],[sin(30),cos(30)]]×[4,2] → [2√3 − 1, 2 + √3]',
    '12.4×sin(73°24′36″) → 11.883\u2009818\u200903',
    '6/84+2/7 → 5/14',
    '48.50−15%+20% → 49.47',
    'B := 2sqrt(11)+5sqrt(11) → 7√11',
    'sin(π/4) → √2/2',
    '17/6 → 2.83\u0305',
  ]);
  const { shelf, stack, running } =
    loaded.kind === 'ok' ? loaded.notebook : toNotebook({ ...EMPTY_KEPT, document: demoDocument() });
  expect(Object.entries(shelf).map(([name, kept]) => `${name} ${kept.typed}`)).toEqual([
    '1 3.85',
    '2 10',
    'total 71.53',
    'B 7sqrt(11)',
  ]);
  expect([stack.levels.map((level) => level.sourceText), stack.entry, running.frames.length]).toEqual([
    ['73°24\'36"+180', 'sqrt(6^2+8^2)', '17÷6'],
    '2.4',
    2,
  ]);
});
