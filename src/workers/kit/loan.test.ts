import type { LoanRequest } from './loan';
import { loanView } from './loan';

const goesOn = () => true;

const request = (given: Partial<LoanRequest> = {}, texts: Partial<LoanRequest['texts']> = {}): LoanRequest => ({
  text: '',
  angle: 'deg',
  impliedFirst: false,
  complex: false,
  bases: false,
  word: 'signed32',
  display: { mode: 'auto', digits: 10, grouping: false, decimalSign: '.' },
  ans: null,
  letters: new Map(),
  slots: new Map(),
  total: null,
  tries: {},
  namesDecimals: false,
  isSavings: false,
  solve: 'payment',
  texts: { amount: '4800', deposit: '', rate: '6', term: '3*12', payment: '', balance: '', ...texts },
  compounding: 12,
  perYear: 12,
  atBeginning: false,
  places: 2,
  change: null,
  ...given,
});

const viewOf = (asked: LoanRequest) => {
  const view = loanView(asked, goesOn);
  if (!view.ok) throw new Error(JSON.stringify(view.problem));
  return view.value;
};

test('a loan in cents: the payment is rounded, and the last one makes up for it', () => {
  const { solved } = viewOf(request());
  expect(solved).toMatchObject({
    count: 36,
    parts: { payment: { full: '146.03' } },
    last: { full: '145.84' },
    total: { full: '5256.89' },
    interest: { full: '456.89' },
  });
  expect(solved?.years.map(({ texts }) => texts.balance)).toEqual(['3294.69', '1696.54', '0.00']);
});

test('exact numbers keep all their digits, and a deposit is no part of what is owed', () => {
  const exact = viewOf(request({ places: null }));
  expect(exact.solved?.parts.payment.full.slice(0, 20)).toBe('146.0252997674645676');
  expect(viewOf(request({}, { amount: '5400', deposit: '600' })).solved?.parts.payment.full).toBe('146.03');
});

test('one number changed: what a higher payment saves', () => {
  const { changed } = viewOf(request({ change: { part: 'payment', text: '200' } }));
  expect(changed).toMatchObject({ part: 'term', solved: { count: 26, total: { full: '5126.25' } } });
});

test('savings turn the signs: what is put in and what it comes to', () => {
  const { solved } = viewOf(
    request(
      { isSavings: true, solve: 'balance', compounding: 1, perYear: 1 },
      { amount: '1000', rate: '10', term: '2', payment: '100' },
    ),
  );
  // 1000 grows to 1100, and 100 comes to it; the 1200 grow to 1320, and 100 comes to it: worked by hand.
  expect(solved).toMatchObject({
    parts: { balance: { full: '1420' } },
    interest: { full: '220' },
    total: { full: '200' },
  });
});

test.each([
  [{ amount: '1/0' }, 'amount', 'divide-by-zero'],
  [{ rate: 'Q' }, 'rate', 'undefined-name'],
  [{ deposit: '2+' }, 'deposit', 'syntax'],
])('%j is told at its field', (texts, part, code) =>
  expect(viewOf(request({}, texts)).fault).toMatchObject({ part, problem: { code } }),
);

test('a payment below the interest is told as such', () =>
  expect(loanView(request({ solve: 'term' }, { payment: '24' }), goesOn)).toMatchObject({
    ok: false,
    problem: { reason: 'payment-below-interest' },
  }));
