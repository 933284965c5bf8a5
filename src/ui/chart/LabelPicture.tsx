import { BarChart, LineChart, PieChart } from 'react-native-chart-kit/v2';
import { Path } from 'react-native-svg';
import type { LabelMarks } from '@/core/chart/model';
import type { Size } from '@/core/curve/view';
import type { Palette } from '../theme/palette';
import { Legend, LEGEND_HEIGHT } from './Legend';
import { groupLook } from './group-look';
import { fittingLabels, shortened } from './label-size';

export type LabelPictureProps = Readonly<{
  marks: LabelMarks;
  /** The labels as they are shown. */
  labels: readonly string[];
  size: Size;
  palette: Palette;
  /** A height as it is written beside the axis. */
  heightText: (height: number) => string;
  /** How large text is, beside its usual size. */
  large: number;
  chosen: number | null;
  /** The index that is to be scrolled to. */
  inSight: number;
  /** Called with the index of a bar or point that is tapped; null in a picture that is saved. */
  onChoose: ((index: number) => void) | null;
}>;

const FACE = 'Atkinson, UlkavMath, system-ui, sans-serif';

/** The part of a height by which lines are given room where they hardly vary: below it, marks would not tell apart. */
const LEAST_SPREAD = 1e-9;

/** From the lowest to the highest of some heights, zero taken in where bars stand on it. */
function domainOf(heights: readonly number[], withZero: boolean): [number, number] {
  const all = [...heights.filter(Number.isFinite), ...(withZero || heights.length === 0 ? [0] : [])];
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const least = Math.max(Math.abs(low), Math.abs(high)) * LEAST_SPREAD;
  if (high - low > least) return [low, high];
  return withZero && low === 0 ? [0, 1] : [low - Math.max(1, least), high + Math.max(1, least)];
}

/*
 * This file comes by itself, when the first such chart is opened. What else is loaded beside the Bench would have to come
 * with the first load if it were needed here too, so that texts of numbers are handed in.
 */

/**
 * Bars or a joined line over labels, by the chart package, in our colours and type. What does not fit at a readable width is
 * scrolled to.
 */
export function LabelPicture(props: LabelPictureProps) {
  if (props.marks.as === 'shares') return <Shares {...props} />;
  return <OnAxes {...props} as={props.marks.as} />;
}

/** Parts of a whole, each with its label and its share beside it. */
function Shares({ marks, labels, size, palette, large, chosen, onChoose }: LabelPictureProps) {
  const data = marks.heights.map((height, at) => ({ at: String(at), height }));
  const names = labels.map((label, i) => `${shortened(label)}: ${marks.texts[i] ?? ''}`);
  const legend = Math.min(size.height / 2, names.length * LEGEND_HEIGHT * large);
  const looks = names.map((_, i) => groupLook(i, palette));
  return (
    <>
      <PieChart
        data={data}
        labelKey="at"
        valueKey="height"
        width={size.width}
        height={Math.max(140, size.height - legend)}
        theme={{ background: palette.paper }}
        colors={looks.map(({ fill }) => fill)}
        legend={false}
        arcLabels={false}
        selectionAnimation={false}
        sliceSeparator={{ color: palette.paper, width: 2 }}
        activeSlice={{ strokeColor: palette.ink, strokeWidth: 3, inactiveOpacity: 1 }}
        {...(chosen === null ? {} : { selectedIndex: chosen })}
        interaction={onChoose === null ? 'none' : { mode: 'tap', onSelect: ({ index }) => onChoose(index) }}
      />
      <Legend names={names} looks={looks} width={size.width} large={large} palette={palette} isStacked />
    </>
  );
}

function OnAxes(props: LabelPictureProps & Readonly<{ as: 'bars' | 'line' }>) {
  const { marks, labels, palette, heightText, large, chosen, inSight, onChoose, as } = props;
  const { heights, groups } = marks;
  const size = groups === undefined ? props.size : { ...props.size, height: props.size.height - LEGEND_HEIGHT * large };
  const series = groups?.series ?? [];
  // Labels may be alike: each is told by its place.
  const data = heights.map((height, at) => ({
    at: String(at),
    height: Number.isFinite(height) ? height : null,
    ...Object.fromEntries(series.map((one, i) => [`of${i}`, one.heights[at] ?? 0])),
  }));
  const looks = series.map((_, i) => groupLook(i, palette));
  const [min, max] = domainOf(
    groups?.kind === 'beside' ? series.flatMap((one) => [...one.heights]) : heights,
    as === 'bars',
  );
  const fitting = fittingLabels(labels, size.width, large);
  const isScrolled = data.length > fitting;
  const common = {
    data,
    xKey: 'at' as const,
    width: size.width,
    height: size.height,
    theme: {
      background: palette.paper,
      plotBackground: palette.paper,
      grid: palette.rule,
      axis: palette.ink,
      text: palette.ink,
      mutedText: palette.muted,
      series: [palette.curve1],
      typography: { fontFamily: FACE, axisLabelSize: 12 * large },
    },
    yDomain: { min, max, nice: true },
    scrollable: isScrolled,
    ...(isScrolled ? { visiblePoints: fitting, initialIndex: inSight } : {}),
    legend: false,
    tooltip: false,
    labelStrategy: 'show' as const,
    showHorizontalGridLines: true,
    formatXLabel: (_: unknown, index: number) => shortened(labels[index] ?? ''),
    formatYLabel: heightText,
  };
  const bars =
    groups === undefined
      ? { yKey: 'height' as const }
      : {
          series: series.map((_, i) => ({ yKey: `of${i}`, color: looks[i]?.fill ?? palette.curve1 })),
          mode: groups.kind === 'beside' ? ('grouped' as const) : ('stacked' as const),
        };
  if (as === 'bars')
    return (
      <>
        <BarChart
          {...common}
          {...(bars as { yKey: 'height' })}
          barRadius={0}
          selectionAnimation={false}
          interaction={onChoose === null ? 'none' : { mode: 'tap', onSelect: ({ dataIndex }) => onChoose(dataIndex) }}
          // We mark the bar ourselves: the package would take the grid away. Null says that none is chosen there.
          selectedBar={null as never}
          renderBar={({ bar: { x, y, width, height, dataIndex, seriesKey } }) => {
            const isChosen = dataIndex === chosen;
            const look = looks[Number(seriesKey.slice(2))];
            const colour = look?.fill ?? (isChosen ? palette.accent : palette.curve1);
            return (
              <Path
                d={`M${x} ${y}h${width}v${height}h${-width}z`}
                fill={colour}
                fillOpacity={look === undefined ? (isChosen ? 0.3 : 0.22) : look.opacity}
                stroke={isChosen && look !== undefined ? palette.ink : colour}
                strokeWidth={isChosen ? 2.4 : 1.6}
              />
            );
          }}
        />
        {groups === undefined ? null : (
          <Legend
            names={series.map(({ name }) => name)}
            looks={looks}
            width={size.width}
            large={large}
            palette={palette}
          />
        )}
      </>
    );
  return (
    <LineChart
      {...common}
      yKey="height"
      curve="linear"
      edgeLabelPolicy="shift"
      dots={{ radius: 3.5 }}
      crosshair={false}
      interaction={onChoose === null ? 'none' : { mode: 'tap', onSelect: ({ index }) => onChoose(index) }}
      {...(chosen === null ? {} : { selectedIndex: chosen })}
      activeDot={{ radius: 6, fill: palette.accent, stroke: palette.accent }}
    />
  );
}
