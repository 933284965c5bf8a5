import { View } from '@tamagui/core';
import Constants from 'expo-constants';
import { useEffect, useState } from 'react';
import { shippedParts } from '@/platform/licences';
import type { Shipped } from '@/platform/licences';
import { aboutWords } from '@/text/about';
import { words } from '@/text/labels';
import { Panel } from '@/ui/kit/Panel';
import { Heading, Words } from '@/ui/theme/text';
import { SavedState } from './SavedState';

function Licence({ of }: Readonly<{ of: Shipped }>) {
  return (
    <details className="licence">
      <summary>{`${of.name} ${of.version} · ${of.licence}`}</summary>
      <pre>{of.text}</pre>
    </details>
  );
}

/** What Ulkav is, what it keeps and where, and what it is made of. */
export function AboutSheet({ onClose }: Readonly<{ onClose: () => void }>) {
  const [shipped, setShipped] = useState<readonly Shipped[] | null | 'asked'>('asked');
  useEffect(() => {
    let isGone = false;
    void shippedParts().then((parts) => {
      if (!isGone) setShipped(parts);
    });
    return () => {
      isGone = true;
    };
  }, []);
  const heading = (text: string) => (
    <Heading role="heading" aria-level={3}>
      {text}
    </Heading>
  );
  return (
    <Panel title={words.about} onClose={onClose}>
      <View gap="$1">
        <Words>{aboutWords.what}</Words>
        <Words tone="muted">{words.version(Constants.expoConfig?.version ?? '')}</Words>
      </View>
      <View gap="$2">
        {heading(aboutWords.keptTitle)}
        {aboutWords.kept.map((sentence) => (
          <Words key={sentence}>{sentence}</Words>
        ))}
        <View alignItems="flex-start">
          <SavedState />
        </View>
      </View>
      <View gap="$2">
        {heading(aboutWords.licencesTitle)}
        <Words>{aboutWords.own}</Words>
        {shipped === 'asked' ? (
          <Words tone="muted">{words.loading}</Words>
        ) : shipped === null ? (
          <Words tone="muted">{aboutWords.noLicences}</Words>
        ) : (
          <>
            <Words>{aboutWords.licences}</Words>
            <View>
              {shipped.map((part) => (
                <Licence key={`${part.name} ${part.version}`} of={part} />
              ))}
            </View>
          </>
        )}
      </View>
    </Panel>
  );
}
