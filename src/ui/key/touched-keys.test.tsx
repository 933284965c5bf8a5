import { setTouchedKey, touchKeys } from './touched-keys';

/* What fingers do on keys, told as a browser tells it. */

type Finger = Readonly<{ identifier: number; on: string; x?: number }>;
type Told = readonly [
  type: 'touchstart' | 'touchend' | 'touchcancel',
  changed: readonly Finger[],
  left?: readonly Finger[],
];

const SIDE = 44;

/** What was pressed and what was left after fingers came and went; a key stands every 44 pixels. */
function after(all: readonly Told[], canCancel = true): string {
  const heard: string[] = [];
  const keys = new Map(
    ['7', '8', '9'].map((name, i) => {
      const key = document.body.appendChild(document.createElement('button'));
      key.className = 'key';
      setTouchedKey(key, { tap: () => heard.push(name), leave: () => heard.push(`${name} left`) });
      return [name, { key, x: i * SIDE }] as const;
    }),
  );
  const elsewhere = document.body.appendChild(document.createElement('div'));
  const stop = touchKeys();
  for (const [type, changed, left = []] of all) {
    const touchOf = ({ identifier, on, x = 0 }: Finger) => {
      const found = keys.get(on);
      return { identifier, target: found?.key ?? elsewhere, clientX: (found?.x ?? 0) + x, clientY: 0 };
    };
    const changedTouches = changed.map(touchOf);
    const touches = type === 'touchstart' ? [...changedTouches, ...left.map(touchOf)] : left.map(touchOf);
    const event = Object.assign(new Event(type, { bubbles: true, cancelable: canCancel }), { touches, changedTouches });
    changedTouches[0]!.target.dispatchEvent(event);
    if (event.defaultPrevented) heard.push('kept');
  }
  stop();
  document.body.replaceChildren();
  return heard.join(', ');
}

const seven = { identifier: 0, on: '7' };
const eight = { identifier: 1, on: '8' };

test.each<readonly [string, readonly Told[], string]>([
  [
    'a tap',
    [
      ['touchstart', [seven]],
      ['touchend', [seven]],
    ],
    '7, kept',
  ],
  [
    'a tap beside the keys',
    [
      ['touchstart', [{ identifier: 0, on: '' }]],
      ['touchend', [{ identifier: 0, on: '' }]],
    ],
    '',
  ],
  [
    'a slide',
    [
      ['touchstart', [seven]],
      ['touchend', [{ ...seven, x: SIDE }]],
    ],
    '7 left',
  ],
  [
    'a finger that trembles',
    [
      ['touchstart', [seven]],
      ['touchend', [{ ...seven, x: 9 }]],
    ],
    '7, kept',
  ],
  [
    'two thumbs that overlap',
    [
      ['touchstart', [seven]],
      ['touchstart', [eight], [seven]],
      ['touchend', [seven], [eight]],
      ['touchend', [eight]],
    ],
    '7, kept, 8, kept',
  ],
  [
    'two thumbs, the second leaving first',
    [
      ['touchstart', [seven]],
      ['touchstart', [eight], [seven]],
      ['touchend', [eight], [seven]],
      ['touchend', [seven]],
    ],
    '8, kept, 7, kept',
  ],
  [
    'two at once',
    [
      ['touchstart', [seven, eight]],
      ['touchend', [seven, eight]],
    ],
    '7, 8, kept',
  ],
  [
    'two that part',
    [
      ['touchstart', [seven, eight]],
      ['touchend', [{ ...seven, x: -30 }], [eight]],
      ['touchend', [{ ...eight, x: 30 }]],
    ],
    '7 left, 8 left',
  ],
  [
    'a touch that the browser takes, and a new one',
    [
      ['touchstart', [seven]],
      ['touchcancel', [seven]],
      ['touchend', [seven]],
      ['touchstart', [eight]],
      ['touchend', [eight]],
    ],
    '8, kept',
  ],
  [
    'a finger whose key went, and the same number again beside the keys',
    [
      ['touchstart', [seven]],
      ['touchstart', [{ identifier: 2, on: '' }]],
      ['touchend', [{ ...seven, on: '' }]],
    ],
    '',
  ],
])('%s', (_, told, heard) => expect(after(told)).toBe(heard));

test('a touch that became a scroll presses nothing', () =>
  expect(
    after(
      [
        ['touchstart', [seven]],
        ['touchend', [seven]],
      ],
      false,
    ),
  ).toBe('7 left'));
