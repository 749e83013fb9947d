/** How many at once and what in: drawn from above, with how long all of them take and what waits meanwhile. */
import { View } from 'react-native';
import { type LoadsToCook } from '@/core/cooking/loads-to-cook';
import { crowdWords, loadsWords, waitWords } from '@/core/checks/load-words';
import { LIMITS } from '@/core/vocabulary/limits';
import { APPLIANCES } from '@/core/vocabulary/appliances';
import { AmountField } from '@/ui/parts/amount-field';
import { Fold } from '@/ui/parts/fold';
import { Choices, Press } from '@/ui/parts/press';
import { Sentence, Small } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import { LoadDrawing } from './load-drawing';
import { PotPanel } from './pot-panel';
import * as phrases from './words';

export function LoadsPanel({ plan, ...props }: StationProps & { plan: LoadsToCook }) {
  const { batch, kitchen, assessment, edit } = props;
  const p = usePalette();
  const pot = assessment.heat?.core?.pot ?? null;
  const { kind } = plan.appliance;
  const owned = kitchen.appliances.filter((a) => a.kind === kind);
  const wait = waitWords(plan, assessment.goesInRaw);
  const crowd = crowdWords(plan);
  return (
    <Fold
      title="Loads"
      figure={plan.loads === 1 ? phrases.ALL_AT_ONCE : phrases.loadsOf(plan.loads, plan.atOnce, plan.allMinutes)}
      sign={crowd === null ? null : 'watch'}
    >
      {owned.length > 1 && (
        <Choices
          label="Cooked in"
          value={plan.appliance.id}
          options={owned.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={(applianceId) => void edit({ do: 'setCook', to: { applianceId } }, 'appliance')}
        />
      )}
      {owned.length < 2 && <Small>{phrases.cookedIn(plan.appliance.name, owned.length)}</Small>}
      <LoadDrawing plan={plan} lengths={kitchen.lengths} />
      <Sentence text={loadsWords(plan, batch.count)} />
      {crowd !== null && <Small style={{ color: p.beet }}>{crowd}</Small>}
      {wait !== null && <Small>{wait}</Small>}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 12 }}>
        <AmountField
          label="At once"
          unit="pieces"
          value={plan.atOnce}
          {...LIMITS.load}
          step={1}
          whole
          onChange={(load) => load !== null && edit({ do: 'setCook', to: { load } }, 'load', 'beside')}
        />
        {plan.isOwn && (
          <Press
            title={APPLIANCES[kind].isPot ? phrases.AS_MANY_AS_IT_BEARS : phrases.AS_MANY_AS_FIT}
            onPress={() => void edit({ do: 'setCook', to: { load: null } }, 'load')}
          />
        )}
      </View>
      <Small>{phrases.GAPS_ARE_ESTIMATES}</Small>
      {pot !== null && <PotPanel {...props} pot={pot} appliance={plan.appliance} />}
    </Fold>
  );
}
