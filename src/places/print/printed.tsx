import { chosenForm } from '@/core/format/form';
import { letterNames, slotNames, TOTAL } from '@/core/memory/shelf';
import type { SavedForm, TapeLine } from '@/core/notebook/schema';
import type { State } from '@/state/slices/state';
import type { Settings } from '@/core/notebook/settings';
import { keptAt } from '@/text/entry-labels';
import { unitNames, words } from '@/text/labels';
import { capital, registerName } from '@/text/registers';
import { CORE_SPELLING, typeset } from '@/ui/formula/typeset';
import type { NumberLayout, Spelling } from '@/ui/formula/typeset';
import { Formula } from '@/ui/formula/Formula';
import { signOf } from '@/ui/line/ResultForms';
import { unitOf } from '@/ui/tape/unit-of';

/* What stands on paper. Plain tables: nothing on it can be pressed. */

function Set({ text, spelling, shown }: Readonly<{ text: string; spelling: Spelling; shown: NumberLayout }>) {
  const markup = typeset(text, spelling, shown);
  return markup === null ? <>{text}</> : <Formula markup={markup} size="tape" />;
}

const Value = ({ form, shown }: Readonly<{ form: SavedForm; shown: NumberLayout }>) => (
  <span className="printed-value">
    {signOf(form)} <Set text={form.typed} spelling={CORE_SPELLING} shown={shown} />
  </span>
);

/** The tape: each line with its unit, how it was read, its answer, and its notes. */
export function PrintedTape({ tape, grouping }: Readonly<{ tape: readonly TapeLine[]; grouping: boolean }>) {
  return (
    <table>
      <tbody>
        {tape.map((line) => {
          const shown = { decimalSign: line.decimalSign, grouping };
          const unit = unitOf(line);
          const tried = Object.entries(line.tried).map(([letter, value]) => `${letter} = ${value}`);
          const notes = [
            line.readAs === null ? '' : `${words.readAs} ${line.readAs}`,
            line.kept === null ? '' : `→ ${line.kept}`,
            ...tried,
            line.note,
          ].filter((note) => note !== '');
          return (
            <tr key={line.id}>
              <td className="printed-mark">{unit === null ? '' : unitNames[unit]}</td>
              <td>
                <Set text={line.text} spelling={line} shown={shown} />
                {notes.length === 0 ? null : <p>{notes.join(' · ')}</p>}
              </td>
              <td className="printed-end">
                <Value form={chosenForm(line)} shown={shown} />
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

type Shelf = State['document']['shelf'];
type Kept = NonNullable<Shelf[string]>;

type ShelfProps = Readonly<{
  shelf: Shelf;
  formsOf: (kept: Kept) => readonly SavedForm[];
  settings: Settings;
}>;

/** All that is kept: its value, where it came from, and when. */
export function PrintedShelf({ shelf, formsOf, settings }: ShelfProps) {
  const names = [TOTAL, ...slotNames, ...letterNames].filter((name) => shelf[name] !== undefined);
  if (names.length === 0) return <p>{words.nothingHeld}</p>;
  return (
    <table>
      <tbody>
        {names.map((name) => {
          const kept = shelf[name] as Kept;
          const [form] = formsOf(kept);
          return (
            <tr key={name}>
              <th scope="row">{capital(registerName(name))}</th>
              <td>
                {words.from} <Set text={kept.from} spelling={CORE_SPELLING} shown={settings.display} />
                <p>{kept.at === null ? '' : keptAt(kept.at)}</p>
              </td>
              <td className="printed-end">
                {form === undefined ? kept.typed : <Value form={form} shown={settings.display} />}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** More rows than that are no table to read on paper. */
const MOST_ROWS = 2000;

/** A table of texts under its heads. */
export function PrintedTable({
  heads,
  rows,
}: Readonly<{ heads: readonly string[]; rows: readonly (readonly string[])[] }>) {
  return (
    <>
      <table className="printed-grid">
        <thead>
          <tr>
            {heads.map((head, i) => (
              <th key={i} scope="col">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.slice(0, MOST_ROWS).map((row, i) => (
            <tr key={i}>
              {row.map((text, k) => (
                <td key={k}>{text}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length > MOST_ROWS ? <p>{words.rowsLeftOut(rows.length - MOST_ROWS)}</p> : null}
    </>
  );
}

/** A drawing in SVG, as wide as the paper. */
export const PrintedDrawing = ({ svg }: Readonly<{ svg: string }>) => (
  <img alt="" className="printed-drawing" src={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`} />
);
