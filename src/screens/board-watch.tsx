/** Watches every bench clock that runs, on whatever page the cook is, and raises its alarms. Shows nothing. */
import { useEffect, useMemo, useRef } from 'react';
import { boardClock, type BoardClock, boardEvents } from '@/core/cooling/board-clock';
import { wrapSeconds } from '@/core/document/learned';
import { type Batch } from '@/core/document/schema';
import { judgement } from '@/core/checks/judgement';
import { raiseAlarm } from '@/data/alarm';
import { useBatches, useKitchen } from '@/data/hooks';
import { useRunTime } from '@/data/run-time';

const EVERY_MS = 1000;

export function BoardWatch() {
  const { data } = useBatches();
  return data?.batches.map(
    (batch) => batch.wrap.board && <Watch key={`${batch.id} ${batch.wrap.board.stretches[0].outAt}`} batch={batch} />,
  );
}

function Watch({ batch }: { batch: Batch }) {
  const kitchen = useKitchen();
  const { latest } = useRunTime(batch, EVERY_MS, 'board');
  const before = useRef<BoardClock | null>(null);
  // A filling without animal food has no hours.
  const isRisky = useMemo(() => judgement(batch, kitchen, null).limit.kind === 'safety', [batch, kitchen]);
  const { board } = batch.wrap;
  const clock =
    board &&
    boardClock(board, {
      now: latest,
      count: batch.count,
      roomC: kitchen.roomC,
      usualSeconds: wrapSeconds(batch.wrap.edge, kitchen),
    });
  useEffect(() => {
    if (!clock || !board || !isRisky) return;
    for (const { id, kind, text } of boardEvents(before.current, clock)) {
      const tag = `${batch.id} ${board.stretches[0].outAt} ${id}`;
      void raiseAlarm(`${batch.title}: ${text}`, tag, kind === 'over' ? 'problem' : 'done');
    }
    before.current = clock;
  });
  return null;
}
