import { styled } from '@tamagui/core';
import { Select as KitSelect } from '@tamagui/select';
import { edged, ringAround, touchRow } from '../theme/look';
import { Words } from '../theme/text';

const Trigger = styled(KitSelect.Trigger, {
  unstyled: true,
  ...touchRow,
  ...edged,
  ...ringAround,
  width: 'auto',
  flexShrink: 0,
  paddingHorizontal: '$3',
});

const Item = styled(KitSelect.Item, {
  unstyled: true,
  ...touchRow,
  paddingHorizontal: '$3',
  hoverStyle: { backgroundColor: '$keyDown' },
  focusStyle: { backgroundColor: '$keyDown' },
});

type Props<T extends string> = Readonly<{
  /** What is chosen, as it is spoken. */
  name: string;
  options: readonly Readonly<{ id: T; name: string }>[];
  chosen: T;
  onChoose: (id: T) => void;
}>;

/** One of many, from a list that opens. */
export function Select<T extends string>({ name, options, chosen, onChoose }: Props<T>) {
  const shown = options.find(({ id }) => id === chosen)?.name ?? '';
  return (
    <KitSelect disablePreventBodyScroll value={chosen} onValueChange={(id: string) => onChoose(id as T)}>
      <Trigger aria-label={`${name}: ${shown}`}>
        <Words size="medium" strong>{`${shown} ▾`}</Words>
      </Trigger>
      <KitSelect.Content>
        <KitSelect.Viewport
          unstyled
          aria-label={name}
          minWidth={200}
          maxWidth={360}
          maxHeight={320}
          backgroundColor="$card"
          borderWidth={1}
          borderColor="$keyEdge"
          borderRadius="$2"
          className="scroll-y"
        >
          {options.map(({ id, name: words }, index) => (
            <Item key={id} index={index} value={id}>
              <KitSelect.ItemText unstyled asChild>
                <Words size="medium" strong={id === chosen}>
                  {words}
                </Words>
              </KitSelect.ItemText>
            </Item>
          ))}
        </KitSelect.Viewport>
      </KitSelect.Content>
    </KitSelect>
  );
}
