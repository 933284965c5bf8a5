import { View, useMedia, useTheme } from '@tamagui/core';
import ScrollText from 'lucide-react-native/icons/scroll-text';
import Search from 'lucide-react-native/icons/search';
import { memo } from 'react';
import type { ComponentType } from 'react';
import { WithHelp } from '@/places/exam/use-help';
import { useStore } from '@/state/app-store';
import { depthButton, depthNames, orderButton, orderNames, styleButton, styleNames } from '@/text/entry-labels';
import { complexButton, displayButton, displaySummary, unitButton, unitNames, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Pressable } from '@/ui/control/Pressable';
import { PlaceHeader } from '@/ui/frame/PlaceHeader';

type Props = Readonly<{ onSettings: () => void; onTape: () => void; onFind: () => void; onStyle: () => void }>;

type Picture = ComponentType<{ size: number; color: string; strokeWidth: number }>;

function IconButton({ icon, name, onPress }: Readonly<{ icon: unknown; name: string; onPress: () => void }>) {
  const theme = useTheme();
  const Icon = icon as Picture;
  return (
    <Pressable aria-label={name} onPress={onPress} hoverStyle={{ backgroundColor: '$keyDown' }}>
      <Icon size={20} color={theme.ink.get()} strokeWidth={1.8} />
    </Pressable>
  );
}

/** What every answer depends on, always in sight: the angle unit and the number display. Search and the tape's own tools stand beside it. */
export const StatusStrip = memo(function StatusStrip({ onSettings, onTape, onFind, onStyle }: Props) {
  const style = useStore((s) => s.settings.style);
  const order = useStore((s) => s.settings.order);
  const depth = useStore((s) => s.settings.depth);
  const angle = useStore((s) => s.settings.angle);
  const isComplex = useStore((s) => s.settings.complex);
  const display = useStore((s) => s.settings.display);
  const { nextAngleUnit, set } = useStore.getState();
  const { wide } = useMedia();
  const isRoomy = wide || (style === 'written' && !isComplex);
  return (
    <PlaceHeader title={words.bench} isSpoken>
      <Button keepsFocus isQuiet name={styleButton(style)} onPress={onStyle}>
        {`${styleNames[style]} ▾`}
      </Button>
      <View flex={1} />
      <WithHelp help="search">
        <IconButton icon={Search} name={words.findTitle} onPress={onFind} />
      </WithHelp>
      <IconButton icon={ScrollText} name={words.tapeTools} onPress={onTape} />
      <Button keepsFocus isQuiet name={unitButton(angle)} onPress={nextAngleUnit}>
        {isRoomy ? unitNames[angle] : angle}
      </Button>
      {isComplex ? (
        <Button isQuiet name={complexButton} onPress={onSettings}>
          {words.complexOn}
        </Button>
      ) : null}
      <Button isQuiet name={displayButton(display)} onPress={onSettings}>
        {displaySummary(display)}
      </Button>
      {style === 'running' ? (
        <Button
          keepsFocus
          isQuiet
          name={orderButton(order)}
          onPress={() => set({ order: order === 'precedence' ? 'leftToRight' : 'precedence' })}
        >
          {orderNames[order]}
        </Button>
      ) : null}
      {style === 'stack' ? (
        <Button
          keepsFocus
          isQuiet
          name={depthButton(depth)}
          onPress={() => set({ depth: depth === 'four' ? 'unlimited' : 'four' })}
        >
          {depthNames[depth]}
        </Button>
      ) : null}
    </PlaceHeader>
  );
});
