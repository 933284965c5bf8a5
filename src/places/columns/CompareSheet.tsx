import { View } from '@tamagui/core';
import { Path, Svg } from 'react-native-svg';
import type { DataTable } from '@/core/notebook/columns';
import type { LineBeside } from '@/core/chart/model';
import type { ViewRange } from '@/core/curve/view';
import { useStore } from '@/state/app-store';
import { compareRequest } from '@/state/slices/columns/requests';
import type { Compared } from '@/state/slices/columns/requests';
import { useRequest, useTask } from '@/state/use-task';
import { columnWords } from '@/text/column-labels';
import { comparedName } from '@/text/statistic-labels';
import { Note } from '@/ui/control/Note';
import { Pressable } from '@/ui/control/Pressable';
import { Panel } from '@/ui/kit/Panel';
import { dot, lineThrough, scaleOf } from '@/ui/plot/marks/record';
import { Words } from '@/ui/theme/text';
import { usePalette } from '@/ui/theme/use-palette';
import { CellErrors } from './CellErrors';
import { panelOf } from './panel';

type Props = Readonly<{ table: DataTable; onClose: () => void }>;

const PICTURE = { width: 96, height: 60 } as const;
/** Points that a small picture shows. */
const MOST_POINTS = 120;

/** The usual models side by side, each with its picture and what it explains, that which does best first. */
export function CompareSheet({ table, onClose }: Props) {
  const panel = panelOf(
    useTask(
      'compare',
      useRequest((state) => compareRequest(state, table)),
    ),
  );
  const { result } = panel;
  const take = ({ model, degree, direct }: Compared): void => {
    const use = model === 'polynomial' ? { model, degree } : { model, direct };
    useStore.getState().setUse(table.id, { ...use, origin: false });
    onClose();
  };
  return (
    <Panel title={columnWords.compare} onClose={onClose}>
      <Note note={columnWords.compareNote} />
      <CellErrors table={table} panel={panel} onCell={onClose} />
      {result === null ? null : (
        <View role="list" aria-label={columnWords.compare}>
          {result.fits.map((fit, i) => (
            <View key={i} role="listitem">
              <Pressable
                aria-label={`${comparedName(fit.model, fit.degree, fit.direct)}: ${columnWords.aic} ${fit.aic ?? ''}, ${columnWords.adjusted} ${fit.adjusted ?? ''}`}
                onPress={() => take(fit)}
                alignSelf="stretch"
                justifyContent="flex-start"
                gap="$3"
                paddingVertical="$1"
                borderBottomWidth={1}
                borderColor="$rule"
                borderRadius={0}
              >
                <Small points={result.points} curve={fit.curve} view={result.view} />
                <View flex={1} minWidth={0}>
                  <Words strong>{comparedName(fit.model, fit.degree, fit.direct)}</Words>
                  <Words size="medium" tone="muted">
                    {`${columnWords.aic} ${fit.aic ?? '−∞'} · ${columnWords.adjusted} ${fit.adjusted ?? '–'}`}
                  </Words>
                </View>
              </Pressable>
            </View>
          ))}
        </View>
      )}
    </Panel>
  );
}

/** Points with a curve through them, as small as it can be told. */
function Small({ points, curve, view }: Readonly<{ points: LineBeside; curve: LineBeside; view: ViewRange }>) {
  const palette = usePalette();
  const scale = scaleOf({ ...view, ...PICTURE });
  const every = Math.ceil(points.xs.length / MOST_POINTS);
  const dots = points.xs
    .map((x, i) => (i % every === 0 ? dot(scale.atX(x), scale.atY(points.ys[i] ?? NaN)) : ''))
    .join('');
  return (
    <View aria-hidden borderWidth={1} borderColor="$rule">
      <Svg {...PICTURE}>
        <Path d={dots} stroke={palette.curve1} strokeWidth={3.5} strokeLinecap="round" fill="none" />
        <Path d={lineThrough(curve, scale)} stroke={palette.accent} strokeWidth={1.6} fill="none" />
      </Svg>
    </View>
  );
}
