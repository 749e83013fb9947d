/** Watches every bench clock that runs, on whatever page the cook is, and raises its alarms. Shows nothing. */
import { useEffect, useMemo, useRef } from 'react';
import { boardClock, type BoardClock, boardEvents } from '@/core/cooling/board-clock';
import { wrapSeconds } from '@/core/learning/learned';
import { type Batch } from '@/core/stored/schema';
import { judgement } from '@/core/checks/judgement';
import { raiseAlarm } from '@/data/alarm';
import { useHeat } from '@/data/heat';
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
  const { heat } = useHeat(batch, kitchen, 'first');
  // What keeps has no hours; what has cooled before it came here has some of them behind it.
  const { counts, beforeBoardMinutes } = useMemo(
    () => judgement(batch, kitchen, heat).exposure,
    [batch, kitchen, heat],
  );
  const { board } = batch.wrap;
  const clock =
    board &&
    boardClock(board, {
      now: latest,
      count: batch.count,
      roomC: kitchen.roomC,
      usualSeconds: wrapSeconds(batch.wrap.edge, kitchen),
      beforeMinutes: beforeBoardMinutes,
    });
  useEffect(() => {
    if (!clock || !board || !counts) return;
    for (const { id, kind, text } of boardEvents(before.current, clock)) {
      const tag = `${batch.id} ${board.stretches[0].outAt} ${id}`;
      void raiseAlarm(`${batch.title}: ${text}`, tag, `/batch/${batch.id}/wrap`, kind === 'over' ? 'problem' : 'done');
    }
    before.current = clock;
  });
  return null;
}
