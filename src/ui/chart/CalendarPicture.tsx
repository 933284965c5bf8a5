import { ContributionGraph } from 'react-native-chart-kit/v2';
import type { Size } from '@/core/curve/view';
import type { Palette } from '../theme/palette';

type Props = Readonly<{
  /** Days with how much there is of each, in order. */
  days: readonly Readonly<{ date: string; all: number }>[];
  size: Size;
  palette: Palette;
  large: number;
  onChoose: (date: string) => void;
}>;

const FACE = 'Atkinson, UlkavMath, system-ui, sans-serif';
const GUTTER = 3;
/** Seven days, and the names of the months above them. */
const ROWS = 8.4;

/** A calendar of days, darker where there is more, by the chart package: as many weeks as there is room for. */
export function CalendarPicture({ days, size, palette, large, onChoose }: Props) {
  const cell = Math.floor(size.height / ROWS) - GUTTER;
  const weeks = Math.max(4, Math.floor((size.width - 40) / (cell + GUTTER)));
  const last = days.at(-1)?.date ?? '';
  const most = Math.max(1, ...days.map(({ all }) => all));
  return (
    <ContributionGraph
      values={days.map(({ date, all }) => ({ date, count: all }))}
      endDate={last}
      numDays={weeks * 7}
      width={size.width}
      height={size.height}
      cellSize={cell}
      gutterSize={GUTTER}
      weekStartsOn={1}
      showMonthLabels
      theme={{
        background: palette.paper,
        plotBackground: palette.paper,
        grid: palette.rule,
        axis: palette.ink,
        text: palette.ink,
        mutedText: palette.muted,
        series: [palette.answer],
        typography: { fontFamily: FACE, axisLabelSize: 12 * large },
      }}
      emptyColor={palette.grid}
      colorForValue={({ cell: { value } }) =>
        value === null || value === 0 ? palette.grid : shade(value / most, palette)
      }
      onDayPress={({ raw, date }) => onChoose(raw?.date ?? date.toISOString().slice(0, 10))}
    />
  );
}

/** The answer colour, paler for less. */
function shade(share: number, { answer, paper }: Palette): string {
  const part = (hex: string, i: number): number => parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16);
  const by = 0.35 + 0.65 * share;
  const mixed = [0, 1, 2].map((i) => Math.round(part(answer, i) * by + part(paper, i) * (1 - by)));
  return `#${mixed.map((n) => n.toString(16).padStart(2, '0')).join('')}`;
}
