import { itemAt } from '@/core/base/item';
import { View } from '@tamagui/core';
import { useCallback, useMemo, useState } from 'react';
import type { KeyboardEvent } from 'react';
import type { LayoutChangeEvent } from 'react-native';
import { viewOfPoints } from '@/core/chart/range';
import { fitted, middleOf, moved, startView } from '@/core/curve/view';
import type { Size, ViewRange } from '@/core/curve/view';
import { handleStroke } from '@/keys/shortcuts';
import { useHelp } from '@/places/exam/use-help';
import { useStore } from '@/state/app-store';
import { curveWords, graphText } from '@/text/curve-labels';
import { unitButton, unitNames, words } from '@/text/labels';
import { Button } from '@/ui/control/Button';
import { SpokenKeys, withKeys } from '@/ui/control/SpokenKeys';
import { Tabs } from '@/ui/kit/Tabs';
import { PlaceHeader } from '@/ui/frame/PlaceHeader';
import { seriesStyle } from '@/ui/plot/looks';
import { stepped } from '@/ui/plot/use-gestures';
import { usePalette } from '@/ui/theme/use-palette';
import { light } from '@/ui/theme/palette';
import { isSpread, sideWidth, useLayout } from '@/ui/theme/layout';
import { Words } from '@/ui/theme/text';
import { useUndoStrokes } from '@/places/frame/use-undo-strokes';
import { EmptyReason, reasonFor } from './EmptyReason';
import { Boundary } from '@/places/frame/Boundary';
import { HelpButton } from '@/places/frame/HelpButton';
import { useOver } from '@/places/frame/over';
import { PrintedDrawing } from '@/places/print/printed';
import { FollowBar } from './FollowBar';
import { FunctionEditor } from './FunctionEditor';
import { FunctionList } from './FunctionList';
import { Graph } from './Graph';
import { FunctionSheet } from './FunctionSheet';
import { OutOfView } from './OutOfView';
import { panelIds } from './panels';
import type { PanelId } from './panels';
import { PointsPanel, usePoints } from './PointsPanel';
import { plotSvg, savePlot } from './save-plot';
import { ends } from './spoken-view';
import type { Sheet } from './use-drawing';
import { useFollow } from './use-follow';
import { useShownPoints } from './use-shown-points';
import { ValuesPanel } from './ValuesPanel';
import type { Mark } from './ValuesTable';
import { ViewSheet } from './ViewSheet';

const DESCRIPTION = 'graph-text';
const ZOOM = 1.5;

const NOTHING_DRAWN: Sheet = {
  frame: { xFrom: 0, xTo: 1, yFrom: 0, yTo: 1, width: 1, height: 1 },
  curves: [],
  of: [],
};

type Open = Readonly<{ sheet: 'view' } | { sheet: 'function'; id: string } | { sheet: 'write'; id: string | null }>;
const isBetween = (v: number, from: number, to: number): boolean => v >= from && v <= to;

/** Functions, their graph, their points, their table. */
export function Curves() {
  const layout = useLayout();
  const isWide = isSpread(layout);
  const isTiny = layout === 'tiny';
  const palette = usePalette();
  const curves = useStore((s) => s.document.curves);
  const settings = useStore((s) => s.settings);
  const canUndo = useStore((s) => s.history.past.length > 0);
  const { press, setView, addFunction, changeFunction, nextAngleUnit } = useStore.getState();
  const [size, setSize] = useState<Size>({ width: 390, height: 390 });
  const solves = useHelp('solve');
  const [chosenPanel, setPanel] = useState<PanelId>('functions');
  const panel = solves || chosenPanel !== 'points' ? chosenPanel : 'functions';
  const [open, setOpen] = useState<Open | null>(null);
  /** On a phone the table may have the room of the graph. */
  const [folds, setFolds] = useState(false);
  const [chosenPoint, setChosenPoint] = useState<number | null>(null);
  const [chosenRow, setChosenRow] = useState<Mark | null>(null);

  const view = useMemo(() => curves.view ?? startView(size), [curves.view, size]);
  const { functions } = curves;
  const shown = useMemo(() => functions.filter(({ on }) => on), [functions]);
  const [sheet, setSheet] = useState<Sheet>(NOTHING_DRAWN);
  const { found, isSlow, stop } = usePoints(shown, view.xFrom, view.xTo, panel === 'points');
  const followed = useFollow(shown, view, size);

  const numbered = useMemo(
    () =>
      panel !== 'points' || found === null
        ? []
        : found.points.map(({ at: [x, y] }, i) => ({ x, y, number: i + 1, isChosen: i + 1 === chosenPoint })),
    [panel, found, chosenPoint],
  );

  const { points, told: pointsTold } = useShownPoints();
  const underCurves = useMemo(() => (points === null ? null : { marks: points, chosen: null }), [points]);

  const rest = useCallback((next: ViewRange) => setView(next), [setView]);
  const fit = useCallback(() => {
    const ranges = sheet.curves.flatMap(({ range }) => (range === null ? [] : [range]));
    const ys = points === null ? [] : points.ys.filter((_, i) => isBetween(itemAt(points.xs, i), view.xFrom, view.xTo));
    if (ranges.length === 0 && ys.length === 0) {
      // Points that lie beside the view are fetched into it.
      if (points !== null) setView(viewOfPoints(points.xs, points.ys));
      return;
    }
    const heights = [...ranges.flatMap(({ low, high }) => [low, high]), ...ys];
    const [low, high] = heights.reduce(([a, b], y) => [Math.min(a, y), Math.max(b, y)], [Infinity, -Infinity]);
    setView(fitted(view, low, high));
  }, [sheet, view, points, setView]);
  const zoom = useCallback(
    (factor: number) => {
      const next = stepped(view, factor);
      if (next !== null) setView(next);
    },
    [view, setView],
  );
  /** Brings a point of the plane into sight. */
  const show = (x: number, y: number): void => {
    const isIn = x >= view.xFrom && x <= view.xTo && y >= view.yFrom && y <= view.yTo;
    if (isIn) return;
    const at = middleOf(view);
    setView(moved(view, { x: (x - at.x) / (view.xTo - view.xFrom), y: (y - at.y) / (view.yTo - view.yFrom) }));
  };

  const move = (x: number, y: number) => setView(moved(view, { x, y }));
  const onKey = (event: KeyboardEvent): void => {
    handleStroke('graph', event, {
      left: () => (followed.isOn ? followed.step(-1) : move(-0.1, 0)),
      right: () => (followed.isOn ? followed.step(1) : move(0.1, 0)),
      up: () => (followed.isOn ? followed.other(-1) : move(0, 0.1)),
      down: () => (followed.isOn ? followed.other(1) : move(0, -0.1)),
      closer: () => zoom(ZOOM),
      farther: () => zoom(1 / ZOOM),
      whole: () => setView(null),
      fit,
      leave: () => followed.toggle(false),
    });
  };

  useUndoStrokes(open !== null);

  const over = useOver();
  const drawn = {
    functions: shown,
    view,
    size,
    x: curves.x,
    y: curves.y,
    numbered,
    shown: underCurves,
    palette,
  };
  const saveImage = (kind: 'svg' | 'png'): Promise<void> => savePlot(kind, { name: 'graph', ...drawn });
  const print = async (): Promise<void> => {
    const svg = await plotSvg({ ...drawn, palette: { ...light, paper: '#ffffff' } });
    if (svg === null) return;
    const content = (
      <>
        <PrintedDrawing svg={svg} />
        <ul>
          {shown.map(({ id, name, text }) => (
            <li key={id}>{`${name}(x) = ${text}`}</li>
          ))}
        </ul>
      </>
    );
    over({ panel: 'print', printed: { title: words.graph, content } });
  };

  const sign = settings.display.decimalSign;
  const told = graphText({
    from: [ends(view.xFrom, view.xTo, curves.x.ticks, sign)[0], ends(view.yFrom, view.yTo, curves.y.ticks, sign)[0]],
    to: [ends(view.xFrom, view.xTo, curves.x.ticks, sign)[1], ends(view.yFrom, view.yTo, curves.y.ticks, sign)[1]],
    curves: sheet.of.map(({ id, name, text, style: look }) => ({
      name,
      text,
      look: seriesStyle(look).name,
      isSeen: sheet.curves.find((c) => c.id === id)?.isSeen === true,
    })),
    points: numbered.length,
    shown: pointsTold,
  });
  const hasPoints =
    points !== null &&
    points.xs.some(
      (x, i) => isBetween(x, view.xFrom, view.xTo) && isBetween(itemAt(points.ys, i), view.yFrom, view.yTo),
    );
  const ofCurves = reasonFor(functions, shown, sheet);
  const reason = hasPoints ? null : points === null || ofCurves === null ? ofCurves : 'out';
  const point = followed.point ?? (panel === 'values' ? chosenRow : null);
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent): void => {
    const next = { width: Math.round(layout.width), height: Math.round(layout.height) };
    if (next.width > 0 && next.height > 0 && (next.width !== size.width || next.height !== size.height)) setSize(next);
  };

  const tools = (
    <View
      role="toolbar"
      aria-label={curveWords.viewTools}
      flexDirection="row"
      gap={4}
      paddingHorizontal={6}
      paddingVertical={3}
      backgroundColor="$desk"
      borderTopWidth={1}
      borderColor="$rule"
      className="scroll-x"
    >
      <Button isTight onPress={() => setView(null)}>
        {curveWords.start}
      </Button>
      <Button isTight onPress={fit}>
        {curveWords.fit}
      </Button>
      <Button isTight onPress={() => zoom(ZOOM)}>
        {curveWords.closer}
      </Button>
      <Button isTight onPress={() => zoom(1 / ZOOM)}>
        {curveWords.farther}
      </Button>
      <Button isTight onPress={() => setOpen({ sheet: 'view' })}>
        {curveWords.view}
      </Button>
      <Button isTight isPressed={followed.isOn} onPress={() => followed.toggle(!followed.isOn)}>
        {curveWords.follow}
      </Button>
    </View>
  );

  const graph = (
    <View minHeight={0} minWidth={0} {...(isTiny ? { height: 230 } : { flex: 1 })}>
      <View flex={1} minHeight={isWide ? 0 : 150} position="relative" onLayout={onLayout}>
        <Graph
          size={size}
          view={view}
          functions={shown}
          x={curves.x}
          y={curves.y}
          decimalSign={sign}
          numbered={numbered}
          shown={underCurves}
          large={settings.textSize / 100}
          point={point}
          onRest={rest}
          onDraw={followed.isOn ? followed.drag : null}
          onSettled={setSheet}
          describedBy={withKeys('graph', DESCRIPTION)}
          onKey={onKey}
        />
        {reason === null ? <OutOfView sheet={sheet} view={view} onFit={fit} /> : null}
        <EmptyReason
          reason={reason}
          onWrite={() => setOpen({ sheet: 'write', id: null })}
          onFit={fit}
          onSwitchOn={() => functions.forEach(({ id }) => changeFunction(id, { on: true }))}
        />
        <SpokenKeys scope="graph" />
        <Words id={DESCRIPTION} className="only-spoken">
          {told}
        </Words>
      </View>
      {followed.isOn && followed.of !== null ? (
        <FollowBar
          name={followed.of.name}
          look={followed.of.style}
          hasOthers={shown.length > 1}
          found={followed.found}
          onX={followed.go}
          onStep={followed.step}
          onOther={() => followed.other(1)}
        />
      ) : null}
      {tools}
    </View>
  );

  const body =
    panel === 'functions' ? (
      <FunctionList
        functions={functions}
        sheet={sheet}
        onOpen={(id) => setOpen({ sheet: 'function', id })}
        onAdd={() => setOpen({ sheet: 'write', id: null })}
      />
    ) : panel === 'points' ? (
      <PointsPanel
        functions={shown}
        found={found}
        isSlow={isSlow}
        onStop={stop}
        chosen={chosenPoint}
        onChoose={(number) => {
          setChosenPoint(number);
          const at = found?.points[number - 1]?.at;
          if (at !== undefined) show(...at);
        }}
      />
    ) : (
      <ValuesPanel
        functions={shown}
        fold={isWide ? null : { isOn: folds, toggle: () => setFolds(!folds) }}
        onMark={(mark) => {
          setChosenRow(mark);
          if (mark !== null) show(mark.x, mark.y);
        }}
      />
    );

  const isFolded = folds && panel === 'values' && !isWide;
  const side = (
    <View
      {...(isWide
        ? { ...(layout === 'flat' ? { width: '44%' } : sideWidth), borderLeftWidth: 1, borderColor: '$rule' }
        : isFolded
          ? { flex: 1, minHeight: 0 }
          : { height: isTiny ? 300 : '42%', minHeight: 220, borderTopWidth: 1, borderColor: '$rule' })}
      backgroundColor="$paper"
    >
      <Tabs
        name={curveWords.panels}
        tabs={panelIds.filter((id) => solves || id !== 'points').map((id) => ({ id, name: curveWords[id] }))}
        chosen={panel}
        onChoose={setPanel}
      >
        <Boundary at={panel}>{body}</Boundary>
      </Tabs>
    </View>
  );

  const edited = open?.sheet === 'write' ? functions.find(({ id }) => id === open.id) : undefined;
  const opened = open?.sheet === 'function' ? functions.find(({ id }) => id === open.id) : undefined;
  const close = (): void => setOpen(null);

  return (
    <View flex={1} minHeight={0} position="relative" backgroundColor="$paper">
      <PlaceHeader title={curveWords.curves}>
        <Button isQuiet name={unitButton(settings.angle)} onPress={nextAngleUnit}>
          {unitNames[settings.angle]}
        </Button>
        <Button isQuiet isDisabled={!canUndo} onPress={() => press({ type: 'undo' })}>
          {words.undo}
        </Button>
        <HelpButton />
      </PlaceHeader>
      <View flex={1} minHeight={0} {...(isWide ? { flexDirection: 'row' } : isTiny ? { className: 'scroll-y' } : {})}>
        {isFolded ? null : graph}
        {side}
      </View>
      {open?.sheet === 'view' ? (
        <ViewSheet view={view} onClose={close} onImage={(kind) => void saveImage(kind)} onPrint={() => void print()} />
      ) : null}
      {opened === undefined ? null : (
        <FunctionSheet of={opened} onEdit={() => setOpen({ sheet: 'write', id: opened.id })} onClose={close} />
      )}
      {open?.sheet === 'write' ? (
        <FunctionEditor
          title={edited === undefined ? curveWords.writeFunction : `${edited.name}(x)`}
          text={edited?.text ?? ''}
          onCancel={close}
          onDone={(text) => {
            if (edited === undefined) addFunction(text);
            else changeFunction(edited.id, { text });
            close();
          }}
        />
      ) : null}
    </View>
  );
}
