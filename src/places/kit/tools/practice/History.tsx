import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import { isSeries } from '@/core/practice/exercise';
import { later } from '@/places/frame/Boundary';
import { BarsChart } from '@/places/kit/parts/BarsChart';
import { useStore } from '@/state/app-store';
import { dayText, practiceWords, seriesNames, topicText } from '@/text/kit/practice';
import { Words } from '@/ui/theme/text';
import { usePalette } from '@/ui/theme/use-palette';
import { historyOf } from './history';
import type { DayCount } from './history';
import { practiceEntries } from './inputs';

const CalendarPicture = later(async () => (await import('@/ui/chart/pictures')).CalendarPicture);

const NONE = {};
const HEIGHT = 190;

/** A topic as it is called; one's own lines, and what comes of files, by the words for them. */
const topicName = (topic: string): string => (isSeries(topic) ? seriesNames[topic] : practiceWords.own);

/** The days of practice on a calendar, and in words for those who do not see it. */
function Calendar({ days }: Readonly<{ days: readonly DayCount[] }>) {
  const [width, setWidth] = useState(0);
  const [chosen, setChosen] = useState<DayCount | null>(null);
  const palette = usePalette();
  const large = useStore((s) => s.settings.textSize) / 100;
  const last = days.at(-1);
  return (
    <View gap="$1">
      <Words strong>{practiceWords.calendar}</Words>
      <View
        height={HEIGHT}
        onLayout={({ nativeEvent: { layout } }: LayoutChangeEvent) => setWidth(Math.round(layout.width))}
        role="img"
        aria-label={`${practiceWords.calendar}: ${days.map((day) => dayText(day.date, day.all, day.right)).join('; ')}`}
      >
        {width === 0 ? null : (
          <CalendarPicture
            days={days}
            size={{ width, height: HEIGHT }}
            palette={palette}
            large={large}
            onChoose={(date: string) => setChosen(days.find((day) => day.date === date) ?? null)}
          />
        )}
      </View>
      <Words role="status" tone="answer" minHeight={24}>
        {(() => {
          const day = chosen ?? last;
          return day === undefined ? '' : dayText(day.date, day.all, day.right);
        })()}
      </Words>
    </View>
  );
}

/** What was practised over weeks: a calendar of answers, and how much of each topic was right. */
export function History() {
  const found = useStore((s) => s.document.kit[practiceEntries.id] ?? NONE);
  const { days, topics } = useMemo(() => historyOf(found), [found]);
  if (days.length === 0) return <Words tone="muted">{practiceWords.noHistory}</Words>;
  const rows = [...topics].map(([topic, { right, all }]) => ({ name: topicName(topic), right, all }));
  const texts = rows.map(({ name, right, all }) => topicText(name, right, all));
  const marks = {
    kind: 'labels',
    as: 'bars',
    labels: rows.map(({ name }) => name),
    heights: rows.map(({ right, all }) => Math.round((100 * right) / all)),
    texts,
  } as const;
  return (
    <View gap="$3">
      <Words strong>{practiceWords.history}</Words>
      <Calendar days={days} />
      <View gap="$1">
        <Words strong>{practiceWords.byTopic}</Words>
        <BarsChart name={practiceWords.byTopic} marks={marks} height={240} />
      </View>
    </View>
  );
}
