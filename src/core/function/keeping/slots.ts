import { defineBinder } from '../record';

export const slot = defineBinder({
  name: 'slot',
  topic: 'keeping',
  takes: ['n'],
  examples: [{ typed: 'slot(3)', problem: 'undefined-name' }],
  source: 'Our own: a numbered place for a value',
});
