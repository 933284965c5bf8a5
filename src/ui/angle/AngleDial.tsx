import { useTheme } from '@tamagui/core';
import Svg, { Circle, Line, Path, Text } from 'react-native-svg';

type Props = Readonly<{
  /** The share of a full turn from the right, counter-clockwise. */
  turn: number;
  name: string;
}>;

const SIZE = 220;
const MIDDLE = SIZE / 2;
const RADIUS = 84;

const point = (turn: number, radius: number): readonly [number, number] => [
  MIDDLE + radius * Math.cos(turn * 2 * Math.PI),
  MIDDLE - radius * Math.sin(turn * 2 * Math.PI),
];

/** The unit circle with the arm of an angle, the turn it has made, and its foot on the horizontal axis. */
export function AngleDial({ turn, name }: Props) {
  const theme = useTheme();
  const colour = (token: 'ink' | 'accent' | 'answer' | 'rule' | 'muted' | 'grid'): string => theme[token].get();
  const [x, y] = point(turn, RADIUS);
  const [ax, ay] = point(turn, 30);
  const large = turn > 0.5 ? 1 : 0;
  const arc = `M ${MIDDLE + 30} ${MIDDLE} A 30 30 0 ${large} 0 ${ax} ${ay}`;
  const labels = [
    ['I', 0.125],
    ['II', 0.375],
    ['III', 0.625],
    ['IV', 0.875],
  ] as const;
  return (
    <Svg width={SIZE} height={SIZE} accessibilityLabel={name} role="img">
      <Circle cx={MIDDLE} cy={MIDDLE} r={RADIUS} stroke={colour('muted')} strokeWidth={1.2} fill="none" />
      <Line x1={8} y1={MIDDLE} x2={SIZE - 8} y2={MIDDLE} stroke={colour('rule')} strokeWidth={1.2} />
      <Line x1={MIDDLE} y1={8} x2={MIDDLE} y2={SIZE - 8} stroke={colour('rule')} strokeWidth={1.2} />
      {labels.map(([label, at]) => {
        const [lx, ly] = point(at, RADIUS * 1.24);
        return (
          <Text key={label} dx={lx} dy={ly + 4} fontSize={12} fill={colour('muted')} textAnchor="middle">
            {label}
          </Text>
        );
      })}
      <Line x1={x} y1={y} x2={x} y2={MIDDLE} stroke={colour('answer')} strokeWidth={1.4} strokeDasharray="4 3" />
      <Line x1={MIDDLE} y1={MIDDLE} x2={x} y2={MIDDLE} stroke={colour('answer')} strokeWidth={2} />
      {turn > 0 ? <Path d={arc} stroke={colour('accent')} strokeWidth={2} fill="none" /> : null}
      <Line x1={MIDDLE} y1={MIDDLE} x2={x} y2={y} stroke={colour('accent')} strokeWidth={2.6} />
      <Circle cx={x} cy={y} r={4.5} fill={colour('accent')} />
    </Svg>
  );
}
