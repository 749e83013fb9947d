/** Why it came out so: causes with the length of their strength, and the next version to be taken line by line. */
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { isRehearsal } from '@/core/stored/rehearsal';
import { isGood, OUTCOMES, PLACES_IN_PARCEL } from '@/core/vocabulary/outcomes';
import { commonAdvice } from '@/core/notebook/common-advice';
import { type Cause, type Explained } from '@/core/notebook/find-causes';
import { adjustable, adjusted } from '@/core/notebook/adjust';
import { HARD_TO_LEARN_FROM, type NextChange } from '@/core/notebook/next-batch';
import { makeNext, makeRehearsed, useTried, useVersions, useWhy } from '@/data/notebook';
import { AmountField } from '@/ui/parts/amount-field';
import { Press, Toggles } from '@/ui/parts/press';
import { Body, Heading, Sentence, Small, Strong } from '@/ui/parts/text';
import { usePalette } from '@/ui/theme/use-palette';
import { type StationProps } from '../station-props';
import * as phrases from './words';

/** So many causes of one outcome are shown. */
const MOST = 3;

export function WhyPanel({ batch, kitchen }: StationProps) {
  const { data, error, mutate } = useWhy(batch, kitchen);
  if (!batch.note.outcomes.some(({ what }) => !isGood(what))) return null;
  if (error)
    return (
      <View role="alert" style={{ gap: 8 }}>
        <Body>{phrases.whyFailed(error.message)}</Body>
        <Press title="Try again" onPress={() => void mutate()} />
      </View>
    );
  if (data === undefined) return <Small role="status">{phrases.READING_NUMBERS}</Small>;
  const isNoted = ({ outcome }: Explained) =>
    batch.note.outcomes.some((o) => o.what === outcome.what && o.where === outcome.where);
  return (
    <View style={{ gap: 20 }}>
      {data.explained.filter(isNoted).map((one) => (
        <Why key={`${one.outcome.what} ${one.outcome.where ?? ''}`} {...one} batch={batch} kitchen={kitchen} />
      ))}
      {data.changes.length > 0 && <Next batch={batch} kitchen={kitchen} changes={data.changes} />}
    </View>
  );
}

function Why({ outcome, causes, batch, kitchen }: Explained & Pick<StationProps, 'batch' | 'kitchen'>) {
  const where = outcome.where === null ? '' : ` (${PLACES_IN_PARCEL[outcome.where].label})`;
  const title = phrases.whyOutcome(OUTCOMES[outcome.what].label, where);
  return (
    <View role="region" aria-label={title} style={{ gap: 10 }}>
      <Heading level={2}>{title}</Heading>
      {causes.length === 0 && <Common advice={commonAdvice(outcome.what, batch, kitchen.temperature)} />}
      {causes.slice(0, MOST).map((cause) => (
        <CauseCard key={cause.id} cause={cause} />
      ))}
    </View>
  );
}

/** Where no number explains it, what cooks do first. */
function Common({ advice }: { advice: readonly string[] }) {
  return (
    <View style={{ gap: 4 }}>
      <Body>{phrases.COMMON_ADVICE}</Body>
      <View role="list" aria-label="Common advice">
        {advice.map((text) => (
          <Body role="listitem" key={text}>
            · {text}
          </Body>
        ))}
      </View>
    </View>
  );
}

/** How sure a cause is, in a word. */
const sureness = ({ strength }: Cause): string =>
  strength >= 0.7 ? 'very likely' : strength >= 0.4 ? 'likely' : 'possible';

function CauseCard({ cause }: { cause: Cause }) {
  const p = usePalette();
  const { title, sentence, evidence, against, strength } = cause;
  return (
    <View style={{ borderWidth: 1, borderColor: p.rule, backgroundColor: p.paper, gap: 2, paddingBottom: 10 }}>
      <View
        aria-hidden
        style={{ height: 7, width: `${Math.round(strength * 100)}%`, backgroundColor: p.beet, marginBottom: 6 }}
      />
      <View style={{ paddingHorizontal: 14, gap: 2 }}>
        <Strong>
          {title}, {sureness(cause)}
        </Strong>
        <Sentence text={sentence} />
        <Small>{evidence.join('; ')}</Small>
        {against.length > 0 && <Small>but: {against.join('; ')}</Small>}
      </View>
    </View>
  );
}

function Next({
  batch,
  kitchen,
  changes,
}: Pick<StationProps, 'batch' | 'kitchen'> & { changes: readonly NextChange[] }) {
  const versions = useVersions(batch);
  // Of two that mend the same by themselves the first is taken.
  const [chosen, choose] = useState<Readonly<Record<string, boolean>>>({});
  const isTaken = ({ id, insteadOf }: NextChange): boolean => chosen[id] ?? insteadOf === null;
  /** Numbers that the cook would rather have. */
  const [values, setValues] = useState<Readonly<Record<string, number | null>>>({});
  const taken = changes.filter(isTaken).map((change) => {
    const value = values[change.id] ?? null;
    return value === null ? change : adjusted(change, batch, value);
  });
  const isMuch = taken.filter(({ isReminder }) => !isReminder).length >= HARD_TO_LEARN_FROM;
  const begin = async () => {
    const id = await makeNext(batch, versions, taken);
    if (id !== null) router.navigate(`/batch/${id}/fill`);
  };
  const rehearseAgain = async () => {
    const id = await makeRehearsed(batch, kitchen, taken);
    if (id !== null) router.navigate(`/batch/${id}/fill`);
  };
  return (
    <View role="region" aria-label="Next version" style={{ gap: 10 }}>
      <Heading level={2}>Next version</Heading>
      {changes.map((change) => (
        <ChangeLine
          key={change.id}
          batch={batch}
          kitchen={kitchen}
          change={change}
          value={values[change.id] ?? null}
          onValue={(value) => setValues({ ...values, [change.id]: value })}
          instead={changes.find(({ id }) => id === change.insteadOf)?.label ?? null}
          isTaken={isTaken(change)}
          onTake={(isOn) => choose({ ...chosen, [change.id]: isOn })}
        />
      ))}
      {isMuch && <Small>{phrases.SEVERAL_AT_ONCE}</Small>}
      {isRehearsal(batch.id) ? (
        <Press
          title={phrases.rehearseAgain(taken.length, changes.length)}
          kind="solid"
          onPress={() => void rehearseAgain()}
        />
      ) : (
        <Press
          title={taken.length === 0 ? phrases.BEGIN_AGAIN_AS_WAS : phrases.beginNext(taken.length, changes.length)}
          kind="solid"
          onPress={() => void begin()}
        />
      )}
    </View>
  );
}

interface ChangeProps extends Pick<StationProps, 'batch' | 'kitchen'> {
  change: NextChange;
  /** The change that this would do instead of. */
  instead: string | null;
  /** The number that the cook would rather have; null as it is proposed. */
  value: number | null;
  onValue: (value: number | null) => void;
  isTaken: boolean;
  onTake: (isTaken: boolean) => void;
}

/** One line of the proposal: taken, left, or taken with another number. */
function ChangeLine({ batch, kitchen, change, instead, value, onValue, isTaken, onTake }: ChangeProps) {
  const p = usePalette();
  const [isOpen, setOpen] = useState(false);
  const number = adjustable(change, batch);
  const wanted = useMemo(() => (value === null ? change : adjusted(change, batch, value)), [change, batch, value]);
  const { label, effect } = useTried(batch, kitchen, wanted, change);
  return (
    <View style={{ borderBottomWidth: 1, borderBottomColor: p.rule, paddingBottom: 8, gap: 4 }}>
      <Body style={{ textDecorationLine: isTaken ? 'none' : 'line-through' }}>{label}</Body>
      {effect ? (
        <Small>{phrases.changesTo(effect.what, effect.before, effect.after, effect.fills, batch.count)}</Small>
      ) : (
        change.effect && <Small role="status">{phrases.WORKING_OUT_EFFECT}</Small>
      )}
      {instead !== null && <Small>{phrases.insteadOf(instead)}</Small>}
      {change.isReminder && <Small>{phrases.REMINDER}</Small>}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'flex-end' }}>
        <Toggles
          label={change.label}
          values={isTaken ? ['take'] : []}
          options={[{ value: 'take', label: 'Take it' }]}
          onToggle={() => onTake(!isTaken)}
        />
        {number !== null && isTaken && !isOpen && (
          <Press title="Change it" label={`Change: ${change.label}`} kind="clear" onPress={() => setOpen(true)} />
        )}
        {number !== null && isTaken && isOpen && (
          <AmountField
            label={`${number.what} instead`}
            unit={number.unit}
            value={value ?? number.value}
            {...number.span}
            step={number.step}
            onChange={onValue}
          />
        )}
      </View>
    </View>
  );
}
