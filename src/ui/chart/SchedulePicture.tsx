import { BarChart } from 'react-native-chart-kit/v2';
import { G, Path } from 'react-native-svg';
import type { Size } from '@/core/curve/view';
import type { Palette } from '../theme/palette';
import { fittingLabels } from './label-size';

/** A year or a payment: what of it is interest, what is repaid, and what is owed after it. */
export type ScheduleBar = Readonly<{ label: string; interest: number; repaid: number; balance: number }>;

export type SchedulePictureProps = Readonly<{
  bars: readonly ScheduleBar[];
  size: Size;
  palette: Palette;
  heightText: (height: number) => string;
  /** How large text is, beside its usual size. */
  large: number;
  chosen: number | null;
  onChoose: (index: number) => void;
}>;

const FACE = 'Atkinson, UlkavMath, system-ui, sans-serif';

/** Stacked bars of repayment and interest, by the chart package, and the balance as a line on a scale of its own. */
export function SchedulePicture({ bars, size, palette, heightText, large, chosen, onChoose }: SchedulePictureProps) {
  const data = bars.map(({ repaid, interest }, at) => ({
    at: String(at),
    repaid: Math.max(0, repaid),
    interest: Math.max(0, interest),
  }));
  const most = Math.max(...data.map(({ repaid, interest }) => repaid + interest), 0) || 1;
  const highest = Math.max(...bars.map(({ balance }) => Math.abs(balance)), 0) || 1;
  const fitting = fittingLabels(
    bars.map(({ label }) => label),
    size.width,
    large,
  );
  const isScrolled = bars.length > fitting;
  /** The line comes about bar by bar, since only the bars know where they stand. */
  let before: readonly [number, number] | null = null;
  return (
    <BarChart
      data={data}
      xKey="at"
      series={[
        { yKey: 'repaid', color: palette.curve1 },
        { yKey: 'interest', color: palette.accent },
      ]}
      mode="stacked"
      width={size.width}
      height={size.height}
      theme={{
        background: palette.paper,
        plotBackground: palette.paper,
        grid: palette.rule,
        axis: palette.ink,
        text: palette.ink,
        mutedText: palette.muted,
        series: [palette.curve1, palette.accent],
        typography: { fontFamily: FACE, axisLabelSize: 12 * large },
      }}
      yDomain={{ min: 0, max: most, nice: true }}
      scrollable={isScrolled}
      {...(isScrolled ? { visiblePoints: fitting, initialIndex: chosen ?? 0 } : {})}
      legend={false}
      tooltip={false}
      labelStrategy="show"
      showHorizontalGridLines
      barRadius={0}
      selectionAnimation={false}
      formatXLabel={(_: unknown, index: number) => bars[index]?.label ?? ''}
      formatYLabel={heightText}
      interaction={{ mode: 'tap', onSelect: ({ dataIndex }) => onChoose(dataIndex) }}
      // We mark the bar ourselves: the package would take the grid away. Null says that none is chosen there.
      selectedBar={null as never}
      renderBar={({ bar: { x, y, width, height, dataIndex, seriesKey } }) => {
        const isInterest = seriesKey === 'interest';
        const colour = isInterest ? palette.accent : palette.curve1;
        const value = data[dataIndex]?.[isInterest ? 'interest' : 'repaid'] ?? 0;
        const bar = (
          <Path
            d={`M${x} ${y}h${width}v${height}h${-width}z`}
            fill={colour}
            fillOpacity={dataIndex === chosen ? 0.5 : 0.25}
            stroke={colour}
            strokeWidth={dataIndex === chosen ? 2.4 : 1.2}
          />
        );
        if (isInterest || value <= 0) return bar;
        // The repaid part stands on the axis, and so tells where zero is, and how high a number stands.
        const zero = y + height;
        const at = [
          x + width / 2,
          zero - ((bars[dataIndex]?.balance ?? 0) / highest) * most * (height / value),
        ] as const;
        const from: readonly [number, number] = before ?? at;
        before = at;
        return (
          <G>
            {bar}
            <Path
              d={`M${from[0]} ${from[1]}L${at[0]} ${at[1]}`}
              stroke={palette.ink}
              strokeWidth={2}
              fill="none"
              strokeLinecap="round"
            />
            <Path d={`M${at[0] - 2.5} ${at[1]}a2.5 2.5 0 1 0 5 0a2.5 2.5 0 1 0 -5 0`} fill={palette.ink} />
          </G>
        );
      }}
    />
  );
}
