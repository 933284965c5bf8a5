import { useTheme } from '@tamagui/core';
import { memo, useMemo } from 'react';
import { Path, Svg } from 'react-native-svg';
import type { Frame } from '@/core/curve/plane';
import { shapePaths } from './shapes';
import type { PlotShapes } from './shapes';

/** Points, bars and boxes of a chart, on the sheet of the plot. */
export const Shapes = memo(function Shapes({ frame, shapes }: Readonly<{ frame: Frame; shapes: PlotShapes }>) {
  const theme = useTheme();
  const paths = useMemo(() => shapePaths(shapes, frame), [shapes, frame]);
  return (
    <Svg width={frame.width} height={frame.height} style={{ position: 'absolute', left: 0, top: 0 }}>
      {paths.map(({ id, d, fill, stroke, width, opacity }) => (
        <Path
          key={id}
          d={d}
          fill={fill === null ? 'none' : theme[fill].get()}
          fillOpacity={opacity}
          stroke={stroke === null ? 'none' : theme[stroke].get()}
          strokeWidth={width}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
    </Svg>
  );
});
