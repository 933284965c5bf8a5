import type { KeyAction } from '@/keys/catalogue';
import { useStore } from '@/state/app-store';
import { SettingsSheet } from '@/places/settings/SettingsSheet';
import { AngleSheet } from './AngleSheet';
import { DigitsSheet } from './DigitsSheet';
import { FindSheet } from './FindSheet';
import { EntryStyleSheet } from './EntryStyleSheet';
import { KeysSheet } from './KeysSheet';
import { LevelSheet, PickSheet } from './LevelSheet';
import { MemorySheet } from './MemorySheet';
import { MenuSheet } from './MenuSheet';
import { PasteSheet } from './PasteSheet';
import { StepsSheet } from './StepsSheet';
import { TapeLineSheet } from './TapeLineSheet';
import { TapeSheet } from './TapeSheet';
import { WorkAgainSheet } from './WorkAgainSheet';
import { useLineRequest } from './line-ref';
import type { LineRef, OpenSheet } from './sheets';
import type { Speed } from './use-replay';

type Props = Readonly<{
  open: OpenSheet | null;
  onOpen: (sheet: OpenSheet) => void;
  onClose: () => void;
  onPress: (action: KeyAction) => void;
  onReplay: (keyed: readonly string[], speed: Speed) => void;
}>;

function Steps({ of, onClose }: Readonly<{ of: LineRef; onClose: () => void }>) {
  return <StepsSheet request={useLineRequest(of)} onClose={onClose} />;
}

/** The panel that is open over the Bench. */
export function BenchSheets({ open, onOpen, onClose, onPress, onReplay }: Props) {
  const isPasting = useStore((s) => s.pasteQuestion !== null);
  const asking = useStore((s) => s.asking);
  if (isPasting) return <PasteSheet />;
  if (asking !== null)
    return asking.for === 'pick' ? <PickSheet /> : <MemorySheet operation={asking.for} source={asking.source} />;
  if (open === null) return null;
  switch (open.sheet) {
    case 'settings':
      return <SettingsSheet onClose={onClose} />;
    case 'style':
      return <EntryStyleSheet onClose={onClose} />;
    case 'level':
      return <LevelSheet level={open.level} onClose={onClose} />;
    case 'tape':
      return (
        <TapeSheet
          onOpen={(id) => onOpen({ sheet: 'line', id })}
          onClass={() => onOpen({ sheet: 'class', of: 'now' })}
          onClose={onClose}
        />
      );
    case 'find':
      return <FindSheet onPress={onPress} onClose={onClose} />;
    case 'menu':
      return <MenuSheet onPress={onPress} onOpen={onOpen} onClose={onClose} />;
    case 'digits':
      return <DigitsSheet onClose={onClose} />;
    case 'line':
      return <TapeLineSheet id={open.id} onOpen={onOpen} onClose={onClose} />;
    case 'again':
      return <WorkAgainSheet line={open.line} onClose={onClose} />;
    case 'steps':
      return <Steps of={open.of} onClose={onClose} />;
    case 'angle':
      return <AngleSheet of={open.of} onClose={onClose} />;
    case 'keys':
      return <KeysSheet of={open.of} onReplay={onReplay} onClose={onClose} />;
    case 'class':
      return null;
  }
}
