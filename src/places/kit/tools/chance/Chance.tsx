import { KindStrip } from '@/places/kit/parts/KindStrip';
import { useEntries } from '@/places/kit/parts/use-entries';
import { chanceWords } from '@/text/kit/chance';
import { testWords } from '@/text/kit/tests';
import { Distribution } from './Distribution';
import { chanceEntries, screens } from './inputs';
import { Tests } from './Tests';

const names = { distribution: chanceWords.distributions, test: testWords.tests } as const;

/** Distributions, and the tests that compare with them. */
export function Chance() {
  const [entries, enter] = useEntries(chanceEntries);
  const Screen = entries.screen === 'test' ? Tests : Distribution;
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
