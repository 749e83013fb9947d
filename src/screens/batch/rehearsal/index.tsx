/** What marks a rehearsal on every screen of its batch, and what can be done only there; fetched when one is opened. */
import { lazy, Suspense } from 'react';
import { isRehearsal } from '@/core/stored/rehearsal';
import { Boundary } from '@/ui/shell/boundary';
import { type Station } from '../../stations';
import * as phrases from '../words';

const Bar = lazy(() => import('./parts').then((m) => ({ default: m.RehearsalBar })));
const Looks = lazy(() => import('./parts').then((m) => ({ default: m.RehearsalLooks })));

/** Its clock, above everything; nothing of a real batch. */
export const RehearsalMark = ({ id }: { id: string }) =>
  isRehearsal(id) ? (
    <Boundary what={phrases.REHEARSAL_CLOCK}>
      <Suspense fallback={null}>
        <Bar id={id} />
      </Suspense>
    </Boundary>
  ) : null;

/** What can be looked at, tasted and weighed at a station. */
export const RehearsalHere = ({ id, station }: { id: string; station: Station }) =>
  isRehearsal(id) ? (
    <Boundary what={phrases.WHAT_CAN_BE_LOOKED_AT}>
      <Suspense fallback={null}>
        <Looks id={id} station={station} />
      </Suspense>
    </Boundary>
  ) : null;
