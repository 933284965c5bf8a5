import { View } from '@tamagui/core';
import { dateOrders } from '@/core/date/read';
import { dateWords, orderNames } from '@/text/kit/dates';
import { Radios } from '@/ui/kit/Radios';
import { Words } from '@/ui/theme/text';
import type { ScreenProps } from './screen';

/** In which order numbers are read as a date. */
export const OrderChoice = ({ order, enter }: Pick<ScreenProps, 'order' | 'enter'>) => (
  <View gap="$1">
    <Words strong aria-hidden>
      {dateWords.order}
    </Words>
    <Radios
      name={dateWords.order}
      isTight
      options={dateOrders.map((id) => ({ id, name: orderNames[id] }))}
      chosen={order}
      onChoose={(id) => enter({ order: id })}
    />
  </View>
);
