import { StepsSheet } from '@/places/bench/StepsSheet';
import { convertNotation } from '@/state/slices/bench/notation';
import { requestFor } from '@/state/slices/bench/live';
import { useRequest } from '@/state/use-task';

const SPELLING = { decimalSign: '.', impliedFirst: false } as const;

/** The order of work of a typed text with a point. */
export function StepsOf({ text, onClose }: Readonly<{ text: string; onClose: () => void }>) {
  const request = useRequest((state) => {
    const { decimalSign } = state.settings.display;
    const asked = requestFor(convertNotation(text, SPELLING, { ...SPELLING, decimalSign }), state);
    return { ...asked, impliedFirst: false, tries: {} };
  });
  return <StepsSheet request={request} onClose={onClose} />;
}
