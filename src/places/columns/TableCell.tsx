import { View } from '@tamagui/core';
import { Words } from '@/ui/theme/text';

type Props = Readonly<{
  role: 'cell' | 'columnheader' | 'rowheader';
  text: string;
  /** Of the first cell of a row, in pixels; the others are as wide as a number needs. */
  first?: number;
}>;

const WIDTH = 124;

/** A cell of a table of numbers that is only read. */
export function TableCell({ role, text, first }: Props) {
  const isHead = role !== 'cell';
  return (
    <View role={role} width={first ?? WIDTH} minHeight={34} justifyContent="center" flexShrink={0}>
      <Words
        size="medium"
        strong={isHead}
        {...(isHead ? {} : { tone: 'answer' })}
        {...(first === undefined ? { textAlign: 'right' } : {})}
        className="tabular"
      >
        {text}
      </Words>
    </View>
  );
}
