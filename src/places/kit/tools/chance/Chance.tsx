import { KindStrip } from '@/places/kit/parts/KindStrip';
import { useEntries } from '@/places/kit/parts/use-entries';
import { chanceWords } from '@/text/kit/chance';
import { testWords } from '@/text/kit/tests';
import { drawWords } from '@/text/kit/draw';
import { Distribution } from './Distribution';
import { Draw } from './Draw';
import { chanceEntries, screens } from './inputs';
import { Tests } from './Tests';

const names = { distribution: chanceWords.distributions, test: testWords.tests, draw: drawWords.draws } as const;
const parts = { distribution: Distribution, test: Tests, draw: Draw } as const;

/** Distributions, and the tests that compare with them. */
export function Chance() {
  const [entries, enter] = useEntries(chanceEntries);
  const Screen = parts[entries.screen];
  return (
    <Screen
      entries={entries}
      enter={enter}
      above={
        <KindStrip
          name={chanceWords.parts}
          kinds={screens}
          nameOf={(id) => names[id]}
          chosen={entries.screen}
          onChoose={(screen) => enter({ screen })}
        />
      }
    />
  );
}
