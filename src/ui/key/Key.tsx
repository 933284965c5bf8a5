import { memo, useRef } from 'react';
import type { PointerEvent } from 'react';
import { keys } from '@/keys/catalogue';
import type { KeyAction, KeyFace, KeyId, KeyLook } from '@/keys/catalogue';
import type { DecimalSign } from '@/core/language/numerals';
import { levelsTaken } from '@/keys/press';
import type { EntryStyle } from '@/core/notebook/schema';
import { keyText } from '@/text/keys';
import { keepFocus } from '../control/Pressable';
import { Face } from './Face';
import { setTouchedKey } from './touched-keys';

/** Held down this long, a key explains itself instead of acting. */
const HOLD_MS = 500;

const isMouse = (event: PointerEvent): boolean => event.pointerType === 'mouse';

const sizes: Readonly<Record<KeyLook, number>> = { digit: 19, operator: 20, function: 16, letter: 16, answer: 22 };

/** Words are set smaller than signs, so that they fit. */
function sizeOf(face: KeyFace, look: KeyLook, isQuiet: boolean): number {
  const usual = isQuiet ? 15 : sizes[look];
  if ('icon' in face || face.text.length < 4 || look === 'answer') return usual;
  return Math.min(usual, face.text.length < 10 ? (isQuiet || face.text.length > 5 ? 13 : usual) : 11.5);
}

type Props = Readonly<{
  id: KeyId;
  onPress: (action: KeyAction) => void;
  /** Asked to explain a key: pointed at, or held down. */
  onExplain: (id: KeyId, by: 'point' | 'hold') => void;
  decimalSign: DecimalSign;
  style: EntryStyle;
  isDimmed?: boolean;
  isQuiet?: boolean;
}>;

/**
 * A key of the catalogue: pressing sends its action, holding it down or pointing at it only explains. It is a plain
 * element: sixty styled components took a fifth of the time until one could be pressed (`npm run bench`).
 */
export const Key = memo(function Key({
  id,
  onPress,
  onExplain,
  decimalSign,
  style,
  isDimmed = false,
  isQuiet = false,
}: Props) {
  const { does, face: ownFace, look } = keys[id];
  const taken = style === 'stack' ? levelsTaken(does) : null;
  const face = taken === null || 'icon' in ownFace ? ownFace : { ...ownFace, lowered: `${taken}` };
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const wasHeld = useRef(false);
  const pressedAt = useRef(0);
  const release = () => {
    if (timer.current !== null) clearTimeout(timer.current);
    timer.current = null;
  };
  const end = (time: number) => {
    release();
    // A page that is busy hears of a finger late: what counts is how long it lay there.
    if (time - pressedAt.current < HOLD_MS) wasHeld.current = false;
  };
  const act = () => {
    // Whether a quiet key would do something is seen a moment late, so those are tried.
    if (!wasHeld.current && (!isDimmed || isQuiet)) onPress(does);
    wasHeld.current = false;
  };
  const touched = {
    tap: (time: number) => {
      end(time);
      act();
    },
    leave: release,
  };
  // In Running a comma that is typed is the point.
  const isSemicolon = id === 'separator' && (decimalSign === ',' || style === 'running');
  const sign = id === 'point' ? decimalSign : isSemicolon ? ';' : null;
  return (
    <button
      ref={(node) => {
        if (node !== null) setTouchedKey(node, touched);
      }}
      type="button"
      {...keepFocus}
      className={`key key-${look}${isQuiet ? ' key-quiet' : ''}${isDimmed ? ' key-dimmed' : ''}`}
      aria-label={keyText(id, style).say}
      aria-disabled={isDimmed}
      onPointerEnter={(event) => {
        if (isMouse(event)) onExplain(id, 'point');
      }}
      onFocus={() => onExplain(id, 'point')}
      onPointerDown={({ timeStamp }) => {
        wasHeld.current = false;
        pressedAt.current = timeStamp;
        // A key that means nothing under the settings takes no press; it says why at once.
        if (isDimmed && !isQuiet) onExplain(id, 'hold');
        timer.current = setTimeout(() => {
          wasHeld.current = true;
          onExplain(id, 'hold');
        }, HOLD_MS);
      }}
      onPointerUp={({ timeStamp }) => end(timeStamp)}
      onPointerLeave={release}
      onPointerCancel={release}
      onClick={act}
    >
      <Face
        face={sign === null ? face : { text: sign }}
        tone={look === 'answer' ? 'onAccent' : 'ink'}
        size={sizeOf(face, look, isQuiet)}
        strong={look === 'digit' || look === 'operator' || look === 'answer'}
      />
    </button>
  );
});
