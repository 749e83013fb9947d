/** Note: what came out, in taps on the parcel cut open; why, by this batch's numbers; and the next version. */
import { useState } from 'react';
import { View } from 'react-native';
import { MOST } from '@/core/vocabulary/limits';
import { isRehearsal } from '@/core/stored/rehearsal';
import {
  OUTCOME_GROUP_IDS,
  OUTCOME_GROUPS,
  OUTCOME_IDS,
  OUTCOMES,
  type PlaceInParcel,
  PLACES_IN_PARCEL,
} from '@/core/vocabulary/outcomes';
import { contradictions } from '@/core/notebook/contradictions';
import { Measured } from '@/ui/parts/measured';
import { Body, Heading, Small } from '@/ui/parts/text';
import { TextField } from '@/ui/parts/text-field';
import { type StationProps } from '../station-props';
import { CutOpen } from './cut-open';
import { DonePanel } from './done-panel';
import { FilesPanel } from './files-panel';
import { LearnPanel } from './learn-panel';
import { MeasuredPanel } from './measured-panel';
import { PhotographPanel } from './photograph-panel';
import { ReadingsTable } from './readings-table';
import { OutcomeChips } from './outcome-chips';
import { TastersPanel } from './tasters-panel';
import { VersionsPanel } from './versions-panel';
import { WhyPanel } from './why-panel';
import * as phrases from './words';

const isPlaced = (what: (typeof OUTCOME_IDS)[number]): boolean => OUTCOMES[what].places.length > 0;

export function NoteStation(props: StationProps) {
  const { batch, assessment, edit } = props;
  // Where something was found last; first of all the middle is looked at.
  const [place, setPlace] = useState<PlaceInParcel>(
    () => [...batch.note.outcomes].reverse().find(({ where }) => where !== null)?.where ?? 'middle',
  );
  const questions = contradictions(batch.note.outcomes);
  return (
    <View style={{ gap: 22 }}>
      <View style={{ gap: 10 }}>
        <Heading level={2}>{phrases.TAP_WHERE}</Heading>
        <Measured>
          {(width) => (
            <CutOpen
              batch={batch}
              assessment={assessment}
              width={Math.min(width, 460)}
              chosen={place}
              onChoose={setPlace}
            />
          )}
        </Measured>
        <Small>{phrases.tapOnceTwice(PLACES_IN_PARCEL[place].label)}</Small>
        <OutcomeChips
          batch={batch}
          edit={edit}
          label="Found here"
          options={OUTCOME_IDS.filter((id) => OUTCOMES[id].places.includes(place))}
          where={place}
        />
      </View>
      {OUTCOME_GROUP_IDS.map((group) => {
        const options = OUTCOME_IDS.filter((id) => OUTCOMES[id].group === group && !isPlaced(id));
        return (
          options.length > 0 && (
            <View key={group} style={{ gap: 8 }}>
              <Small>{OUTCOME_GROUPS[group].label}</Small>
              <OutcomeChips
                batch={batch}
                edit={edit}
                label={OUTCOME_GROUPS[group].label}
                options={options}
                where={null}
              />
            </View>
          )
        );
      })}
      {questions.length > 0 && (
        <View role="status" style={{ gap: 4 }}>
          {questions.map(({ question }) => (
            <Body key={question}>{question}</Body>
          ))}
        </View>
      )}
      <WhyPanel {...props} />
      <TextField
        label={phrases.IN_YOUR_WORDS}
        value={batch.note.words}
        onChange={(text) => edit({ do: 'setNote', to: { words: text } }, 'words')}
        lines={4}
        most={MOST.words}
        placeholder={phrases.WHAT_TO_CHANGE}
      />
      <LearnPanel {...props} />
      {!isRehearsal(batch.id) && <DonePanel {...props} />}
      <View>
        <MeasuredPanel {...props} />
        <TastersPanel {...props} />
        {!isRehearsal(batch.id) && (
          <>
            <VersionsPanel batch={batch} kitchen={props.kitchen} />
            <PhotographPanel batch={batch} />
            <FilesPanel {...props} />
            <ReadingsTable {...props} />
          </>
        )}
      </View>
    </View>
  );
}
