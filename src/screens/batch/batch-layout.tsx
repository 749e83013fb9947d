/** How a batch lies on the screen: one column on a phone, three on a wide one. First comes what is there first, then all of it. */
import { memo, type ReactNode, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { CHECK_IDS } from '@/core/checks/check';
import { coolAnswer, cookAnswer } from '@/core/checks/answer-words';
import { Answer } from '@/ui/parts/answer';
import { WithFoot } from '@/ui/shell/foot';
import { NoticeBar } from '@/ui/shell/notice-bar';
import { PlacesRail } from '@/ui/shell/places';
import { usePalette } from '@/ui/theme/use-palette';
import { type Station, STATIONS } from '../stations';
import { AddBar } from './add-bar';
import { Column } from './batch-frame';
import { CheckList } from './check-list';
import { Cook } from './cook';
import { Cool } from './cool';
import { FillStation } from './fill/fill-station';
import { LedgerTable } from './fill/ledger-table';
import { FoldedSection } from './folded-section';
import { Note } from './note';
import { RehearsalHere, RehearsalMark } from './rehearsal';
import { StationBar, StationRail } from './station-bar';
import { StationChecks } from './station-checks';
import { StationDrawing } from './station-drawing';
import { type ShownProps, type StationProps } from './station-props';
import { Wrap } from './wrap';

interface Props {
  station: Station;
  /** Its name, undo, and the way to cook it now. */
  top: ReactNode;
  /** All of it, or only what is there first. */
  isWhole: boolean;
  /** What is offered is of the batch as it was. */
  isStale: boolean;
  onGo: (to: Station) => void;
  given: StationProps;
}

const CONTENT: Record<Station, (props: StationProps) => ReactNode> = {
  fill: (props) => <FillStation {...props} />,
  cool: (props) => <Cool {...props} part="station" />,
  wrap: (props) => <Wrap {...props} part="station" />,
  cook: (props) => <Cook {...props} part="station" />,
  note: (props) => <Note {...props} />,
};

/** What stands beside a station on a wide screen, and in it on a phone. */
const Aside = memo(function Aside({ station, ...shown }: StationProps & { station: Station }) {
  if (station === 'fill' || station === 'note') return <LedgerTable {...shown} />;
  if (station === 'cool') return <Cool {...shown} part="aside" />;
  return station === 'cook' ? <Cook {...shown} part="curve" /> : <Wrap {...shown} part="balance" />;
});

/** Scrolled so far, px, the drawing is gone from view and folds to a strip. */
const FOLDS_AT_PX = 250;

/** Its one answer, where the drawing does not say it already. */
function answerOf(station: Station, { batch, kitchen, assessment }: ShownProps): string | null {
  const cooling = assessment.heat?.cooling;
  // Until it is worked out its line is kept free, so that nothing moves when it comes.
  if (station === 'cool') return cooling ? coolAnswer(kitchen, cooling) : assessment.checks.cooling.pending ? '' : null;
  return station === 'cook' ? cookAnswer(batch, assessment, kitchen) : null;
}

export function WideBatch({ station, top, isWhole, isStale, onGo, given }: Props) {
  const p = usePalette();
  const answer = answerOf(station, given);
  const { id } = given.batch;
  return (
    <View style={{ flex: 1, flexDirection: 'row', flexWrap: 'nowrap', backgroundColor: p.ground }}>
      <PlacesRail>
        <StationRail here={station} onGo={onGo} />
      </PlacesRail>
      <View style={{ flex: 1 }}>
        <RehearsalMark id={id} />
        <View role="main" style={{ flex: 1, flexDirection: 'row', flexWrap: 'nowrap' }}>
          <Column>
            {top}
            {isWhole && answer !== null && <Answer text={answer} />}
            {isWhole && <StationDrawing station={station} {...given} />}
            {isWhole && <CheckList checks={CHECK_IDS.map((check) => given.assessment.checks[check])} onGo={onGo} />}
          </Column>
          <Column>
            {isWhole && (
              <>
                <RehearsalHere id={id} station={station} />
                <StationChecks station={station} isStale={isStale} {...given} />
                {CONTENT[station](given)}
              </>
            )}
          </Column>
          <Column last>{isWhole && <Aside station={station} {...given} />}</Column>
        </View>
        <NoticeBar />
      </View>
    </View>
  );
}

export function PhoneBatch({ station, top, isWhole, isStale, onGo, given }: Props) {
  const p = usePalette();
  const answer = answerOf(station, given);
  const [isFolded, setFolded] = useState(false);
  const { id } = given.batch;
  return (
    <WithFoot>
      {(foot) => (
        <View style={{ flex: 1, backgroundColor: p.ground }}>
          <RehearsalMark id={id} />
          <View style={{ flex: 1 }}>
            <ScrollView
              role="main"
              contentContainerStyle={{ padding: 16, gap: 18 }}
              scrollEventThrottle={60}
              onScroll={({ nativeEvent }) => setFolded(nativeEvent.contentOffset.y > FOLDS_AT_PX)}
            >
              {top}
              {isWhole && (
                <>
                  {answer !== null && <Answer text={answer} />}
                  <StationDrawing station={station} {...given} />
                  <RehearsalHere id={id} station={station} />
                  <StationChecks station={station} isStale={isStale} {...given} />
                  {STATIONS[station].isCurveFirst && <Aside station={station} {...given} />}
                  {CONTENT[station](given)}
                </>
              )}
            </ScrollView>
            {isFolded && <FoldedSection {...given} />}
          </View>
          <NoticeBar />
          {foot}
          {station === 'fill' && <AddBar {...given} />}
          <StationBar here={station} assessment={given.assessment} onGo={onGo} />
        </View>
      )}
    </WithFoot>
  );
}
