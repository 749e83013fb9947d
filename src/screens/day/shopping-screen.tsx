/** What is to be bought for a day: ticked where it is there already; copied, shared, printed. */
import { router } from 'expo-router';
import { Pressable, ScrollView, View } from 'react-native';
import { GROUPS, shoppingText, type ToBuy } from '@/core/day/shopping-groups';
import { formatGrams } from '@/core/units/format';
import { idsOf } from '@/core/vocabulary/records';
import useSWR from 'swr';
import { shoppingList } from '@/data/planner';
import { editDay } from '@/data/days';
import { useBatches, useKitchen } from '@/data/hooks';
import { say } from '@/data/notices';
import { Glyph } from '@/ui/parts/glyph';
import { IconPress, Press } from '@/ui/parts/press';
import { Body, Heading, Small, Strong } from '@/ui/parts/text';
import { NoticeBar } from '@/ui/shell/notice-bar';
import { useUncover } from '@/ui/shell/uncover';
import { usePalette } from '@/ui/theme/use-palette';
import { useCurrentDay } from './use-current-day';
import * as phrases from './words';

export function ShoppingScreen() {
  const p = usePalette();
  useUncover();
  const day = useCurrentDay();
  const kitchen = useKitchen();
  const { data } = useBatches();
  const made = data?.batches.filter((b) => day?.batches.some(({ batchId }) => batchId === b.id)) ?? [];
  const of = made.map((b) => `${b.id} ${b.revision} ${b.writer}`).join() + ` ${kitchen.revision} ${kitchen.writer}`;
  const { data: needed, error } = useSWR<ToBuy[], Error>(made.length > 0 ? ['shopping', of] : null, () =>
    shoppingList(made, kitchen, []),
  );
  const list = (needed ?? []).map((item) => ({
    ...item,
    isThere: item.isThere || (day?.there.includes(item.id) ?? false),
  }));
  const left = list.filter(({ isThere }) => !isThere).length;
  const text = `${day?.title ?? 'Shopping'}\n\n${shoppingText(list)}`;
  const copy = () =>
    void navigator.clipboard.writeText(text).then(
      () => say({ text: phrases.LIST_COPIED, kind: 'done' }),
      () =>
        say({
          text: phrases.LIST_NOT_COPIED,
          kind: 'problem',
        }),
    );
  const share = () => void navigator.share({ title: day?.title, text }).catch(() => undefined);
  return (
    <View style={{ flex: 1, backgroundColor: p.ground }}>
      <ScrollView role="main" contentContainerStyle={{ padding: 18, gap: 14, maxWidth: 760, width: '100%' }}>
        <View nativeID="not-printed" style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 }}>
          <IconPress icon="arrow-left" label={phrases.BACK_TO_THE_DAY} onPress={() => router.navigate('/day')} />
          <Press title="Print" icon="printer-outline" onPress={() => window.print()} />
          <Press title="Copy" icon="content-copy" onPress={copy} />
          {'share' in navigator && <Press title="Share" onPress={share} />}
        </View>
        <View nativeID="sheet" style={{ gap: 14 }}>
          <View>
            <Heading level={1}>Shopping list</Heading>
            {day && (
              <Small>
                {day.title}: {left === 0 ? phrases.ALL_THERE : phrases.toGet(left, list.length)}
              </Small>
            )}
          </View>
          {error && <Body role="alert">{phrases.listFailed(error.message)}</Body>}
          {made.length === 0 && day !== undefined && <Body>{phrases.PUT_BATCH_IN}</Body>}
          {idsOf(GROUPS).map((group) => {
            const items = list.filter((i) => i.group === group);
            if (group === 'home') return <AtHome key={group} items={items} />;
            return items.length === 0 ? null : (
              <View key={group} style={{ gap: 2 }}>
                <Heading level={2}>{GROUPS[group].label}</Heading>
                {items.map((item) => (
                  <Item
                    key={item.id}
                    item={item}
                    onTick={() =>
                      day && void editDay(day.id, { do: 'tickThere', what: item.id, isThere: !item.isThere })
                    }
                  />
                ))}
              </View>
            );
          })}
        </View>
      </ScrollView>
      <NoticeBar />
    </View>
  );
}

/** What nobody goes shopping for: said in a line, with how much of it is needed. */
function AtHome({ items }: { items: readonly ToBuy[] }) {
  if (items.length === 0) return null;
  return (
    <Small>
      {phrases.notInList(
        GROUPS.home.label,
        items.map(({ name, grams }) => `${name.toLowerCase()} ${formatGrams(grams ?? 0)}`),
      )}
    </Small>
  );
}

function Item({ item, onTick }: { item: ToBuy; onTick: () => void }) {
  const p = usePalette();
  return (
    <Pressable
      role="checkbox"
      aria-checked={item.isThere}
      aria-label={phrases.foodInList(item.name, item.amount, item.isThere)}
      onPress={onTick}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        minHeight: 48,
        borderTopWidth: 1,
        borderTopColor: p.rule,
      }}
    >
      <Glyph name={item.isThere ? 'checkbox-marked' : 'checkbox-blank-outline'} color={item.isThere ? p.leek : p.ink} />
      <View style={{ flex: 1 }}>
        <Body style={item.isThere ? { textDecorationLine: 'line-through', color: p.soft } : undefined}>
          {item.name}
        </Body>
        <Small numberOfLines={1}>{item.for.join(', ')}</Small>
      </View>
      <Strong>{item.amount}</Strong>
    </Pressable>
  );
}
