/**
 * Alarms: a notification where it is allowed, sound and a shake where the device lets them, the page's title, and a word at the
 * foot of the screen. A page that is closed raises none, and nothing here says that it does.
 */
import AsyncStorage from '@react-native-async-storage/async-storage';
import { inTurn } from './lock';
import { type Notice, say } from './notices';

let audio: AudioContext | null = null;

/** Asks, at a tap of the cook's that starts a clock; and lets the sound be heard later, which a browser does only from a tap on. */
export function askToNotify(): void {
  if ('Notification' in window && Notification.permission === 'default')
    Notification.requestPermission().catch(() => undefined);
  if (!('AudioContext' in window)) return;
  audio ??= new AudioContext();
  audio.resume().catch(() => undefined);
}

const BEEPS = 3;
/** A shake, a pause, a shake, ms. */
const SHAKE = [300, 150, 300];

/** Three short beeps. A browser that has not been touched yet stays silent. */
function beep(): void {
  if (!('AudioContext' in window)) return;
  audio ??= new AudioContext();
  const sound = audio;
  for (let i = 0; i < BEEPS; i++) {
    const tone = sound.createOscillator();
    const volume = sound.createGain();
    volume.gain.value = 0.15;
    tone.frequency.value = 880;
    tone.connect(volume).connect(sound.destination);
    tone.start(sound.currentTime + i * 0.35);
    tone.stop(sound.currentTime + i * 0.35 + 0.18);
  }
}

/** Phones show notifications only through the service worker; where there is none, the page's own. A tap opens the place. */
async function notify(text: string, tag: string, url: string, isProblem: boolean): Promise<void> {
  if (!('Notification' in window) || Notification.permission !== 'granted') return;
  const options = { body: text, tag, data: { url }, requireInteraction: isProblem, vibrate: SHAKE };
  const registration = 'serviceWorker' in navigator ? await navigator.serviceWorker.getRegistration() : undefined;
  if (registration?.active) {
    await registration.showNotification('Involucrum', options);
    return;
  }
  const shown = new Notification('Involucrum', { body: text, tag });
  shown.onclick = () => {
    window.focus();
    window.location.assign(url);
  };
}

/** Alarms that have been raised, in whatever tab, also before a reload: none is raised twice. */
const KEY = 'involucrum/raised';
/** An alarm never waits until a plan has been written down. */
const TURN = 'involucrum alarms';
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
  }, TURN);
}

/** Of what is gone nothing is remembered. @param id of a document: its alarms' tags begin with it */
export const forgetAlarms = (id: string): Promise<void> =>
  inTurn(async () => {
    const isOf = (tag: string): boolean => tag.startsWith(`${id} `);
    for (const tag of [...raised].filter(isOf)) raised.delete(tag);
    try {
      const before = JSON.parse((await AsyncStorage.getItem(KEY)) ?? '[]') as string[];
      if (before.some(isOf)) await AsyncStorage.setItem(KEY, JSON.stringify(before.filter((tag) => !isOf(tag))));
    } catch {
      // A store that is closed remembers nothing anyway.
    }
  }, TURN);

/**
 * Raises an alarm, once.
 * @param tag says which one it is, and begins with the document's id
 * @param url what a tap on it opens
 * @param kind a problem stays on screen until it is put away
 */
export async function raiseAlarm(text: string, tag: string, url: string, kind: Notice['kind'] = 'done'): Promise<void> {
  if (!(await isNew(tag))) return;
  say({ text, kind });
  document.title = `! ${text}`;
  beep();
  if ('vibrate' in navigator) navigator.vibrate(SHAKE);
  // Refused or broken it is still on screen, and has been heard.
  await notify(text, tag, url, kind === 'problem').catch(() => undefined);
}
