import { View } from '@tamagui/core';
import { memo } from 'react';
import { Formula } from '../formula/Formula';
import { CORE_SPELLING, typeset } from '../formula/typeset';
import type { NumberLayout } from '../formula/typeset';
import { Words } from '../theme/text';

type Props = Readonly<{
  text: string;
  shown: NumberLayout;
  /** Within something that is pressed, what is too long is cut, and seen whole where that is opened; else it is scrolled. */
  isCut?: boolean;
}>;

/** How something was made, small; text of the core's own spelling. */
export const SourceText = memo(function SourceText({ text, shown, isCut = false }: Props) {
  const markup = typeset(text, CORE_SPELLING, shown);
  return (
    <View
      maxWidth="100%"
      {...(isCut ? { className: 'ink-muted', overflow: 'hidden' } : { className: 'scroll-x ink-muted', tabIndex: 0 })}
    >
      {markup === null ? (
        <Words size="medium" tone="muted">
          {text}
        </Words>
      ) : (
        <Formula markup={markup} size="small" />
      )}
    </View>
  );
});
