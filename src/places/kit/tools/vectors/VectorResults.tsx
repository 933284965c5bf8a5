import { View } from '@tamagui/core';
import { useState } from 'react';
import { asWhole, isReal } from '@/core/number/value';
import { Slow } from '@/places/columns/Slow';
import { WithHelp } from '@/places/exam/use-help';
import { NoResult, ResultRow } from '@/places/kit/parts/ResultRow';
import { StepsOf } from '@/places/kit/parts/steps';
import { typedTable } from '@/places/kit/parts/table';
import type { Table } from '@/places/kit/parts/table';
import type { ResultView } from '@/state/slices/kit/requests';
import type { TaskState } from '@/state/use-task';
import { kitWords } from '@/text/kit/kit';
import { vectorResults, vectorWords } from '@/text/kit/vectors';
import { problemText } from '@/text/problems';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { stepsText } from './told';
import type { Told } from './told';

type Props = Readonly<{
  told: readonly Told[];
  vectors: Readonly<Partial<Record<string, Table>>>;
  rank: Readonly<{ text: string; count: number }> | null;
  worked: TaskState<readonly ResultView[]>;
}>;

const groups = ['each', 'together', 'three'] as const;

/** What is told of vectors, in groups: of each, of two, of three, and whether they depend on each other. */
export function VectorResults({ told, vectors, rank, worked }: Props) {
  const [steps, setSteps] = useState<string | null>(null);
  const viewOf = (text: string): ResultView | undefined => worked.value?.find((view) => view.text === text);
  const ranked = rank === null ? undefined : viewOf(rank.text);
  const value = ranked !== undefined && 'answer' in ranked ? ranked.answer.value : null;
  const found = value !== null && value.kind !== 'matrix' && isReal(value) ? asWhole(value) : null;
  if (told.length === 0) return <Words tone="muted">{vectorWords.first}</Words>;
  /** A text with the vectors written out in the place of their letters. */
  const written = (text: string): string =>
    text.replace(/\b[uvw]\b/g, (name) => {
      const table = vectors[name];
      return table === undefined ? name : typedTable(table);
    });
  const row = (one: Told) => {
    const [u = '', v = ''] = one.of;
    const { sign, name } = vectorResults[one.id];
    const view = viewOf(one.text);
    if (view === undefined || 'cell' in view) return null;
    if ('problem' in view) return <NoResult key={one.text} name={sign(u, v)} why={problemText(view.problem)} />;
    const { forms, saved, full } = view.answer;
    const worth = stepsText(one, vectors);
    return (
      <ResultRow
        key={one.text}
        result={{ name: name(u, v), forms, saved, full, from: written(one.text) }}
        sign={sign(u, v)}
      >
        {worth === null ? null : (
          <WithHelp help="steps">
            <Button isTight name={`${kitWords.steps}: ${name(u, v)}`} onPress={() => setSteps(worth)}>
              {kitWords.steps}
            </Button>
          </WithHelp>
        )}
      </ResultRow>
    );
  };
  return (
    <View gap="$3" aria-busy={worked.isStale} opacity={worked.isStale ? 0.6 : 1}>
      <Slow isSlow={worked.state === 'slow'} share={worked.share} onStop={worked.stop} />
      {worked.problem === null ? null : <Words tone="accent">{problemText(worked.problem)}</Words>}
      {groups.map((group) => {
        const ofGroup = told.filter((one) => one.group === group);
        if (ofGroup.length === 0) return null;
        return (
          <View key={group} gap={2}>
            <Words strong tone="muted">
              {vectorWords[group]}
            </Words>
            <View role="list" aria-label={vectorWords[group]}>
              {ofGroup.map(row)}
            </View>
          </View>
        );
      })}
      {found === null || rank === null ? null : (
        <Words>{Number(found) < rank.count ? vectorWords.dependent : vectorWords.independent}</Words>
      )}
      {steps === null ? null : <StepsOf text={steps} onClose={() => setSteps(null)} />}
    </View>
  );
}
