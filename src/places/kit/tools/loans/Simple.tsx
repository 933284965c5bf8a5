import { View } from '@tamagui/core';
import { EntryRow } from '@/places/kit/parts/EntryRow';
import { LineRow } from '@/places/kit/parts/LineRow';
import { noteOf, writtenIn } from '@/places/kit/parts/note-of';
import { ResultList } from '@/places/kit/parts/ResultList';
import { inTurn, useWriting } from '@/places/kit/parts/slots';
import { ToolFrame } from '@/places/kit/parts/ToolFrame';
import { useResults } from '@/places/kit/parts/use-results';
import { Worked } from '@/places/kit/parts/Worked';
import { loanWords } from '@/text/kit/loans';
import { Words } from '@/ui/theme/text';
import { loanEntries } from './inputs';
import type { ScreenProps } from './screen';

const NO_TABLES = {};
const parts = ['principal', 'yearlyRate', 'years'] as const;

/** Interest on the amount alone, and what it would be with interest on interest. */
export function Simple({ entries, enter, above }: ScreenProps) {
  const writing = useWriting();
  const slots = inTurn(
    parts.map((id) => ({
      id,
      name: loanWords[id],
      text: entries[id],
      keep: (text: string) => enter({ [id]: text }, `loan ${id}`),
    })),
  );
  const put = (text: string): string => (/^\d+(?:\.\d+)?$/.test(text) ? text : `(${text})`);
  const [a = '', r = '', t = ''] = parts.map((id) => put(entries[id]));
  const isReady = parts.every((id) => entries[id] !== '');
  const lines = isReady
    ? [
        { name: loanWords.simpleInterest, text: `${a}*${r}/100*${t}` },
        { name: loanWords.simpleTotal, text: `${a}*(1+${r}/100*${t})` },
        { name: loanWords.simpleCompare, text: `${a}*(1+${r}/100)^${t}` },
      ]
    : [];
  const worked = useResults([...new Set([...lines.map(({ text }) => text), ...writtenIn(slots)])], NO_TABLES);
  const faults = slots.map(({ text }) => noteOf(text, worked.value));
  const isSound = faults.every((fault) => fault === null);
  return (
    <ToolFrame
      id={loanEntries.id}
      name={loanWords.name}
      slots={slots}
      writing={writing}
      hasAngles={false}
      above={above}
      entries={slots.map((slot, i) => (
        <EntryRow key={slot.id} slot={slot} writing={writing} note={faults[i] ?? null} />
      ))}
      results={
        isReady ? (
          <Worked task={worked}>
            {(isSound ? lines : []).map((line) => (
              <View key={line.name}>
                <ResultList name={line.name} asked={[line]} views={worked.value} hasDecimals />
                <LineRow name={line.name} text={line.text} />
              </View>
            ))}
          </Worked>
        ) : (
          <Words tone="muted">{loanWords.simpleFirst}</Words>
        )
      }
    />
  );
}
