import { View } from '@tamagui/core';
import { memo } from 'react';
import { Formula } from '../formula/Formula';
import { CORE_SPELLING, typeset } from '../formula/typeset';
import type { NumberLayout } from '../formula/typeset';
import { Words } from '../theme/text';

/** How something was made, small; text of the core's own spelling. */
export const SourceText = memo(function SourceText({ text, shown }: Readonly<{ text: string; shown: NumberLayout }>) {
  const markup = typeset(text, CORE_SPELLING, shown);
  return (
    <View className="scroll-x ink-muted" maxWidth="100%">
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
