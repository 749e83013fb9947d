export { NoteStation as default } from './note-station';
