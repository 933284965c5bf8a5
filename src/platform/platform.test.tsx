import AsyncStorage from '@react-native-async-storage/async-storage';
import { copyText, readClipboard } from './clipboard';
import { hasHaptics, hasSound, shake, tick } from './feedback';
import { LARGEST_FILE_MB, openFile, saveFile } from './files';
import { fragmentNow, linkWith, offeredNotebook, onFragment, onPageHide, scaleText, titlePage } from './page';
import { afterPaint } from './paint';
import { deviceStorage } from './storage';
import { browserTabs } from './tabs';

/* What the app asks of its device, and what it does where the device does not have it, or refuses. */

const given = (target: object, name: string, value: unknown): void => {
  Object.defineProperty(target, name, { configurable: true, writable: true, value });
};

let hidden: DocumentVisibilityState = 'visible';
beforeAll(() => {
  Object.defineProperty(document, 'visibilityState', { configurable: true, get: () => hidden });
});

describe('the clipboard', () => {
  test('takes a text, and gives one', async () => {
    const kept: string[] = [];
    given(navigator, 'clipboard', {
      writeText: (text: string) => Promise.resolve(void kept.push(text)),
      readText: () => Promise.resolve('2+3'),
    });
    expect([await copyText('1/3'), kept, await readClipboard()]).toEqual([true, ['1/3'], '2+3']);
  });

  test.each([
    ['refuses', { writeText: () => Promise.reject(new Error('no')), readText: () => Promise.reject(new Error('no')) }],
    ['is not there', undefined],
  ])('that %s is told, and nothing throws', async (_name, clipboard) => {
    given(navigator, 'clipboard', clipboard);
    expect([await copyText('1'), await readClipboard()]).toEqual([false, null]);
  });
});

describe('sound and shaking', () => {
  test('are not there on a device without them, and asking for them does nothing', () => {
    expect([hasHaptics(), hasSound()]).toEqual([false, false]);
    expect(() => [shake(), tick()]).not.toThrow();
  });

  test('are short where they are there', () => {
    const told: unknown[] = [];
    given(navigator, 'vibrate', (ms: number) => told.push(ms));
    const param = () => ({ value: 0, setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined });
    const node = {
      connect: () => node,
      gain: param(),
      frequency: param(),
      start: (at: number) => told.push(['from', at]),
      stop: (at: number) => told.push(['to', at]),
    };
    given(
      globalThis,
      'AudioContext',
      class {
        state = 'suspended';
        currentTime = 2;
        destination = null;
        resume = () => Promise.resolve(void told.push('resumed'));
        createOscillator = () => node;
        createGain = () => node;
      },
    );
    shake();
    tick();
    expect(told).toEqual([8, 'resumed', ['from', 2], ['to', 2.03]]);
  });
});

describe('files', () => {
  test('are saved under their name, and their address is given back later', () => {
    jest.useFakeTimers();
    const told: unknown[] = [];
    given(URL, 'createObjectURL', (blob: Blob) => {
      told.push([blob.type, blob.size]);
      return 'blob:1';
    });
    given(URL, 'revokeObjectURL', (url: string) => told.push(url));
    const clicked = jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function click(
      this: HTMLAnchorElement,
    ) {
      told.push([this.download, this.href]);
    });
    saveFile('values.csv', 'x,f', 'text/csv');
    expect(told).toEqual([
      ['text/csv', 3],
      ['values.csv', 'blob:1'],
    ]);
    jest.runAllTimers();
    expect(told.at(-1)).toBe('blob:1');
    clicked.mockRestore();
    jest.useRealTimers();
  });

  /** Opens a file as if that had been chosen; null: the chooser is closed. */
  async function chosen(file: Partial<File> | null): Promise<unknown> {
    const clicked = jest.spyOn(HTMLInputElement.prototype, 'click').mockImplementation(() => undefined);
    const opened = openFile('.json');
    const field = clicked.mock.contexts[0] as HTMLInputElement;
    clicked.mockRestore();
    given(field, 'files', file === null ? [] : [file]);
    field.dispatchEvent(new Event(file === null ? 'cancel' : 'change'));
    return opened;
  }

  test.each<readonly [string, Partial<File> | null, unknown]>([
    ['its text', { size: 2, text: () => Promise.resolve('{}') }, { kind: 'text', text: '{}' }],
    ['why it was not read', { size: 2, text: () => Promise.reject(new Error('no')) }, { kind: 'unreadable' }],
    ['that it is too large', { size: LARGEST_FILE_MB * 1_000_000 + 1 }, { kind: 'too-large' }],
    ['nothing where none was chosen', null, null],
  ])('that were chosen give %s', async (_name, file, expected) => expect(await chosen(file)).toEqual(expected));
});

describe('the page', () => {
  test('tells once when it is hidden, and not when it comes back', () => {
    let told = 0;
    const end = onPageHide(() => (told += 1));
    for (const state of ['hidden', 'visible'] as const) {
      hidden = state;
      document.dispatchEvent(new Event('visibilitychange'));
    }
    expect(told).toBe(1);
    window.dispatchEvent(new Event('pagehide'));
    expect(told).toBe(2);
    end();
    window.dispatchEvent(new Event('pagehide'));
    expect(told).toBe(2);
  });

  test('has an address with a fragment, and tells of another', () => {
    window.location.hash = '#ulkav=1';
    expect([linkWith('ulkav=2'), fragmentNow()]).toEqual([`${window.location.origin}/#ulkav=2`, 'ulkav=1']);
    let told = 0;
    const end = onFragment(() => (told += 1));
    window.dispatchEvent(new Event('hashchange'));
    end();
    window.dispatchEvent(new Event('hashchange'));
    expect(told).toBe(1);
  });

  test.each([
    ['a server that offers one', () => Promise.resolve({ status: 200, text: () => Promise.resolve('{}') }), '{}'],
    ['a server that has none', () => Promise.resolve({ status: 404 }), null],
    ['no server', () => Promise.reject(new Error('offline')), null],
  ])('asks for a notebook: %s', async (_name, fetch, expected) => {
    given(globalThis, 'fetch', fetch);
    expect(await offeredNotebook()).toBe(expected);
  });

  test.each([
    [1, undefined, '1'],
    [1.25, 'scaled', '1.25'],
    [2, 'scaled', '1.25'],
  ])('has text %d times as large, and keys a little', (factor, mark, keys) => {
    scaleText(factor);
    const { dataset, style } = document.documentElement;
    expect([dataset['text'], style.getPropertyValue('--text'), style.getPropertyValue('--key-text')]).toEqual([
      mark,
      `${factor}`,
      keys,
    ]);
    titlePage('Bench · Ulkav');
    expect(document.title).toBe('Bench · Ulkav');
  });
});

describe('a call after the next painting', () => {
  beforeEach(() => void jest.useFakeTimers());
  afterEach(() => void jest.useRealTimers());

  test.each([
    ['comes once a frame has been painted', true],
    ['comes all the same where no frame comes', false],
  ])('%s', (_name, hasFrames) => {
    let frame: (() => void) | null = null;
    given(globalThis, 'requestAnimationFrame', (call: () => void) => {
      frame = call;
      return 1;
    });
    given(globalThis, 'cancelAnimationFrame', () => (frame = null));
    let told = 0;
    afterPaint(() => (told += 1));
    expect(told).toBe(0);
    if (hasFrames) frame!();
    jest.runAllTimers();
    expect(told).toBe(1);
  });

  test('comes once for each that asked, in their order, also where another was called off', () => {
    const told: number[] = [];
    const ends = [1, 2, 3].map((n) => afterPaint(() => void told.push(n)));
    ends[1]!();
    jest.runAllTimers();
    afterPaint(() => void told.push(4));
    jest.runAllTimers();
    expect(told).toEqual([1, 3, 4]);
  });

  test('can be called off', () => {
    let told = 0;
    afterPaint(() => (told += 1))();
    jest.runAllTimers();
    expect(told).toBe(0);
  });
});

describe('the storage', () => {
  beforeEach(() => AsyncStorage.clear());

  test('gives back what was written, and nothing where nothing was', async () => {
    await deviceStorage.write('ulkav.a', '1');
    await deviceStorage.write('ulkav.b', '2');
    await deviceStorage.write('other', '3');
    expect([await deviceStorage.read('ulkav.a'), await deviceStorage.read('ulkav.c')]).toEqual(['1', null]);
    expect([...(await deviceStorage.keys('ulkav.'))].sort()).toEqual(['ulkav.a', 'ulkav.b']);
    await deviceStorage.remove('ulkav.a');
    expect(await deviceStorage.keys('ulkav.')).toEqual(['ulkav.b']);
  });

  test('that is full says so where there is no larger one', async () => {
    const full = jest.spyOn(AsyncStorage, 'setItem').mockRejectedValueOnce(new Error('full'));
    await expect(deviceStorage.write('ulkav.a', '1')).rejects.toThrow('full');
    full.mockRestore();
  });
});

describe('other tabs', () => {
  test('do one after the other what only one may do, where the browser can lock', async () => {
    const asked: string[] = [];
    given(navigator, 'locks', {
      request: (name: string, what: () => Promise<unknown>) => {
        asked.push(name);
        return what();
      },
    });
    expect([await browserTabs().alone(() => Promise.resolve(7)), asked]).toEqual([7, ['ulkav.kept']]);
    given(navigator, 'locks', undefined);
    expect(await browserTabs().alone(() => Promise.resolve(8))).toBe(8);
  });

  test('are heard of by the storage too, and by a page that was brought back; no longer after that was ended', () => {
    let told = 0;
    const end = browserTabs().onTold(() => (told += 1));
    const brought = new Event('pageshow');
    given(brought, 'persisted', true);
    const events = () => [
      new StorageEvent('storage', { key: 'ulkav.notebook' }),
      new StorageEvent('storage', { key: 'another' }),
      brought,
      new Event('pageshow'),
    ];
    for (const event of events()) window.dispatchEvent(event);
    expect(told).toBe(2);
    end();
    for (const event of events()) window.dispatchEvent(event);
    expect(told).toBe(2);
  });
});
