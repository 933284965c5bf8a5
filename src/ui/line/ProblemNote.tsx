import { View } from '@tamagui/core';
import { useState } from 'react';
import type { Problem } from '@/core/base/problem';
import { putInstead } from '@/text/labels';
import { problemText } from '@/text/problems';
import { Button } from '../control/Button';
import { Words } from '../theme/text';

export const PROBLEM_ID = 'line-problem';

type Props = Readonly<{
  problem: Problem;
  /** The sentence where the place says more than the problem itself, such as which box is empty. */
  sentence: string | null;
  text: string;
  isReported: boolean;
  onRespan: (from: number, to: number, text: string) => void;
}>;

/** How often a problem was told: one more whenever another is handed over, also one that says the same. */
function useTold(problem: Problem): number {
  const [told, setTold] = useState({ problem, count: 0 });
  if (told.problem !== problem) setTold({ problem, count: told.count + 1 });
  return told.count;
}

/** The problem in words, with the place it concerns set off from the rest of the line. */
export function ProblemNote({ problem, sentence, text, isReported, onRespan }: Props) {
  const { from, to } = problem.at;
  const told = useTold(problem);
  const offers = isReported && 'offers' in problem ? (problem.offers ?? []) : [];
  const isPart = isReported && to > from && to - from < text.length;
  return (
    <View id={PROBLEM_ID} gap={2} {...(isReported ? { role: 'alert' } : {})}>
      <Words key={told} size="medium" tone={isReported ? 'accent' : 'muted'}>
        {sentence ?? problemText(problem)}
      </Words>
      {isPart ? (
        <Words size="medium" tone="muted" className="scroll-x">
          {text.slice(0, from)}
          <Words size="medium" strong tone="accent" textDecorationLine="underline">
            {text.slice(from, to)}
          </Words>
          {text.slice(to)}
        </Words>
      ) : null}
      {offers.length === 0 ? null : (
        <View flexDirection="row" gap="$2" flexWrap="wrap">
          {offers.map((offer) => (
            <Button key={offer} keepsFocus name={putInstead(offer.trim())} onPress={() => onRespan(from, to, offer)}>
              {offer.trim()}
            </Button>
          ))}
        </View>
      )}
    </View>
  );
}
