import { View } from '@tamagui/core';
import { useState } from 'react';
import { toFragment } from '@/core/notebook/shared';
import { keyedOf } from '@/keys/log';
import { linkWith } from '@/platform/page';
import { useStore } from '@/state/app-store';
import { keyedName } from '@/text/keys';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Choice } from '@/ui/kit/Choice';
import { KeyStrip } from '@/ui/key/KeyStrip';
import { Panel } from '@/ui/kit/Panel';
import { Words } from '@/ui/theme/text';
import { copy } from './copying';
import { keysOf, useLineRequest, writtenOf } from './line-ref';
import type { LineRef } from './sheets';
import type { Speed } from './use-replay';

type Props = Readonly<{ of: LineRef; onReplay: (keyed: readonly string[], speed: Speed) => void; onClose: () => void }>;

/** How a line was keyed: shown, replayed, copied, and shared as a link. */
export function KeysSheet({ of, onReplay, onClose }: Props) {
  const [speed, setSpeed] = useState<Speed>('medium');
  const keyed = keysOf(of);
  const { angle, complex } = useLineRequest(of);
  const { text, decimalSign, impliedFirst } = writtenOf(of);
  const own = useStore((s) => (of === 'now' ? s.document.own : of.own));
  const names = (keyed ?? [])
    .map((entry) => keyedOf(entry))
    .filter((k) => k !== null)
    .map(keyedName);
  return (
    <Panel title={words.keyLog} onClose={onClose}>
      <Words>{text}</Words>
      {keyed === null || keyed.length === 0 ? (
        <Words tone="muted">{words.noKeyLog}</Words>
      ) : (
        <>
          <Words tone="muted">{words.keyLogNote}</Words>
          <KeyStrip keyed={keyed} name={words.keyLog} isWrapped />
          <Choice
            title={words.replaySpeed}
            options={[
              { id: 'slow', name: words.slow },
              { id: 'medium', name: words.medium },
              { id: 'fast', name: words.fast },
            ]}
            chosen={speed}
            onChoose={setSpeed}
          />
        </>
      )}
      <View flexDirection="row" flexWrap="wrap" gap="$2">
        <Button
          isDisabled={keyed === null || keyed.length === 0}
          onPress={() => {
            onClose();
            onReplay(keyed ?? [], speed);
          }}
        >
          {words.replay}
        </Button>
        <Button isDisabled={names.length === 0} onPress={() => void copy(names.join(', '))}>
          {words.copyKeys}
        </Button>
        <Button
          onPress={() =>
            void copy(
              linkWith(
                toFragment({
                  kind: 'line',
                  text,
                  angle,
                  impliedFirst,
                  complex,
                  decimalSign,
                  own,
                  keys: [...(keyed ?? [])],
                }),
              ),
            )
          }
        >
          {words.copyLink}
        </Button>
      </View>
    </Panel>
  );
}
