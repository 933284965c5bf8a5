import type { StatisticId } from '@/core/column/statistics';
import { settingIds } from '@/core/notebook/settings';
import { keys } from '@/keys/catalogue';
import type { KeyId } from '@/keys/catalogue';
import { drawerIds, drawers } from '@/keys/decks';
import { shortcuts } from '@/keys/shortcuts';
import type { ShortcutScope } from '@/keys/shortcuts';
import { statisticNames, statisticNotes } from '@/text/statistic-labels';
import { helpWords, howTo, parts, slips, statisticTerms } from '@/text/help';
import type { HelpKind, Topic } from '@/text/help';
import { drawerNames, keyTexts } from '@/text/keys';
import { words } from '@/text/labels';
import { findable, found, keyEntries } from './search';
import type { Findable } from './search';
import { settingWords } from '@/text/settings';
import type { SettingWords } from '@/text/settings';
import { keyboardHelp, shortcutHelp } from '@/text/shortcuts';

/* Everything that can be looked up, put together from the tables that keys, settings and the rest are made of. */

/** `key`: whose face is shown beside it. */
export type HelpEntry = Readonly<{ kind: HelpKind; title: string; text: string; where: string; key: KeyId | null }>;

const ofTopic =
  (kind: HelpKind) =>
  ({ title, text, where, words: more }: Topic): Findable<HelpEntry> =>
    findable({ kind, title, text, where, key: null }, title, more, text);

const drawerOf = (id: KeyId): string | null =>
  drawerIds.find((drawer) => [...drawers[drawer].ids, ...(drawers[drawer].more ?? [])].includes(id)) ?? null;

const keyTopics = keyEntries.map(({ of: id, name, all }): Findable<HelpEntry> => {
  const { say, help } = keyTexts[id];
  const drawer = drawerOf(id);
  const where = drawer === null ? helpWords.key : helpWords.drawer(drawerNames[drawer as keyof typeof drawerNames]);
  const { example } = keys[id];
  return {
    of: { kind: 'key', title: say, text: `${help} ${words.example}: ${example.shows}`, where, key: id },
    name,
    all,
  };
});

const settingTopics = settingIds.map((id): Findable<HelpEntry> => {
  const { title, note, options, examples }: SettingWords = settingWords[id];
  const shown = Object.entries(examples ?? {}).map(([option, example]) => `${options?.[option] ?? option}: ${example}`);
  const text = [note, Object.values(options ?? {}).join(', '), ...shown].filter((part) => part).join('. ');
  return findable({ kind: 'setting', title, text, where: helpWords.setting, key: null }, title, text, 'setting', id);
});

const statisticTopics = (Object.keys(statisticNames) as StatisticId[]).map((id): Findable<HelpEntry> => {
  const name = statisticNames[id];
  const [term, more] = statisticTerms[id] ?? [helpWords.ofColumns, ''];
  const text = [term, statisticNotes[id]].filter((part) => part !== undefined).join(', ');
  return findable({ kind: 'statistic', title: name, text, where: helpWords.statistic, key: null }, name, text, more);
});

const strokeTopics = [
  ...keyboardHelp.written,
  ...(Object.keys(shortcuts) as ShortcutScope[]).filter((scope) => scope !== 'bench').flatMap(shortcutHelp),
].map(([stroke, does]) =>
  findable({ kind: 'stroke' as const, title: stroke, text: does, where: helpWords.strokes, key: null }, stroke, does),
);

const all: readonly Findable<HelpEntry>[] = [
  ...howTo.map(ofTopic('how')),
  ...slips.map(ofTopic('slip')),
  ...parts.map(ofTopic('part')),
  ...settingTopics,
  ...statisticTopics,
  ...keyTopics,
  ...strokeTopics,
];

export const allHelp: readonly HelpEntry[] = all.map(({ of }) => of);

const MOST = 24;

/** What fits plain words, of every kind, the best first. */
export const findHelp = (sought: string): readonly HelpEntry[] => found(all, sought, MOST);

/** The same without keys, for a list that has those already. */
export const findElsewhere = (sought: string): readonly HelpEntry[] =>
  found(
    all.filter(({ of }) => of.kind !== 'key' && of.kind !== 'stroke'),
    sought,
    8,
  );
