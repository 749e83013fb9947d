/** What usually goes with a thing, each to be changed: how many, the filling, the dough, the heat, its name. */
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { wrapAnswer } from '@/core/wrapper/wrap-answer';
import { wrapperMaking } from '@/core/wrapper/making';
import { judgement } from '@/core/checks/judgement';
import { type DoughId, DOUGH_IDS, DOUGHS } from '@/core/vocabulary/doughs';
import { methodInstead, neverWords } from '@/core/vocabulary/goes-together';
import { MOST } from '@/core/vocabulary/limits';
import { METHODS } from '@/core/vocabulary/methods';
import { type School, SCHOOL_IDS, SCHOOLS } from '@/core/vocabulary/schools';
import { WAY_TO_COOK_IDS, type WayToCook, WAYS_TO_COOK } from '@/core/vocabulary/ways-to-cook';
import { build, type HowMany, usualHowMany } from '@/core/wrapper/build';
import { EVERYDAY, type EverydayId } from '@/core/wrapper/everyday';
import { keepBatch, now, useKitchen } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { Answer } from '@/ui/parts/answer';
import { Fold } from '@/ui/parts/fold';
import { Choices, Press } from '@/ui/parts/press';
import { Body, Heading, Small } from '@/ui/parts/text';
import { InFoot } from '@/ui/shell/foot';
import { TextField } from '@/ui/parts/text-field';
import { usePalette } from '@/ui/theme/use-palette';
import { HowManyFields } from './how-many';
import { Picture } from './picture';
import * as phrases from './words';

export function BuiltPlan({ thing, onAnother }: { thing: EverydayId; onAnother: () => void }) {
  const usual = EVERYDAY[thing];
  const kitchen = useKitchen();
  const [howMany, setHowMany] = useState<HowMany>(() => usualHowMany(thing));
  const [dough, setDough] = useState<DoughId>(usual.dough);
  const [way, setWay] = useState<WayToCook>(usual.way);
  const [school, setSchool] = useState<School>(usual.school);
  const [title, setTitle] = useState('');
  const name = title.trim() === '' ? usual.plural : title.trim();
  const built = useMemo(
    () => build({ id: '', thing, dough, way, school, howMany, title: '', at: now() }),
    [thing, dough, way, school, howMany],
  );
  const answer = useMemo(() => {
    const { fit, laid, dough: made } = judgement(built, kitchen, null);
    return wrapAnswer(built, kitchen, wrapperMaking(built, kitchen, fit, laid, made));
  }, [built, kitchen]);
  const begin = async () => {
    const batch = build({ id: newId(), thing, dough, way, school, howMany, title: name, at: now() });
    if (await keepBatch(batch)) router.replace(`/batch/${batch.id}/fill`);
  };
  return (
    <View style={{ gap: 16 }}>
      <View style={{ flexDirection: 'row', gap: 14, alignItems: 'center' }}>
        <Picture thing={thing} wrap={built.wrap} width={104} />
        <View style={{ flex: 1, gap: 4, alignItems: 'flex-start' }}>
          <Heading level={2}>{usual.name}</Heading>
          <Small>{usual.also}</Small>
          <Press title="Something else" kind="clear" onPress={onAnother} />
        </View>
      </View>
      <Answer text={`*${built.count}* × ${answer}`} />
      <HowManyFields howMany={howMany} count={built.count} wrap={built.wrap} onChange={setHowMany} />
      <View style={{ gap: 6 }}>
        <Choices
          label={phrases.FILLING_GOES_IN}
          value={school}
          options={SCHOOL_IDS.map((value) => ({ value, label: SCHOOLS[value].answer }))}
          onChange={setSchool}
        />
        <Small>{SCHOOLS[school].note}</Small>
      </View>
      <Never dough={dough} way={way} onWay={setWay} onDough={() => setDough(usual.dough)} />
      <View>
        <Fold title="Dough" figure={DOUGHS[dough].label}>
          <Choices
            label="Dough"
            value={dough}
            options={DOUGH_IDS.map((value) => ({ value, label: DOUGHS[value].label }))}
            onChange={setDough}
          />
        </Fold>
        <Fold title="Cooked" figure={WAYS_TO_COOK[way].label}>
          <Choices
            label="Cooked"
            value={way}
            options={WAY_TO_COOK_IDS.map((value) => ({ value, label: WAYS_TO_COOK[value].label }))}
            onChange={setWay}
          />
        </Fold>
        <Fold title="Name" figure={name}>
          <TextField
            label={phrases.WHAT_YOU_CALL_IT}
            value={title}
            onChange={setTitle}
            placeholder={usual.plural}
            most={MOST.title}
          />
        </Fold>
      </View>
      <InFoot>
        <Press title="Begin" kind="solid" onPress={() => void begin()} />
      </InFoot>
    </View>
  );
}

/** What nobody makes is asked about before it is begun. */
function Never(props: { dough: DoughId; way: WayToCook; onWay: (way: WayToCook) => void; onDough: () => void }) {
  const p = usePalette();
  const { method } = WAYS_TO_COOK[props.way];
  const never = neverWords(props.dough, method);
  if (never === null) return null;
  const instead = methodInstead(props.dough);
  const way = WAY_TO_COOK_IDS.find((id) => WAYS_TO_COOK[id].method === instead) ?? 'bake';
  return (
    <View role="alert" style={{ borderLeftWidth: 4, borderLeftColor: p.turmeric, paddingLeft: 12, gap: 8 }}>
      <Body>{phrases.isThatMeant(never)}</Body>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Press title={`${METHODS[instead].imperative} it`} onPress={() => props.onWay(way)} />
        <Press title={phrases.USUAL_DOUGH} onPress={props.onDough} />
      </View>
    </View>
  );
}
