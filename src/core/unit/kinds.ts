import { entryAt } from '../base/item';
import { data, dataRate, density, mass, temperature, temperatureDifference } from './groups/matter';
import { acceleration, flow, frequency, fuel, speed, time } from './groups/motion';
import { angle, area, kitchen, length, nautical, volume } from './groups/space';
import { electricity, energy, force, power, pressure } from './groups/work';
import { DIMENSIONLESS, defineKind } from './unit';
import type { Kind, KindId } from './unit';

/** What is put together of other units and has no list of its own, such as kg·m/s. */
const other = defineKind({
  id: 'other',
  dimension: DIMENSIONLESS,
  source: 'SI Brochure, 9th edition, 2.3',
  units: [],
  listed: '',
});

/** All kinds of measures, in the order in which a list tells them. */
export const kinds: readonly Kind[] = [
  length,
  area,
  volume,
  mass,
  time,
  temperature,
  temperatureDifference,
  speed,
  acceleration,
  force,
  pressure,
  energy,
  power,
  angle,
  density,
  flow,
  fuel,
  data,
  dataRate,
  frequency,
  electricity,
  kitchen,
  nautical,
  other,
];

const byId = new Map(kinds.map((kind) => [kind.id, kind]));
export const kindNamed = (id: KindId): Kind => entryAt(byId, id);
