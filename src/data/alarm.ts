/** Alarms: a notification where it is allowed, a sound and the page's title otherwise, and a word at the foot of the screen. */
import AsyncStorage from '@react-native-async-storage/async-storage';
import { inTurn } from './lock';
import { type Notice, say } from './notices';

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

/** Alarms that have been raised, in whatever tab, also before a reload: none is raised twice. */
const KEY = 'involucrum/raised';
const MOST = 100;
const raised = new Set<string>();

async function isNew(tag: string): Promise<boolean> {
  if (raised.has(tag)) return false;
  raised.add(tag);
  return inTurn(async () => {
    try {
      const before = JSON.parse((await AsyncStorage.getItem(KEY)) ?? '[]') as string[];
      if (before.includes(tag)) return false;
      await AsyncStorage.setItem(KEY, JSON.stringify([...before, tag].slice(-MOST)));
    } catch {
      // Closed or full: better raised twice than not at all.
    }
    return true;
  });
}

/**
 * Raises an alarm, once.
 * @param tag says which one it is
 * @param kind a problem stays on screen until it is put away
 */
export async function raiseAlarm(text: string, tag: string, kind: Notice['kind'] = 'done'): Promise<void> {
  if (!(await isNew(tag))) return;
  say({ text, kind });
  document.title = `! ${text}`;
  beep();
  if ('Notification' in window && Notification.permission === 'granted')
    new Notification('Involucrum', { body: text, tag });
}
