import { View } from '@tamagui/core';
import { Dialog } from '@tamagui/dialog';
import type { ReactNode } from 'react';
import { words } from '@/text/labels';
import { Button } from '../control/Button';
import { useLayout } from '../theme/layout';
import type { Layout } from '../theme/layout';
import { Heading } from '../theme/text';
import { useOverPage } from './over-page';

const beside = { top: 0, width: 430, maxWidth: '100%', maxHeight: '100%', borderTopRightRadius: 0 } as const;
const below = { left: 0, borderTopRightRadius: 12 } as const;
/** From below where there is height for it, else at the side. */
const shapes = {
  wide: beside,
  flat: beside,
  tall: { ...below, maxHeight: '88%' },
  tiny: { ...below, maxHeight: '100%' },
} as const satisfies Readonly<Record<Layout, object>>;

type Props = Readonly<{
  title: string;
  onClose: () => void;
  /** What a character does that is typed outside a field. */
  onType?: (char: string) => void;
  children: ReactNode;
}>;

type Stroke = Readonly<{ key: string; ctrlKey: boolean; metaKey: boolean; stopPropagation: () => void }>;

/** A panel over the page: from below on a phone, at the side on a wide screen. Escape and a tap outside close it; Tab stays inside. */
export function Panel({ title, onClose, onType, children }: Props) {
  useOverPage(onClose);
  const layout = useLayout();
  const onKeyDown = (event: Stroke) => {
    if (onType === undefined || !/^[0-9A-Za-z]$/.test(event.key) || event.ctrlKey || event.metaKey) return;
    // The page under it takes strokes again as soon as the panel is gone, which may be by this very one.
    event.stopPropagation();
    onType(event.key);
  };
  return (
    <Dialog modal open disableRemoveScroll onOpenChange={(isOpen: boolean) => (isOpen ? undefined : onClose())}>
      {/* The frame is no second dialog around the one that has a name. */}
      <Dialog.Portal render="div" aria-modal={undefined}>
        <Dialog.Overlay unstyled position="absolute" top={0} right={0} bottom={0} left={0} backgroundColor="$shade" />
        <Dialog.Content
          unstyled
          aria-describedby={undefined}
          onKeyDown={onKeyDown}
          position="absolute"
          bottom={0}
          right={0}
          backgroundColor="$paper"
          borderTopLeftRadius={12}
          {...shapes[layout]}
        >
          <View flexShrink={1} minHeight={0} onKeyDown={onKeyDown}>
            <View
              flexDirection="row"
              alignItems="center"
              justifyContent="space-between"
              paddingLeft="$4"
              paddingRight="$2"
              paddingVertical="$1"
              borderBottomWidth={1}
              borderColor="$rule"
            >
              <Dialog.Title unstyled asChild>
                <Heading role="heading" aria-level={2}>
                  {title}
                </Heading>
              </Dialog.Title>
              <Button isPlain onPress={onClose}>
                {words.close}
              </Button>
            </View>
            <View className="scroll-y" flexShrink={1} minHeight={0} padding="$4" gap="$4">
              {children}
            </View>
          </View>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog>
  );
}
