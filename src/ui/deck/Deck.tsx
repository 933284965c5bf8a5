import { View, styled, useMedia } from '@tamagui/core';
import { Tabs as KitTabs } from '@tamagui/tabs';
import { memo, useState } from 'react';
import { DRAWER_ROWS, drawerIds, drawers, numberBlocks } from '@/keys/decks';
import { meansIn } from '@/keys/press';
import type { EntryStyle } from '@/core/notebook/schema';
import type { DrawerId } from '@/keys/decks';
import { keys } from '@/keys/catalogue';
import type { KeyAction, KeyId } from '@/keys/catalogue';
import type { DecimalSign } from '@/core/language/numerals';
import { drawerNames, otherSide } from '@/text/keys';
import { words } from '@/text/labels';
import { Pressable, keepFocus } from '../control/Pressable';
import { Key } from '../key/Key';
import { Fold } from './Fold';
import { TARGET } from '../theme/config';
import { tab } from '../theme/look';
import { Words } from '../theme/text';

const Tab = styled(KitTabs.Tab, {
  unstyled: true,
  render: 'button',
  ...tab,
  flexGrow: 1,
  paddingHorizontal: 1,
  variants: { open: { true: { borderColor: '$accent' } } } as const,
});

/** Shows the other side of a drawer. */
const Turn = styled(Pressable, { flex: 1, minWidth: 0, padding: 0, hoverStyle: { backgroundColor: '$keyDown' } });

/** Between keys; where seven stand in the width of a small phone, they need all of it to be as large as a finger. */
const GAP = 4;
const SMALL_GAP = 1;

type Props = Readonly<{
  drawer: DrawerId;
  onDrawer: (drawer: DrawerId) => void;
  onPress: (action: KeyAction) => void;
  onExplain: (id: KeyId, by: 'point' | 'hold') => void;
  decimalSign: DecimalSign;
  isComplex: boolean;
  style: EntryStyle;
  /** A field of values has the focus: the sign between values stands where the letter x is. */
  hasField?: boolean;
  /** The drawer is folded away, where height is scarce. */
  isFolded?: boolean;
  onFold?: (folds: boolean) => void;
  /** It can be folded on any screen, since there is something above it that is to stay in sight. */
  canFold?: boolean;
}>;

const isWide = (id: KeyId): boolean => id === 'answer' || id === 'enter' || id === 'push';

/** The key deck: drawers of named groups above the number block, which never moves. */
export const Deck = memo(function Deck({
  drawer,
  onDrawer,
  onPress,
  onExplain,
  decimalSign,
  isComplex,
  style,
  hasField = false,
  isFolded = false,
  onFold,
  canFold = false,
}: Props) {
  const { narrow, high, smallFlat } = useMedia();
  // In two rows all drawers are seen at once, where there is height for them.
  const wraps = narrow && high;
  const gap = narrow || smallFlat ? SMALL_GAP : GAP;
  const { columns, ids: front, more } = drawers[drawer];
  const [turned, setTurned] = useState<DrawerId | null>(null);
  const isTurned = more !== undefined && turned === drawer;
  const ids = isTurned ? more : front;
  const shared = { onPress, onExplain, decimalSign, style };
  const isDimmed = (id: KeyId): boolean =>
    (keys[id].needs === 'complex' && !isComplex) || !meansIn(style, keys[id].does);
  const open = (id: string): void => {
    onFold?.(false);
    onDrawer(id as DrawerId);
  };
  return (
    <View
      role="group"
      aria-label={words.deck}
      backgroundColor="$desk"
      paddingHorizontal={gap}
      paddingBottom={gap}
      gap={gap}
      className="deck"
    >
      <KitTabs
        value={drawer}
        onValueChange={open}
        activationMode="manual"
        orientation="horizontal"
        flexDirection="column"
        flexShrink={1}
        minHeight={0}
        gap={gap}
      >
        <View flexDirection="row" flexShrink={0}>
          <KitTabs.List
            aria-label={words.drawers}
            borderRadius={0}
            flexGrow={1}
            flexShrink={1}
            minWidth={0}
            flexDirection="row"
            justifyContent="space-between"
            columnGap={wraps ? 0 : 6}
            flexWrap={wraps ? 'wrap' : 'nowrap'}
            className="scroll-x key-text"
          >
            {drawerIds.map((id) => (
              <Tab
                key={id}
                value={id}
                {...keepFocus}
                open={id === drawer}
                onPress={() => open(id)}
                {...(wraps ? { flexBasis: '19%' } : {})}
              >
                <Words
                  size="small"
                  strong={id === drawer}
                  tone={id === drawer ? 'accent' : 'muted'}
                  color={id === drawer ? '$ink' : '$muted'}
                >
                  {drawerNames[id]}
                </Words>
              </Tab>
            ))}
          </KitTabs.List>
          {(narrow || canFold) && onFold !== undefined ? <Fold isFolded={isFolded} onFold={onFold} /> : null}
        </View>
        {isFolded ? null : (
          <KitTabs.Content
            value={drawer}
            aria-label={drawerNames[drawer]}
            gap={gap}
            flexShrink={1}
            minHeight={TARGET + gap}
            className="drawer scroll-y"
          >
            {Array.from({ length: DRAWER_ROWS }, (_, at) => {
              const row = ids.slice(at * columns, (at + 1) * columns);
              const isLast = at === DRAWER_ROWS - 1;
              const filled = row.length + (isLast && more !== undefined ? 1 : 0);
              return (
                <View key={`${at}${row.join()}`} flexDirection="row" gap={gap} minHeight="$target" flexShrink={0}>
                  {row.map((id) => (
                    <Key key={id} id={id} {...shared} isDimmed={isDimmed(id)} />
                  ))}
                  {Array.from({ length: columns - filled }, (_, i) => (
                    <View key={i} flex={1} />
                  ))}
                  {isLast && more !== undefined ? (
                    <Turn {...keepFocus} onPress={() => setTurned(isTurned ? null : drawer)}>
                      <Words size="medium">{otherSide(isTurned ? front : more)}</Words>
                    </Turn>
                  ) : null}
                </View>
              );
            })}
          </KitTabs.Content>
        )}
      </KitTabs>
      {numberBlocks[style].map((row) => (
        <View key={row.join()} flexDirection="row" gap={gap} flexShrink={0}>
          {row
            .map((found) => (hasField && found === 'x' ? 'separator' : found))
            .map((id) => (
              <View key={id} flexDirection="row" flexGrow={isWide(id) ? 2 : 1} flexBasis={isWide(id) ? 5 : 0}>
                <Key id={id} {...shared} isDimmed={isDimmed(id)} />
              </View>
            ))}
        </View>
      ))}
    </View>
  );
});
