import { View } from '@tamagui/core';
import { useMemo, useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import { tickText } from '@/core/curve/ticks';
import { seriesIds } from '@/core/practice/exercise';
import type { SeriesId } from '@/core/practice/exercise';
import { later } from '@/places/frame/Boundary';
import { useStore } from '@/state/app-store';
import { dayText, practiceWords, seriesNames, topicText } from '@/text/kit/practice';
import { LabelChart } from '@/ui/chart/LabelChart';
import { Words } from '@/ui/theme/text';
import { usePalette } from '@/ui/theme/use-palette';
import { historyOf } from './history';
import type { DayCount } from './history';
import { practiceEntries } from './inputs';

const CalendarPicture = later(async () => (await import('@/ui/chart/pictures')).CalendarPicture);
const LabelPicture = later(async () => (await import('@/ui/chart/pictures')).LabelPicture);

const NONE = {};
const HEIGHT = 190;

/** A topic as it is called; one's own lines, and what comes of files, by the words for them. */
const topicName = (topic: string): string =>
  (seriesIds as readonly string[]).includes(topic) ? seriesNames[topic as SeriesId] : practiceWords.own;

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
  const { textSize, display } = useStore((s) => s.settings);
  const palette = usePalette();
  const [chosen, setChosen] = useState<number | null>(null);
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
        <View height={240}>
          <LabelChart
            name={practiceWords.byTopic}
            titles={[]}
            told={texts.join('. ')}
            count={rows.length}
            chosen={chosen}
            onChoose={setChosen}
            onSize={nothing}
            draw={(size, inSight) => (
              <LabelPicture
                marks={marks}
                labels={marks.labels}
                palette={palette}
                heightText={(height: number) => tickText(height, display.decimalSign)}
                large={textSize / 100}
                size={size}
                chosen={chosen}
                inSight={inSight}
                onChoose={setChosen}
              />
            )}
          />
        </View>
        <Words role="status" tone="answer" strong minHeight={24}>
          {chosen === null ? '' : (texts[chosen] ?? '')}
        </Words>
      </View>
    </View>
  );
}

const nothing = (): void => undefined;
