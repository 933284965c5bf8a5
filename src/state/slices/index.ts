import { asideActions } from './aside/actions';
import { benchActions } from './bench/line-actions';
import { columnActions } from './columns/actions';
import { curveActions } from './curves/actions';
import { examActions } from './exam/actions';
import { kitActions } from './kit/actions';
import { settingActions } from './settings/actions';
import { shelfActions } from './shelf/actions';
import type { Settings } from '@/core/notebook/settings';
import type { Change, Get } from './state';
import { tapeActions } from './tape/actions';

/**
 * What can be done, slice by slice: one line each. `clock` tells when something was kept (milliseconds since 1970);
 * `first`: what settings are reset to.
 */
export const actionsOf = (change: Change, get: Get, clock: () => number, first: Settings) => ({
  ...benchActions(change, get, clock),
  ...tapeActions(change),
  ...shelfActions(change, get, clock),
  ...curveActions(change),
  ...columnActions(change),
  ...kitActions(change),
  ...examActions(change, clock),
  ...asideActions(change),
  ...settingActions(change, first),
});
