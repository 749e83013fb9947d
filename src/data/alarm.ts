/** Alarms: a notification where it is allowed, a sound and the page's title otherwise, and a word at the foot of the screen. */
import { say } from './notices';

/** Asks once, at a tap of the cook's. */
export function askToNotify(): void {
  if ('Notification' in window && Notification.permission === 'default') void Notification.requestPermission();
}

const BEEPS = 3;

/** Three short beeps. A browser that has not been touched yet stays silent. */
function beep(): void {
  if (!('AudioContext' in window)) return;
  const audio = new AudioContext();
  for (let i = 0; i < BEEPS; i++) {
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    volume.gain.value = 0.15;
    tone.frequency.value = 880;
    tone.connect(volume).connect(audio.destination);
    tone.start(audio.currentTime + i * 0.35);
    tone.stop(audio.currentTime + i * 0.35 + 0.18);
  }
  setTimeout(() => void audio.close(), 2000);
}

/** Raises an alarm. @param tag the same alarm replaces itself */
export function raiseAlarm(text: string, tag: string): void {
  say({ text, kind: 'done' });
  document.title = `! ${text}`;
  beep();
  if ('Notification' in window && Notification.permission === 'granted')
    new Notification('Involucrum', { body: text, tag });
}
