import { View } from '@tamagui/core';
import { fitModelNames, fitModels } from '@/core/column/fit-models';
import type { FitOption } from '@/core/column/fit-models';
import { FEWEST_DEGREE, MOST_DEGREE, MOST_PREDICTORS, usedColumns } from '@/core/notebook/columns';
import type { DataTable } from '@/core/notebook/columns';
import { useStore } from '@/state/app-store';
import { columnWords, modelNames } from '@/text/column-labels';
import { Button } from '@/ui/control/Button';
import { Stepper } from '@/ui/control/Stepper';
import { Field } from '@/ui/kit/Field';
import { Radios } from '@/ui/kit/Radios';
import { Toggle } from '@/ui/kit/Switch';
import { Words } from '@/ui/theme/text';
import { ColumnPicker } from './ColumnPicker';
import { PairPickers } from './PairPickers';
import { RolePicker } from './RolePicker';
import { pointed, spelled } from './spelled';
import { useTyped } from './use-typed';

/** An own model, and what its letters begin with. */
function OwnModel({ table }: Readonly<{ table: DataTable }>) {
  const { setUse } = useStore.getState();
  const sign = useStore((s) => s.settings.display.decimalSign);
  const { use, id } = table;
  return (
    <>
      <Field
        name={columnWords.expr}
        value={spelled(use.expr, sign)}
        onChange={(text) => setUse(id, { expr: pointed(text, sign) })}
        placeholder={columnWords.exprHint}
        isInline
      />
      <Field
        name={columnWords.start}
        value={spelled(use.start, sign)}
        onChange={(text) => setUse(id, { start: pointed(text, sign) })}
        placeholder={columnWords.startHint}
        isInline
      />
    </>
  );
}

/** The columns that y is worked from, and y. */
function Predictors({ table }: Readonly<{ table: DataTable }>) {
  const { setUse } = useStore.getState();
  const { y, predictors } = usedColumns(table);
  const chosen = predictors.map(({ id }) => id);
  return (
    <>
      <ColumnPicker
        title={columnWords.y}
        columns={table.columns}
        chosen={y?.id ?? null}
        onChoose={(id) => setUse(table.id, { y: id })}
      />
      <View role="group" aria-label={columnWords.predictors} flexDirection="row" flexWrap="wrap" gap="$1">
        <Words tone="muted" size="medium" minWidth={76} aria-hidden>
          {columnWords.predictors}
        </Words>
        {table.columns
          .filter((column) => column !== y)
          .map(({ id, name }) => {
            const isChosen = chosen.includes(id);
            return (
              <Button
                key={id}
                isTight
                isPressed={isChosen}
                isDisabled={!isChosen && chosen.length >= MOST_PREDICTORS}
                onPress={() =>
                  setUse(table.id, { predictors: isChosen ? chosen.filter((one) => one !== id) : [...chosen, id] })
                }
              >
                {name}
              </Button>
            );
          })}
      </View>
      {chosen.length === 0 ? <Words tone="muted">{columnWords.needsPredictors}</Words> : null}
    </>
  );
}

/** Which model is fitted, from which columns, and what is set about it. */
export function FitChoices({ table, onCompare }: Readonly<{ table: DataTable; onCompare: () => void }>) {
  const { setUse } = useStore.getState();
  const { use, columns, id } = table;
  const { x, y, frequencies } = usedColumns(table);
  const { formula, options } = fitModels[use.model];
  const has = (option: FitOption): boolean => options.includes(option);
  const level = useTyped(use.level, (text) => setUse(id, { level: text }));
  return (
    <>
      <Radios
        name={columnWords.model}
        options={fitModelNames.map((model) => ({ id: model, name: modelNames[model] }))}
        chosen={use.model}
        onChoose={(model) => setUse(id, { model })}
        isTight
        isStrip
      />
      {has('start') ? <OwnModel table={table} /> : <Words size="medium" tone="muted">{`y = ${formula}`}</Words>}
      {has('degree') ? (
        <Stepper
          title={columnWords.degree}
          value={use.degree}
          least={FEWEST_DEGREE}
          most={MOST_DEGREE}
          names={{ fewer: columnWords.fewer, more: columnWords.higher }}
          onChange={(degree) => setUse(id, { degree })}
        />
      ) : null}
      {has('predictors') ? (
        <Predictors table={table} />
      ) : (
        <>
          <PairPickers table={table} columns={columns.filter((c) => c !== frequencies)} />
          <RolePicker table={table} role="frequencies" beside={[x, y]} />
        </>
      )}
      {has('weights') && columns.length > 2 ? <RolePicker table={table} role="weights" beside={[x, y]} /> : null}
      {has('origin') ? (
        <Toggle title={columnWords.origin} isOn={use.origin} onChange={(origin) => setUse(id, { origin })} />
      ) : null}
      {has('direct') ? (
        <Toggle
          title={columnWords.direct}
          note={columnWords.directNote}
          isOn={use.direct}
          onChange={(direct) => setUse(id, { direct })}
        />
      ) : null}
      {has('bands') ? (
        <>
          <Toggle title={columnWords.bands} isOn={use.bands} onChange={(bands) => setUse(id, { bands })} />
          <Field
            name={columnWords.level}
            value={level.text}
            onChange={level.onChange}
            placeholder={sampleLevel(useStore.getState().settings.display.decimalSign)}
            isInline
          />
        </>
      ) : null}
      {has('predictors') ? null : (
        <View flexDirection="row">
          <Button isTight onPress={onCompare}>
            {columnWords.compare}
          </Button>
        </View>
      )}
    </>
  );
}

const sampleLevel = (sign: '.' | ','): string => `0${sign}95`;
