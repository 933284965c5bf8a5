import type { DrawnFunction } from '@/core/notebook/curves';
import { curveWords } from '@/text/curve-labels';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { GraphNote } from './GraphNote';
import type { Sheet } from './use-drawing';

export type Reason = 'none' | 'off' | 'problem' | 'no-values' | 'out' | null;

/** Why nothing is to be seen; null when something is, or while it is being drawn. */
export function reasonFor(all: readonly DrawnFunction[], shown: readonly DrawnFunction[], sheet: Sheet): Reason {
  if (all.length === 0) return 'none';
  if (shown.length === 0) return 'off';
  if (sheet.of !== shown) return null;
  const drawable = sheet.curves.filter(({ problem }) => problem === null);
  if (drawable.length === 0) return 'problem';
  if (drawable.some(({ isSeen }) => isSeen)) return null;
  return drawable.every(({ range }) => range === null) ? 'no-values' : 'out';
}

type Props = Readonly<{ reason: Reason; onWrite: () => void; onFit: () => void; onSwitchOn: () => void }>;

/** Says on the graph why it is empty, and what helps. */
export function EmptyReason({ reason, onWrite, onFit, onSwitchOn }: Props) {
  if (reason === null) return null;
  const told = {
    none: { text: curveWords.noFunction, name: curveWords.addFunction, act: onWrite },
    off: { text: curveWords.allOff, name: curveWords.switchOn, act: onSwitchOn },
    problem: { text: curveWords.notDrawable, name: null, act: onWrite },
    'no-values': { text: curveWords.noValues, name: null, act: onWrite },
    out: { text: curveWords.outOfView, name: curveWords.fit, act: onFit },
  }[reason];
  return (
    <GraphNote at="foot">
      <Words flexShrink={1}>{told.text}</Words>
      {told.name === null ? null : <Button onPress={told.act}>{told.name}</Button>}
    </GraphNote>
  );
}
