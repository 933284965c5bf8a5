import { cleanup, fireEvent, screen } from '@testing-library/react';
import { useState } from 'react';
import { Stepper } from '../control/Stepper';
import { KeyboardList } from '../key/KeyboardList';
import { onPage } from '../testing/on-page';
import { Field } from './Field';
import { Panel } from './Panel';
import { Radios } from './Radios';
import { Select } from './Select';
import { Switch, Toggle } from './Switch';
import { Tabs } from './Tabs';

afterEach(cleanup);

const units = ['degrees', 'radians', 'gradians'].map((id) => ({ id, name: id }));

function Units() {
  const [unit, setUnit] = useState('degrees');
  return <Radios name="Angle unit" options={units} chosen={unit} onChoose={setUnit} />;
}

test('one of a few is chosen, and is told as that', () => {
  onPage(<Units />);
  const told = () =>
    screen.getAllByRole('radio').flatMap((r) => (r.getAttribute('aria-checked') === 'true' ? [r.textContent] : []));
  expect(screen.getAllByRole('radiogroup', { name: 'Angle unit' })).toHaveLength(1);
  expect(told()).toEqual(['degrees']);
  fireEvent.click(screen.getByRole('radio', { name: 'gradians' }));
  expect(told()).toEqual(['gradians']);
});

test('a switch tells what it switches, and whether it is on', () => {
  const changes: boolean[] = [];
  onPage(
    <>
      <Switch name="Show f" isOn={false} onChange={(isOn) => changes.push(isOn)} />
      <Toggle title="Group digits" note="by threes" isOn onChange={(isOn) => changes.push(isOn)} />
    </>,
  );
  for (const [name, isOn] of [
    ['Show f', 'false'],
    ['Group digits', 'true'],
  ] as const) {
    const one = screen.getByRole('switch', { name });
    expect(one.getAttribute('aria-checked')).toBe(isOn);
    fireEvent.click(one);
  }
  expect(changes).toEqual([true, false]);
});

test('a tab names its panel', () => {
  const chosen: string[] = [];
  onPage(
    <Tabs name="Panels" tabs={units} chosen="radians" onChoose={(id) => chosen.push(id)}>
      the panel
    </Tabs>,
  );
  expect(screen.getByRole('tabpanel', { name: 'radians' }).textContent).toBe('the panel');
  expect(screen.getByRole('tab', { name: 'radians' }).getAttribute('aria-selected')).toBe('true');
  fireEvent.mouseDown(screen.getByRole('tab', { name: 'degrees' }));
  fireEvent.click(screen.getByRole('tab', { name: 'degrees' }));
  expect(chosen[0]).toBe('degrees');
});

test('a panel has a name, takes letters where it is asked to, and is closed by Escape or its button', () => {
  const told: string[] = [];
  onPage(
    <Panel title="Keep" onClose={() => told.push('closed')} onType={(char) => told.push(char)}>
      <button type="button">A</button>
    </Panel>,
  );
  expect(screen.getAllByRole('dialog')).toHaveLength(1);
  expect(screen.getByRole('dialog', { name: 'Keep' })).not.toBeNull();
  fireEvent.keyDown(screen.getByRole('button', { name: 'A' }), { key: 'b' });
  fireEvent.keyDown(screen.getByRole('button', { name: 'A' }), { key: 'c', ctrlKey: true });
  fireEvent.keyDown(document, { key: 'Escape' });
  fireEvent.click(screen.getByRole('button', { name: 'Close' }));
  expect(told).toEqual(['b', 'closed', 'closed']);
});

test('a number goes one up or down between its ends', () => {
  const told: number[] = [];
  const step = (value: number) =>
    onPage(
      <Stepper
        title="Degree"
        value={value}
        least={2}
        most={4}
        names={{ fewer: 'Lower degree', more: 'Higher degree' }}
        onChange={(next) => told.push(next)}
      />,
    );
  step(3);
  for (const name of ['Lower degree', 'Higher degree']) fireEvent.click(screen.getByRole('button', { name }));
  cleanup();
  step(4);
  fireEvent.click(screen.getByRole('button', { name: 'Higher degree' }));
  expect(told).toEqual([2, 4]);
});

test('a field has a name, tells what is written, and Enter', () => {
  const told: string[] = [];
  onPage(
    <Field name="x =" value="1/3" onChange={(text) => told.push(text)} onEnter={() => told.push('entered')} isInline />,
  );
  const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'x =' });
  expect(field.value).toBe('1/3');
  fireEvent.change(field, { target: { value: '2/3' } });
  fireEvent.keyDown(field, { key: 'Enter' });
  expect(told).toEqual(['2/3', 'entered']);
});

test('one of many is told with its name, and the keyboard help names each key with what it does', () => {
  onPage(
    <>
      <Select name="Angle unit" options={units} chosen="radians" onChoose={() => undefined} />
      <KeyboardList title="Keys of the table" help={[['↑  ↓', 'to another row']]} />
    </>,
  );
  expect(screen.getByRole('combobox').getAttribute('aria-label')).toBe('Angle unit: radians');
  expect(screen.getByRole('group', { name: 'Keys of the table' }).textContent).toBe(
    'Keys of the table↑  ↓to another row',
  );
});
