import { View } from '@tamagui/core';
import type { AngleUnit } from '@/core/base/angle';
import type { Exercise } from '@/core/practice/exercise';
import { useStore } from '@/state/app-store';
import { askText, formText } from '@/text/kit/practice';
import { Formula } from '@/ui/formula/Formula';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import { Words } from '@/ui/theme/text';
import { CurvePicture } from './CurvePicture';

type Props = Readonly<{
  exercise: Exercise;
  /** The unit of angles that is meant; null for the one that is set. */
  angle: AngleUnit | null;
}>;

/** What is asked: in words, as a formula or a graph, and the form of the answer. */
export function Question({ exercise, angle }: Props) {
  const display = useStore((s) => s.settings.display);
  const { shown, curve, form } = exercise;
  const markup = shown === '' ? null : typeset(shown, CORE_SPELLING, display);
  const asked = formText(form);
  return (
    <View gap="$2">
      <Words strong>{askText(exercise)}</Words>
      {shown === '' ? null : (
        <View className="scroll-x ink" tabIndex={0}>
          {markup === null ? <Words>{shown}</Words> : <Formula markup={markup} size="line" />}
        </View>
      )}
      {curve === undefined ? null : <CurvePicture curve={curve} angle={angle} />}
      {asked === '' ? null : (
        <Words size="medium" tone="muted">
          {asked}
        </Words>
      )}
    </View>
  );
}
