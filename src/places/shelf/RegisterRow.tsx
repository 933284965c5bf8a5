import { View } from '@tamagui/core';
import { memo } from 'react';
import type { FormId } from '@/core/format/form';
import type { SavedForm, SavedShelf } from '@/core/notebook/schema';
import type { Settings } from '@/core/notebook/settings';
import { shownForm } from '@/state/slices/tape/line';
import { keptAt } from '@/text/entry-labels';
import { words } from '@/text/labels';
import { MarginRow } from '@/ui/control/MarginRow';
import { SourceText } from '@/ui/keyed/SourceText';
import { FormValue, signOf } from '@/ui/line/ResultForms';
import { Heading, Words } from '@/ui/theme/text';

type Props = Readonly<{
  name: string;
  spoken: string;
  kept: SavedShelf[string] | null;
  forms: readonly SavedForm[];
  settings: Settings;
  onOpen: () => void;
}>;

/** Forms that say something about a value and do not write it. */
const BESIDE: ReadonlySet<FormId> = new Set(['factors', 'remainder']);
const MOST_OTHERS = 3;

/** A place of the Shelf: its name in the margin, where its value came from and when, and the value at the right edge. */
export const RegisterRow = memo(function PlaceRow({ name, spoken, kept, forms, settings, onOpen }: Props) {
  // As it was shown when it was kept; its other forms stand beside it.
  const asKept = forms.find((f) => f.typed === kept?.typed);
  const form = forms.length === 0 ? null : (asKept ?? shownForm(forms, null, settings));
  const others = forms.filter((f) => f !== form && !BESIDE.has(f.id)).slice(0, MOST_OTHERS);
  const value = form?.text ?? kept?.typed ?? words.nothingHeld;
  return (
    <View role="listitem" borderTopWidth={1} borderColor="$rule">
      <MarginRow
        name={`${spoken}: ${value}${kept === null ? '' : `, ${words.from} ${kept.from}`}`}
        ground="$paper"
        onOpen={onOpen}
        mark={
          <Heading
            color={kept === null ? '$muted' : '$ink'}
            {...(name.length > 1 ? { fontSize: '$1', fontWeight: '$4' } : {})}
          >
            {name}
          </Heading>
        }
      >
        {kept === null ? (
          <View flex={1} justifyContent="center" paddingHorizontal="$3">
            <Words tone="muted" textAlign="left">
              {words.nothingHeld}
            </Words>
          </View>
        ) : (
          <View flex={1} minWidth={0} paddingHorizontal="$3" paddingVertical="$2" gap="$1">
            <View alignItems="flex-end">
              {form === null ? (
                <Words tone="answer">{kept.typed}</Words>
              ) : (
                <FormValue form={form} shown={settings.display} isChosen />
              )}
              {others.length === 0 ? null : (
                <Words size="small" tone="muted" textAlign="right">
                  {others.map((other) => `${signOf(other)} ${other.text}`).join('   ')}
                </Words>
              )}
            </View>
            <View flexDirection="row" alignItems="center" gap="$2" minWidth={0}>
              <Words size="small" tone="muted">
                {words.from}
              </Words>
              <View flex={1} minWidth={0}>
                <SourceText text={kept.from} shown={settings.display} isCut />
              </View>
              {kept.at === null ? null : (
                <Words size="small" tone="muted">
                  {keptAt(kept.at)}
                </Words>
              )}
            </View>
          </View>
        )}
      </MarginRow>
    </View>
  );
});
