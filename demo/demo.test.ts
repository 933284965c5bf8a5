import { readNotebook, writeNotebook } from '@/core/notebook/read';
import { DEFAULT_SETTINGS, toNotebook } from '@/state/document';
import { demoDocument } from './write';

test('the demo notebook is answered whole and can be read', () => {
  const loaded = readNotebook(writeNotebook(toNotebook(demoDocument(), DEFAULT_SETTINGS)));
  const shown =
    loaded.kind === 'ok'
      ? loaded.notebook.tape.map((l) => `${l.text} → ${l.forms.find((f) => f.id === l.chosen)!.text}`)
      : loaded.issues;
  expect(shown).toEqual([
    '12.4×sin(73°24′36″) → 11.883\u2009818\u200903',
    '6/84+2/7 → 5/14',
    '48.50−15%+20% → 49.47',
    'B := 2sqrt(11)+5sqrt(11) → 7√11',
    'sin(π/4) → √2/2',
    '17/6 → 2.83\u0305',
  ]);
});
