import type { z } from 'zod/mini';
import { finishedEntry, isReadable } from '../keyed/entry';
import { MOST_WAITING } from '../running/running';
import { EMPTY_RUNNING } from '../running/state';
import { EMPTY_STACK } from '../stack/stack';
import {
  FIRST_USE,
  LONGEST_CELL,
  MOST_ROWS,
  MOST_COLUMNS,
  MOST_TABLES,
  columnSchema,
  tableSchema,
  useSchema,
} from './columns';
import type { DataColumn, DataTable, SavedColumns } from './columns';
import {
  EMPTY_CURVES,
  MOST_FUNCTIONS,
  axisSchema,
  functionSchema,
  pointsSchema,
  valuesSchema,
  viewSchema,
} from './curves';
import type { DrawnFunction, SavedCurves } from './curves';
import { DEFAULT_SETTINGS } from './defaults';
import { isObject } from './migrate';
import type { Old } from './migrate';
import {
  MOST_LEVELS,
  MOST_LINES,
  NOTEBOOK_FORMAT,
  NOTEBOOK_VERSION,
  entrySchema,
  keptSchema,
  operandSchema,
  registerName,
  runningSchema,
  settingsSchema,
  tapeLineSchema,
  tryLetter,
  typedText,
  writtenLineSchema,
} from './schema';
import type { Notebook, SavedOperand, SavedRunning, Settings, TapeLine } from './schema';
import { LONGEST_ASIDE_TEXT, MOST_SET_ASIDE, asidePart, freeAsideId, setAsideSchema } from './set-aside';
import type { PartKind, SetAside } from './set-aside';
import { savedValue } from './saved-value';
import { decode } from './value-codec';
import type { SavedValue } from './value-codec';

/*
 * A notebook read part by part. A part is sound, or it is set aside alone, as it was found; where a part only names
 * something that is not there (a form that its line does not have, an id that is taken), what it names is put right.
 */

const read = <S extends z.core.$ZodType>(
  schema: S & { safeParse: (v: unknown) => z.core.util.SafeParseResult<z.output<S>> },
  raw: unknown,
): z.output<S> | null => {
  const made = schema.safeParse(raw);
  return made.success ? made.data : null;
};

const listOf = (raw: unknown): readonly unknown[] => (Array.isArray(raw) ? raw : []);
const objectOf = (raw: unknown): Old => (isObject(raw) ? raw : {});
const textOf = (raw: unknown, key: string): unknown => (isObject(raw) ? raw[key] : undefined);
const nameOf = (raw: unknown): string => {
  const name = textOf(raw, 'name');
  return typeof name === 'string' ? name : '';
};

const isCell = (cell: unknown): boolean => typeof cell === 'string' && cell.length <= LONGEST_CELL;

const isValue = (saved: SavedValue): boolean => decode(saved) !== null;

/** Whether an operand can be worked with: its value is one, and its texts can be read. */
const isSound = ({ value, made, percent }: SavedOperand): boolean =>
  (value === null || isValue(value)) &&
  isReadable(made) &&
  (percent === null || ((percent.value === null || isValue(percent.value)) && isReadable(percent.made)));

const isSoundRunning = ({ shown, repeat, frames, entry }: SavedRunning): boolean =>
  (shown === null || isSound(shown)) &&
  (repeat === null || isSound(repeat.right)) &&
  frames.reduce((count, frame) => count + 1 + frame.length, 0) <= MOST_WAITING + 2 &&
  frames.every((frame) => frame.every(({ left }) => left === null || isSound(left))) &&
  (entry === '' || isReadable(finishedEntry(entry)));

/** Gives each thing an id of its own: the one it has, else the next that is free. */
function withOwnIds<T extends Readonly<{ id: string }>>(items: readonly T[], letter: string): T[] {
  const taken = new Set<string>();
  let last = items.reduce((most, { id }) => Math.max(most, Number(id.slice(1)) || 0), 0);
  return items.map((item) => {
    const id = taken.has(item.id) ? `${letter}${(last += 1)}` : item.id;
    taken.add(id);
    return id === item.id ? item : { ...item, id };
  });
}

class Salvage {
  readonly aside: SetAside[];
  private readonly freeId: () => string;
  found = 0;

  constructor(raw: unknown) {
    const known: SetAside[] = [];
    const invalid: unknown[] = [];
    for (const part of listOf(raw).slice(0, MOST_SET_ASIDE)) {
      const made = read(setAsideSchema, part);
      if (made === null) invalid.push(part);
      else known.push(made);
    }
    this.aside = withOwnIds(known, 'a');
    this.freeId = freeAsideId(this.aside);
    for (const part of invalid) this.put('other', nameOf(part), textOf(part, 'text'), part);
  }

  put(of: PartKind, name: string, text: unknown, raw: unknown): void {
    // What was never there is not missed.
    if (raw === undefined) return;
    this.found += 1;
    this.aside.push(asidePart(this.freeId(), of, 'unreadable', name, text, raw));
  }

  /** The members of what must be a list; what is none is set aside whole. */
  private list(of: PartKind, name: string, raw: unknown): readonly unknown[] {
    if (!Array.isArray(raw)) this.put(of, name, '', raw);
    return listOf(raw);
  }

  private object(of: PartKind, name: string, raw: unknown): Old {
    if (!isObject(raw)) this.put(of, name, '', raw);
    return objectOf(raw);
  }

  settings(raw: unknown): Settings {
    const found = this.object('setting', '', raw);
    const made: Record<string, unknown> = { ...DEFAULT_SETTINGS };
    for (const [key, schema] of Object.entries(settingsSchema.shape)) {
      const value = schema.safeParse(found[key]);
      if (value.success) made[key] = value.data;
      else if (key in found || raw !== undefined) this.put('setting', key, '', found[key]);
    }
    return made as Settings;
  }

  line(raw: unknown): Notebook['line'] {
    const whole = read(writtenLineSchema, raw);
    if (whole !== null) return whole;
    const text = read(typedText, textOf(raw, 'text'));
    if (text !== null) {
      // The text is what counts; how it was keyed and where the caret stood may be lost.
      const own = read(writtenLineSchema.shape.own, textOf(raw, 'own'));
      return { text, caret: text.length, own, keys: [] };
    }
    this.put('line', '', textOf(raw, 'text'), raw);
    return { text: '', caret: 0, own: null, keys: [] };
  }

  private tapeLine(raw: unknown): TapeLine | null {
    const line = read(tapeLineSchema, raw);
    if (line === null || (line.value !== null && !isValue(line.value))) return null;
    const forms = line.forms.filter(({ id }, i) => line.forms.findIndex((other) => other.id === id) === i);
    const isChosen = forms.some(({ id }) => id === line.chosen);
    return forms.length === line.forms.length && isChosen
      ? line
      : { ...line, forms, chosen: isChosen ? line.chosen : forms[0]!.id };
  }

  tape(raw: unknown): TapeLine[] {
    const lines: TapeLine[] = [];
    for (const [i, part] of this.list('tape', '', raw).entries()) {
      const line = i < MOST_LINES ? this.tapeLine(part) : null;
      if (line === null) this.put('tape', `${i + 1}`, textOf(part, 'text'), part);
      else lines.push(line);
    }
    return withOwnIds(lines, 'l');
  }

  shelf(raw: unknown): Notebook['shelf'] {
    const made: Notebook['shelf'] = {};
    for (const [name, part] of Object.entries(this.object('place', '', raw))) {
      const kept = registerName.safeParse(name).success ? read(keptSchema, part) : null;
      if (kept !== null && isValue(kept.value)) made[name] = kept;
      else this.put('place', name, textOf(part, 'from'), part);
    }
    return made;
  }

  private operands(raw: unknown): SavedOperand[] {
    const made: SavedOperand[] = [];
    for (const [i, part] of this.list('stack', '', raw).entries()) {
      const operand = i < MOST_LEVELS ? read(operandSchema, part) : null;
      if (operand !== null && isSound(operand)) made.push(operand);
      else this.put('level', `${i + 1}`, textOf(part, 'made'), part);
    }
    return made;
  }

  private entry(raw: unknown): string {
    const entry = read(entrySchema, raw);
    if (entry !== null && (entry === '' || isReadable(finishedEntry(entry)))) return entry;
    this.put('level', '', raw, raw);
    return '';
  }

  stack(raw: unknown): Notebook['stack'] {
    if (!isObject(raw)) {
      this.put('stack', '', '', raw);
      return EMPTY_STACK as unknown as Notebook['stack'];
    }
    return {
      levels: this.operands(raw['levels']),
      entry: this.entry(raw['entry']),
      replaces: raw['replaces'] === true,
      operands: this.operands(raw['operands']),
    };
  }

  running(raw: unknown): SavedRunning {
    const made = read(runningSchema, raw);
    if (made !== null && isSoundRunning(made)) return made;
    this.put('running', '', textOf(textOf(raw, 'shown'), 'made'), raw);
    return EMPTY_RUNNING as unknown as SavedRunning;
  }

  ans(raw: unknown): SavedValue | null {
    if (raw === null || raw === undefined) return null;
    const value = read(savedValue, raw);
    if (value !== null && isValue(value)) return value;
    this.put('answer', '', '', raw);
    return null;
  }

  tries(raw: unknown): Notebook['tries'] {
    const made: Notebook['tries'] = {};
    for (const [letter, text] of Object.entries(this.object('tried', '', raw))) {
      const tried = tryLetter.safeParse(letter).success ? read(typedText, text) : null;
      if (tried !== null) made[letter] = tried;
      else this.put('tried', letter, text, text);
    }
    return made;
  }

  private or<T>(made: T | null, instead: T, name: string, raw: unknown): T {
    if (made !== null) return made;
    if (raw !== null) this.put('view', name, '', raw);
    return instead;
  }

  curves(raw: unknown): SavedCurves {
    const { functions, view, x, y, table, points } = this.object('view', '', raw);
    const drawn: DrawnFunction[] = [];
    for (const [i, part] of this.list('function', '', functions).entries()) {
      const made = i < MOST_FUNCTIONS ? read(functionSchema, part) : null;
      if (made !== null && isReadable(made.text)) drawn.push(made);
      else this.put('function', nameOf(part), textOf(part, 'text'), part);
    }
    return {
      functions: withOwnIds(drawn, 'f'),
      points: this.or(read(pointsSchema, points), null, 'points', points),
      view: this.or(read(viewSchema, view), null, 'view', view),
      x: this.or(read(axisSchema, x), EMPTY_CURVES.x, 'x', x),
      y: this.or(read(axisSchema, y), EMPTY_CURVES.y, 'y', y),
      table: this.or(read(valuesSchema, table), EMPTY_CURVES.table, 'table', table),
    };
  }

  private column(raw: unknown, table: string): DataColumn | null {
    const cells = listOf(textOf(raw, 'cells'));
    // A hundred times as fast as by the schema, which says the same: there can be a million of them.
    const isFilled = isObject(raw) && Array.isArray(raw['cells']) && cells.length <= MOST_ROWS && cells.every(isCell);
    const made = isFilled ? read(columnSchema, { ...raw, cells: [] }) : null;
    if (made !== null) return { ...made, cells: cells as string[] };
    this.put('column', `${table}: ${nameOf(raw)}`, cells.slice(0, LONGEST_ASIDE_TEXT).join('\n'), raw);
    return null;
  }

  columns(raw: unknown): SavedColumns {
    const { tables, open, into } = this.object('table', '', raw);
    const made: DataTable[] = [];
    for (const [i, part] of this.list('table', '', tables).entries()) {
      const name = read(tableSchema.shape.name, nameOf(part)) ?? '';
      if (!isObject(part) || i >= MOST_TABLES) {
        this.put('table', name, '', part);
        continue;
      }
      const columns: DataColumn[] = [];
      for (const [k, one] of this.list('column', name, part['columns']).entries()) {
        const column = k < MOST_COLUMNS ? this.column(one, name) : null;
        if (column !== null) columns.push(column);
        else if (k >= MOST_COLUMNS) this.put('column', `${name}: ${nameOf(one)}`, '', one);
      }
      const use = this.or(read(useSchema, part['use']), FIRST_USE, name, part['use']);
      made.push({ id: read(tableSchema.shape.id, part['id']) ?? `t${i + 1}`, name, columns, use });
    }
    // Columns are known by their ids alone, whichever table they are in.
    const all = withOwnIds(
      made.flatMap(({ columns }) => columns),
      'c',
    );
    let at = 0;
    const own = made.map((table) => ({ ...table, columns: table.columns.map(() => all[at++]!) }));
    return { tables: withOwnIds(own, 't'), ...columnsIds(open, into) };
  }
}

/** What was in sight is only looked for: what is not there is chosen anew. */
const columnsIds = (open: unknown, into: unknown): Pick<SavedColumns, 'open' | 'into'> => ({
  open: read(tableSchema.shape.id, open),
  into: read(columnSchema.shape.id, into),
});

/** Everything sound in data that says it is a notebook, and how many parts were set aside. */
export function salvaged(found: unknown): { notebook: Notebook; setAside: number } {
  const raw = objectOf(found);
  const salvage = new Salvage(raw['setAside']);
  const settings = salvage.settings(raw['settings']);
  const stack = salvage.stack(raw['stack']);
  const parts = {
    line: salvage.line(raw['line']),
    tape: salvage.tape(raw['tape']),
    shelf: salvage.shelf(raw['shelf']),
    running: salvage.running(raw['running']),
    ans: salvage.ans(raw['ans']),
    tries: salvage.tries(raw['tries']),
    curves: salvage.curves(raw['curves']),
    columns: salvage.columns(raw['columns']),
  };
  return {
    notebook: {
      format: NOTEBOOK_FORMAT,
      version: NOTEBOOK_VERSION,
      // Levels beyond four are worth more than the setting that forgets them.
      settings: stack.levels.length > 4 && settings.depth === 'four' ? { ...settings, depth: 'unlimited' } : settings,
      stack,
      ...parts,
      setAside: salvage.aside.slice(0, MOST_SET_ASIDE),
    },
    setAside: salvage.found,
  };
}
