import { styled } from '@tamagui/core';
import { Tabs as KitTabs } from '@tamagui/tabs';
import type { ReactNode } from 'react';
import { tab } from '../theme/look';
import { Words } from '../theme/text';

const Tab = styled(KitTabs.Tab, {
  unstyled: true,
  render: 'button',
  ...tab,
  paddingHorizontal: '$3',
  variants: { shown: { true: { borderColor: '$accent' } } } as const,
});

type Props<T extends string> = Readonly<{
  name: string;
  tabs: readonly Readonly<{ id: T; name: string }>[];
  chosen: T;
  onChoose: (id: T) => void;
  /** There is no room for the tabs at the moment. */
  isBare?: boolean;
  /** The panel of the chosen tab. */
  children: ReactNode;
}>;

/** A few panels of which one is in sight. Arrow keys go from tab to tab; the panel can be scrolled by the keyboard too. */
export function Tabs<T extends string>({ name, tabs, chosen, onChoose, isBare = false, children }: Props<T>) {
  return (
    <KitTabs
      flex={1}
      minHeight={0}
      minWidth={0}
      flexDirection="column"
      orientation="horizontal"
      value={chosen}
      onValueChange={(id: string) => onChoose(id as T)}
    >
      <KitTabs.List
        aria-label={name}
        borderRadius={0}
        display={isBare ? 'none' : 'flex'}
        flexDirection="row"
        flexWrap="wrap"
        backgroundColor="$desk"
        paddingHorizontal={6}
        gap={4}
        flexShrink={0}
      >
        {tabs.map(({ id, name: title }) => (
          <Tab key={id} value={id} shown={chosen === id}>
            <Words strong={chosen === id} tone="muted" {...(chosen === id ? { color: '$ink' } : {})}>
              {title}
            </Words>
          </Tab>
        ))}
      </KitTabs.List>
      <KitTabs.Content value={chosen} flex={1} minHeight={0} minWidth={0} tabIndex={0} className="scroll-y">
        {children}
      </KitTabs.Content>
    </KitTabs>
  );
}
