import { useRouter } from 'expo-router';
import { memo, useCallback } from 'react';
import type { Completion } from '@/core/line/completions';
import { useHelp } from '@/places/exam/use-help';
import { later } from '@/places/frame/Boundary';
import { useStore } from '@/state/app-store';
import { toCanonicalText } from '@/state/slices/curves/actions';
import { lineText } from '@/state/slices/bench/reading';
import { Completions } from '@/ui/line/Completions';
import { LineTools } from './LineTools';
import { TryPanel } from './TryPanel';
import type { OpenLine } from './open-line';
import type { OpenSheet } from './sheets';

/** Most lines are no equations. */
const SolvePanel = later(async () => {
  try {
    return (await import('@/places/beside-the-bench')).SolvePanel;
  } catch (error) {
    // Keys that wait for solutions would wait for ever.
    useStore.getState().showSolved();
    throw error;
  }
}, null);

type Props = Readonly<{
  found: readonly Completion[];
  onComplete: (completion: Completion) => void;
  openLine: OpenLine;
  onOpen: (sheet: OpenSheet) => void;
}>;

/** What stands below the line and its answer: names to complete, letters to fill or to solve for, and the line's tools. */
export const BelowLine = memo(function BelowLine({ found, onComplete, openLine, onOpen }: Props) {
  const { letters, isRelation } = openLine;
  const router = useRouter();
  const isSolved = useHelp('solve') && isRelation;
  const hasCurves = useHelp('curves');
  const canDraw = letters.includes('x') && letters.every((name) => name === 'x' || (isRelation && name === 'y'));
  const draw = useCallback(() => {
    const { settings, document } = useStore.getState();
    const text = toCanonicalText(lineText({ settings, document }), settings);
    if (text === null) return;
    useStore.getState().addFunction(text);
    router.navigate('/curves');
  }, [router]);
  return (
    <>
      <Completions found={found} onTake={onComplete} />
      {letters.length === 0 || (isSolved && letters.length === 1) ? null : <TryPanel letters={letters} />}
      {isSolved ? <SolvePanel letters={letters} /> : null}
      <LineTools onOpen={onOpen} onDraw={canDraw && hasCurves ? draw : null} />
    </>
  );
});
