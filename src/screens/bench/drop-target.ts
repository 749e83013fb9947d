/** What is dropped onto any page: a batch or a saved recipe page goes to the Bench, a text to Begin as if it were pasted. */
import { router } from 'expo-router';
import { handOver } from '@/data/dropped';

const isField = ({ target }: Event): boolean => target instanceof Element && target.closest('input, textarea') !== null;

/** A link or a selection of the page itself that slips out of a hand: nothing comes in by it. */
let isOwn = false;

/** The browser would open the file in place of the program: nothing typed is lost by a hand that slips. */
const allow = (event: DragEvent): void => {
  if (!isOwn && !isField(event)) event.preventDefault();
};

const isText = ({ name, type }: File): boolean => type === 'text/plain' || /\.(?:txt|md)$/i.test(name);

const begin = (text: string): void => {
  if (text.trim() !== '') router.navigate({ pathname: '/begin', params: { text } });
};

async function dropped(event: DragEvent): Promise<void> {
  if (isOwn || isField(event) || event.dataTransfer === null) return;
  event.preventDefault();
  const file = event.dataTransfer.files.item(0);
  if (file === null) return begin(event.dataTransfer.getData('text/plain'));
  if (isText(file)) return begin(await file.text());
  handOver(file);
  router.navigate('/');
}

/** @returns what ends it */
export function listenForDrops(): () => void {
  const drop = (event: DragEvent) => void dropped(event);
  const begins = () => {
    isOwn = true;
  };
  const ends = () => {
    isOwn = false;
  };
  window.addEventListener('dragstart', begins);
  window.addEventListener('dragend', ends);
  window.addEventListener('dragover', allow);
  window.addEventListener('drop', drop);
  return () => {
    window.removeEventListener('dragstart', begins);
    window.removeEventListener('dragend', ends);
    window.removeEventListener('dragover', allow);
    window.removeEventListener('drop', drop);
  };
}
