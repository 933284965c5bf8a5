import { View } from '@tamagui/core';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { Boundary } from '@/places/frame/Boundary';
import { useIsThere } from '@/places/exam/use-help';
import { HelpButton } from '@/places/frame/HelpButton';
import { closed } from '@/text/exam';
import { kitWords } from '@/text/kit/kit';
import { PlaceHeader } from '@/ui/frame/PlaceHeader';
import { useLayout } from '@/ui/theme/layout';
import { Words } from '@/ui/theme/text';
import { ToolList } from './ToolList';
import { toolOf, tools } from './tools';

/** Tools in a list: on a wide screen beside the one that is open, else the list or the tool. */
export function Kit() {
  const layout = useLayout();
  const isBeside = layout === 'wide';
  const router = useRouter();
  const asked = useLocalSearchParams()['tool'];
  const isThere = useIsThere();
  const found = toolOf(typeof asked === 'string' ? asked : null);
  const isClosed = found !== null && !isThere(found);
  const tool = isClosed ? null : (found ?? (isBeside ? (tools.find(isThere) ?? null) : null));
  const open = (id: string): void => router.navigate(`/kit?tool=${id}`);
  const shown =
    tool !== null ? (
      <Boundary at={tool.id}>
        <tool.screen key={tool.id} />
      </Boundary>
    ) : isClosed ? (
      <Words role="alert" padding="$3">
        {closed(found.name)}
      </Words>
    ) : null;
  if (!isBeside && tool !== null) return shown;
  const list = <ToolList open={tool?.id ?? null} onOpen={open} />;
  if (!isBeside)
    return (
      <View flex={1} minHeight={0} backgroundColor="$paper">
        <PlaceHeader title={kitWords.kit}>
          <HelpButton />
        </PlaceHeader>
        {shown}
        {list}
      </View>
    );
  return (
    <View flex={1} minHeight={0} flexDirection="row" backgroundColor="$paper">
      <View width={270} borderRightWidth={1} borderColor="$rule" minHeight={0}>
        {list}
      </View>
      <View flex={1} minWidth={0} minHeight={0}>
        {shown}
      </View>
    </View>
  );
}
