import { useState } from 'react';
import type { ViewRange } from '@/core/curve/view';
import { curveWords, outOfViewText, partlyOutText } from '@/text/curve-labels';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { GraphNote } from './GraphNote';
import type { Sheet } from './use-drawing';

/** What reaches beyond the view by less than this share of its height is not told. */
const SLIGHT = 0.02;

/** The functions of which nothing, or not all, is to be seen. */
export function hiddenIn(
  { of, curves }: Sheet,
  view: ViewRange,
): Readonly<{ out: readonly string[]; partly: readonly string[] }> {
  const slight = SLIGHT * (view.yTo - view.yFrom);
  const named = of.flatMap(({ id, name }) => {
    const curve = curves.find((c) => c.id === id);
    return curve === undefined || curve.problem !== null || curve.range === null
      ? []
      : [{ name, ...curve, range: curve.range }];
  });
  const isBeyond = ({ range }: (typeof named)[number]): boolean =>
    range.low < view.yFrom - slight || range.high > view.yTo + slight;
  return {
    out: named.filter(({ isSeen }) => !isSeen).map(({ name }) => name),
    partly: named.filter((one) => one.isSeen && isBeyond(one)).map(({ name }) => name),
  };
}

type Props = Readonly<{ sheet: Sheet; view: ViewRange; onFit: () => void }>;

/** Says at the top of the graph which curves lie outside it or reach beyond it, until it is put away. */
export function OutOfView({ sheet, view, onFit }: Props) {
  const { out, partly } = hiddenIn(sheet, view);
  const text = out.length > 0 ? outOfViewText(out) : partly.length > 0 ? partlyOutText(partly) : '';
  const [putAway, setPutAway] = useState('');
  if (text === '' || text === putAway) return null;
  return (
    <GraphNote at="top">
      <Words flexShrink={1} size="medium" tone={out.length > 0 ? 'accent' : 'muted'}>
        {text}
      </Words>
      <Button isPlain isTight onPress={onFit}>
        {curveWords.fit}
      </Button>
      <Button isPlain isTight name={curveWords.putAway} onPress={() => setPutAway(text)}>
        ×
      </Button>
    </GraphNote>
  );
}
