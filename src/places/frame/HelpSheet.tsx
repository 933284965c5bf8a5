import { View } from '@tamagui/core';
import { useDeferredValue, useState } from 'react';
import { keys } from '@/keys/catalogue';
import { helpWords, kindNames } from '@/text/help';
import type { HelpKind } from '@/text/help';
import { allHelp, findHelp } from '@/text/help-index';
import type { HelpEntry } from '@/text/help-index';
import { words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { Face } from '@/ui/key/Face';
import { Field } from '@/ui/kit/Field';
import { Panel } from '@/ui/kit/Panel';
import { Heading, Words } from '@/ui/theme/text';
import { useOver } from './over';

const kinds = Object.keys(kindNames) as HelpKind[];

/** A thing that can be looked up: what it is, and where it lives. */
export function HelpItem({ entry }: Readonly<{ entry: HelpEntry }>) {
  const { key } = entry;
  return (
    <View role="listitem" flexDirection="row" gap="$3" paddingVertical="$2" borderTopWidth={1} borderColor="$rule">
      {key === null ? null : (
        <View width={52} alignItems="center" justifyContent="center">
          <Face face={keys[key].face} tone="ink" size={16} strong={false} />
        </View>
      )}
      <View flex={1} minWidth={0} gap={2}>
        <Words strong>{entry.title}</Words>
        <Words>{entry.text}</Words>
        <Words size="medium" tone="muted">
          {`${helpWords.where}: ${entry.where}`}
        </Words>
      </View>
    </View>
  );
}

const List = ({ name, entries }: Readonly<{ name: string; entries: readonly HelpEntry[] }>) => (
  <View role="list" aria-label={name}>
    {entries.map((entry) => (
      <HelpItem key={`${entry.kind} ${entry.title} ${entry.text}`} entry={entry} />
    ))}
  </View>
);

/** Everything to be looked up: by plain words, or kind by kind. */
export function HelpSheet({ onClose }: Readonly<{ onClose: () => void }>) {
  const [sought, setSought] = useState('');
  const asked = useDeferredValue(sought.trim());
  const [kind, setKind] = useState<HelpKind>('how');
  const open = useOver();
  const found = asked === '' ? [] : findHelp(asked);
  return (
    <Panel title={helpWords.title} onClose={onClose}>
      <Field
        name={helpWords.sought}
        isHidden
        value={sought}
        onChange={setSought}
        placeholder={helpWords.hint}
        autoFocus
      />
      <Words role="status" tone="muted" {...(asked === '' ? { className: 'only-spoken' } : {})}>
        {asked === '' ? '' : found.length === 0 ? helpWords.nothing : helpWords.found(found.length)}
      </Words>
      {asked === '' ? (
        <>
          <View role="group" aria-label={helpWords.title} flexDirection="row" flexWrap="wrap" gap="$2">
            {kinds.map((id) => (
              <Button key={id} isPressed={id === kind} onPress={() => setKind(id)}>
                {kindNames[id]}
              </Button>
            ))}
          </View>
          <Heading role="heading" aria-level={3}>
            {kindNames[kind]}
          </Heading>
          <List name={kindNames[kind]} entries={allHelp.filter((entry) => entry.kind === kind)} />
          <View flexDirection="row" flexWrap="wrap" gap="$2">
            <Button onPress={() => open({ panel: 'settings' })}>{words.settings}</Button>
            <Button onPress={() => open({ panel: 'about' })}>{words.about}</Button>
          </View>
        </>
      ) : (
        <List name={helpWords.title} entries={found} />
      )}
    </Panel>
  );
}
