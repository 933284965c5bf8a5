import { Dialog } from '@tamagui/dialog';
import type { ReactNode } from 'react';
import { isSpread, useLayout } from '../theme/layout';
import { Heading } from '../theme/text';
import { useOverPage } from './over-page';

type Props = Readonly<{ title: string; onClose: () => void; children: ReactNode }>;

/** Something that is written over the page with keys of its own. A tap beside it does not throw away what is written. */
export function Editor({ title, onClose, children }: Props) {
  useOverPage(onClose);
  const layout = useLayout();
  return (
    <Dialog modal open disableRemoveScroll onOpenChange={(isOpen: boolean) => (isOpen ? undefined : onClose())}>
      <Dialog.Portal render="div" aria-modal={undefined}>
        <Dialog.Overlay unstyled position="absolute" top={0} right={0} bottom={0} left={0} />
        <Dialog.Content
          unstyled
          aria-describedby={undefined}
          aria-label={title}
          onPointerDownOutside={(event) => event.preventDefault()}
          position="absolute"
          right={0}
          {...(isSpread(layout) ? { width: '$deck', maxWidth: '100%', borderLeftWidth: 1 } : { left: 0 })}
          bottom={0}
          backgroundColor="$card"
          borderTopWidth={2}
          borderColor="$accent"
          maxHeight="100%"
        >
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog>
  );
}

Editor.Title = function Title({ children }: Readonly<{ children: string }>) {
  return (
    <Dialog.Title unstyled asChild>
      <Heading role="heading" aria-level={2} flex={1}>
        {children}
      </Heading>
    </Dialog.Title>
  );
};
