import { View } from '@tamagui/core';
import { useEffect, useRef } from 'react';
import { grouped } from '@/core/language/numerals';
import type { NumberLayout } from '../formula/typeset';
import { stillWhileWriting } from '../line/blink';
import { Words } from '../theme/text';

/** A size that grows with the text size that is set. */
const textSize = (size: number) => `calc(${size}px * var(--text))` as const;

/** A number while it is keyed, as it is written: a power of ten raised, marks of an angle as they are. */
function Digits({ entry, shown, size }: Readonly<{ entry: string; shown: NumberLayout; size: number }>) {
  const [mantissa = '', exponent] = entry.split('E');
  const isPlain = /^-?\d+(\.\d*)?$/.test(mantissa);
  const [whole = '', fraction] = mantissa.split('.');
  const number = isPlain && shown.grouping ? grouped(whole) + (fraction === undefined ? '' : `.${fraction}`) : mantissa;
  const written = (text: string): string =>
    text.replace('-', '−').replaceAll("'", '′').replaceAll('"', '″').replaceAll('.', shown.decimalSign);
  return (
    <View flexDirection="row" alignItems="flex-start">
      <Words fontSize={textSize(size)} lineHeight={textSize(size * 1.25)}>
        {written(number)}
        {exponent === undefined ? '' : '·10'}
      </Words>
      {exponent === undefined ? null : (
        <Words fontSize={textSize(size * 0.68)} lineHeight={textSize(size)}>
          {exponent === '' ? '▯' : written(exponent)}
        </Words>
      )}
    </View>
  );
}

/** The number being keyed, with the caret behind it. */
export function KeyedNumber({
  entry,
  shown,
  size,
  name,
}: Readonly<{ entry: string; shown: NumberLayout; size: number; name: string }>) {
  const caret = useRef<HTMLDivElement | null>(null);
  useEffect(() => {
    if (caret.current !== null) stillWhileWriting(caret.current);
  });
  return (
    <View role="group" aria-label={name} flexDirection="row" alignItems="center" gap={3} className="scroll-x">
      <Digits entry={entry} shown={shown} size={size} />
      <div ref={caret} className="keyed-caret" style={{ height: size }} aria-hidden />
    </View>
  );
}
