import type { KindId } from '@/core/unit/unit';

/** Words of the tool Units. */
export const unitWords = {
  name: 'Units',
  answers: 'A length, an area, a temperature … in all other units of its kind at once, exact.',
  words:
    'convert conversion measure metre feet inch inches mile acre acres hectare hectares litre gallon pint pound ounce kilogram celsius fahrenheit pressure energy power speed knots miles cups spoons bytes',
  kind: 'What is measured',
  value: 'Value',
  from: 'From',
  to: 'To',
  swap: 'Swap',
  all: 'In all units',
  base: 'in base units',
  choose: 'Choose a unit',
  sought: 'Name, sign, or put together: km/h',
  nothing: 'No unit is known by these words.',
  take: 'Take',
  favourite: 'Favourite',
  source: 'Factors from',
} as const;

export const kindNames: Readonly<Record<KindId, string>> = {
  length: 'Length',
  area: 'Area',
  volume: 'Volume',
  mass: 'Mass',
  time: 'Time',
  speed: 'Speed',
  acceleration: 'Acceleration',
  force: 'Force',
  pressure: 'Pressure',
  energy: 'Energy',
  power: 'Power',
  temperature: 'Temperature',
  temperatureDifference: 'Temperature difference',
  angle: 'Angle',
  density: 'Density',
  flow: 'Flow',
  fuel: 'Fuel use',
  data: 'Data',
  dataRate: 'Data rate',
  frequency: 'Frequency',
  electricity: 'Charge',
  kitchen: 'Kitchen',
  nautical: 'At sea',
  other: 'Put together',
};

export const spokenUnit = (title: string, sign: string): string => `${title}: ${sign}`;
export const inUnit = (sign: string): string => `in ${sign}`;
export const favouriteName = (sign: string): string => `${unitWords.favourite}: ${sign}`;
export const turnTo = (sign: string): string => `${unitWords.to} ${sign}`;
export const openConversion = (value: string, from: string, to: string): string => `${value} ${from} in ${to}`;
