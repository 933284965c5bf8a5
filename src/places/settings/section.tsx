import { View } from '@tamagui/core';
import type { ReactNode } from 'react';
import type { Settings } from '@/core/notebook/schema';
import { Heading } from '@/ui/theme/text';
import type { ExampleId } from './use-examples';

/** What the groups of settings are given. */
export type SettingsProps = Readonly<{
  settings: Settings;
  set: (change: Partial<Settings>) => void;
  examples: Readonly<Partial<Record<ExampleId, string>>>;
}>;

/** The example of a setting, where it has been worked. */
export const exampleOf = ({ examples }: SettingsProps, id: ExampleId): { example?: string } => {
  const example = examples[id];
  return example === undefined ? {} : { example };
};

/** Settings that belong together. */
export function Section({ title, children }: Readonly<{ title: string; children: ReactNode }>) {
  return (
    <View role="group" aria-label={title} gap="$4">
      <Heading role="heading" aria-level={3} borderBottomWidth={1} borderColor="$rule" paddingBottom={2}>
        {title}
      </Heading>
      {children}
    </View>
  );
}
