/** Reads each step aloud with the browser's own voice, where it has one and it is wanted. */
import { useEffect, useRef, useState } from 'react';
import { type PlannedTask } from '@/core/day/day-plan';
import { spokenStep } from '@/core/day/one-batch-words';
import { Press } from '@/ui/parts/press';
import * as phrases from '../words';

const canSpeak = (): boolean =>
  typeof speechSynthesis !== 'undefined' && typeof SpeechSynthesisUtterance !== 'undefined';

function speak(text: string): void {
  speechSynthesis.cancel();
  const utterance = new SpeechSynthesisUtterance(text);
  utterance.lang = 'en-GB';
  speechSynthesis.speak(utterance);
}

export function ReadAloud({ task }: { task: PlannedTask | null }) {
  const [isOn, setOn] = useState(false);
  const text = task === null ? '' : spokenStep(task);
  const key = task === null ? '' : `${task.id} ${task.state}`;
  const latest = useRef(text);
  useEffect(() => {
    latest.current = text;
  }, [text]);
  // It is said once a step, not whenever a figure in it changes.
  useEffect(() => {
    if (!isOn || key === '') return undefined;
    speak(latest.current);
    return () => speechSynthesis.cancel();
  }, [isOn, key]);
  if (!canSpeak()) return null;
  return (
    <Press
      title={isOn ? 'Quiet' : 'Read aloud'}
      label={isOn ? phrases.STOP_READING : phrases.READ_EACH_STEP}
      kind="clear"
      onPress={() => setOn(!isOn)}
    />
  );
}
