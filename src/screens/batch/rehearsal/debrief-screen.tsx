/** After a rehearsal: what happened inside, what each decision did, what could have been known; and the same again. */
import { router } from 'expo-router';
import { View } from 'react-native';
import useSWR from 'swr';
import { type Rehearsal } from '@/core/stored/rehearsal';
import { OUTCOMES, PLACES_IN_PARCEL } from '@/core/vocabulary/outcomes';
import { REHEARSALS } from '@/core/vocabulary/rehearsals';
import { download, fileName } from '@/data/files';
import { messageOf, useKitchen } from '@/data/hooks';
import { say } from '@/data/notices';
import { again, debriefOf, discard, useRehearsal } from '@/data/rehearsals';
import { TextLink } from '@/ui/parts/text-link';
import { Disc } from '@/ui/parts/disc';
import { Press } from '@/ui/parts/press';
import { Body, Heading, Sentence, Small, Strong } from '@/ui/parts/text';
import { PlaceScreen } from '@/ui/shell/place-screen';
import { usePalette } from '@/ui/theme/use-palette';
import { LostScreen } from '../../lost-screen';
import { LearnedHere } from './learned-here';
import * as phrases from './words';

export function DebriefScreen({ id }: { id: string }) {
  const { data } = useRehearsal(id);
  if (data === undefined) return null;
  return data === null ? <LostScreen /> : <Debriefed rehearsal={data} />;
}

type Debrief = Awaited<ReturnType<typeof debriefOf>>;

function Debriefed({ rehearsal }: { rehearsal: Rehearsal }) {
  const { id, kitchen, begun } = rehearsal;
  const { data, error } = useSWR<Debrief, Error>(['debrief', id, rehearsal.simAt], () => debriefOf(id));
  return (
    <PlaceScreen title="Debrief" note={phrases.rehearsalOf(REHEARSALS[kitchen].label, begun.title)} back>
      {error && <Body role="alert">{phrases.notWorkedOut(error.message)}</Body>}
      {data === undefined && !error && <Small role="status">{phrases.WORKING_OUT_INSIDE}</Small>}
      {data && <Found {...data} />}
      {data && <Inside figures={data.inside} />}
      {data && <Decisions decisions={data.decisions} />}
      {data && <Told told={data.told} />}
      <LearnedHere id={id} />
      <Again rehearsal={rehearsal} />
    </PlaceScreen>
  );
}

function Found({ verdicts, outcomes }: Pick<Debrief, 'verdicts' | 'outcomes'>) {
  return (
    <View role="region" aria-label={phrases.HOW_IT_CAME_OUT} style={{ gap: 8 }}>
      {verdicts.map(({ good, text }) => (
        <View key={text} style={{ flexDirection: 'row', gap: 10, alignItems: 'flex-start' }}>
          <Disc sign={good ? 'good' : 'fix'} size={18} />
          <Body style={{ flex: 1 }}>{text}</Body>
        </View>
      ))}
      {outcomes.length > 0 && (
        <Sentence
          text={phrases.cutOpen(
            outcomes.map(
              ({ what, where }) =>
                `${OUTCOMES[what].label}${where === null ? '' : ` (${PLACES_IN_PARCEL[where].label})`}`,
            ),
          )}
        />
      )}
    </View>
  );
}

/** What was really so, and what was thought, side by side. */
function Inside({ figures }: { figures: Debrief['inside'] }) {
  const p = usePalette();
  return (
    <View role="region" aria-label={phrases.WHAT_HAPPENED_INSIDE} style={{ gap: 2 }}>
      <Heading level={2}>{phrases.WHAT_HAPPENED_INSIDE}</Heading>
      {figures.map(({ what, really, beside }) => (
        <View key={what} style={{ borderBottomWidth: 1, borderBottomColor: p.rule, paddingVertical: 8 }}>
          <Small>{what}</Small>
          <Body>
            <Strong>{really}</Strong>, {beside}
          </Body>
        </View>
      ))}
    </View>
  );
}

function Decisions({ decisions }: { decisions: Debrief['decisions'] }) {
  return (
    <View role="region" aria-label={phrases.WHAT_YOU_DECIDED} style={{ gap: 8 }}>
      <Heading level={2}>{phrases.WHAT_YOU_DECIDED}</Heading>
      {decisions.length === 0 && <Body>{phrases.NOTHING_DECIDED}</Body>}
      {decisions.map(({ what, did }) => (
        <View key={what}>
          <Body>{what}</Body>
          <Small>{did.length === 0 ? phrases.CHANGED_NOTHING : phrases.itDid(did)}</Small>
        </View>
      ))}
    </View>
  );
}

/** Said after each: nobody is blamed for what another look had told already. */
const AFTER = { seen: '', spared: '', missed: ' Nobody looked.' } as const;

function Told({ told }: { told: Debrief['told'] }) {
  if (told.length === 0) return null;
  return (
    <View role="region" aria-label={phrases.COULD_HAVE_TOLD} style={{ gap: 8 }}>
      <Heading level={2}>{phrases.COULD_HAVE_TOLD}</Heading>
      {told.map(({ text, was }) => (
        <View key={text} style={{ flexDirection: 'row', gap: 10, alignItems: 'flex-start' }}>
          <View style={{ width: 18 }}>
            {was !== 'spared' && <Disc sign={was === 'seen' ? 'good' : 'fix'} size={18} />}
          </View>
          <Body style={{ flex: 1 }}>{`${text}${AFTER[was]}`}</Body>
        </View>
      ))}
    </View>
  );
}

function Again({ rehearsal }: { rehearsal: Rehearsal }) {
  const own = useKitchen(rehearsal.id);
  const { id, begun, seed } = rehearsal;
  const repeat = async () => {
    try {
      router.navigate(`/batch/${await again(rehearsal, own)}/fill`);
    } catch (error) {
      say({ text: messageOf(error), kind: 'problem' });
    }
  };
  const remove = async () => {
    try {
      await discard(id);
      router.navigate('/rehearse');
    } catch (error) {
      say({ text: messageOf(error), kind: 'problem' });
    }
  };
  return (
    <View style={{ gap: 10 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        <Press title={phrases.SAME_AGAIN} kind="solid" onPress={() => void repeat()} />
        <Press
          title={phrases.SAVE_TO_SHARE}
          icon="tray-arrow-down"
          onPress={() =>
            download(fileName(phrases.fileName(begun.title, seed)), `${JSON.stringify(rehearsal, null, 2)}\n`)
          }
        />
        <Press title="Delete it" icon="trash-can-outline" onPress={() => void remove()} />
      </View>
      <Small>{phrases.kitchenNumber(seed)}</Small>
      <TextLink href={`/batch/${id}/note`} style={{ paddingVertical: 12 }}>
        <Body style={{ textDecorationLine: 'underline' }}>{phrases.BACK_TO_NOTE}</Body>
      </TextLink>
    </View>
  );
}
