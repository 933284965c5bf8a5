import { View } from '@tamagui/core';
import type { TapeLine } from '@/core/notebook/schema';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Words } from '@/ui/theme/text';
import { copy, copyOfAnswer, copyOfLine } from './copying';
import type { Written } from './copying';

type Props = Readonly<{ line: Written; answer: TapeLine | null; onDone: () => void }>;

/** A line, and its answer where there is one, in every form in which it can be copied. */
export function CopyButtons({ line, answer, onDone }: Props) {
  const button = (name: string, text: () => string) => (
    <Button
      key={name}
      onPress={() => {
        void copy(text());
        onDone();
      }}
    >
      {name}
    </Button>
  );
  return (
    <View role="group" aria-label={words.copy} gap="$1">
      <Words strong>{words.copy}</Words>
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        {answer === null ? null : button(words.copyShown, () => copyOfAnswer(answer, 'shown'))}
        {answer === null ? null : button(words.copyDigits, () => copyOfAnswer(answer, 'digits'))}
        {button(words.copyTyped, () => copyOfLine(line, 'typed'))}
        {button(words.copyLinear, () => copyOfLine(line, 'linear'))}
        {button(words.copyLatex, () => copyOfLine(line, 'latex'))}
        {button(words.copyMathml, () => copyOfLine(line, 'mathml'))}
      </View>
    </View>
  );
}
