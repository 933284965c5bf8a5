import { View } from '@tamagui/core';
import { memo } from 'react';
import { Formula } from '../formula/Formula';
import { CORE_SPELLING, typeset } from '../formula/typeset';
import type { NumberLayout } from '../formula/typeset';
import { Words } from '../theme/text';

/** How something was made, small; text of the core's own spelling. */
export const MadeText = memo(function MadeText({ made, shown }: Readonly<{ made: string; shown: NumberLayout }>) {
  const markup = typeset(made, CORE_SPELLING, shown);
  return (
    <View className="scroll-x ink-muted" maxWidth="100%">
      {markup === null ? (
        <Words size="medium" tone="muted">
          {made}
        </Words>
      ) : (
        <Formula markup={markup} size="small" />
      )}
    </View>
  );
});
