import type { AngleUnit } from '@/core/base/angle';
import { StepsSheet } from '@/places/bench/StepsSheet';
import { convertNotation } from '@/state/slices/bench/notation';
import { requestFor } from '@/state/slices/bench/live';
import { useRequest } from '@/state/use-task';

const SPELLING = { decimalSign: '.', impliedFirst: false } as const;

type Props = Readonly<{
  text: string;
  /** The unit that its angles are meant in, where that is not the one that is set. */
  angle?: AngleUnit | null;
  onClose: () => void;
}>;

/** The order of work of a typed text with a point. */
export function StepsOf({ text, angle = null, onClose }: Props) {
  const request = useRequest((state) => {
    const { decimalSign } = state.settings.display;
    const asked = requestFor(convertNotation(text, SPELLING, { ...SPELLING, decimalSign }), state);
    return { ...asked, angle: angle ?? asked.angle, impliedFirst: false, tries: {} };
  });
  return <StepsSheet request={request} onClose={onClose} />;
}
