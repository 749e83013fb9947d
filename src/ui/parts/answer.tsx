/** A station's one answer, which stands first. */
import { Sentence } from './text';

export const Answer = ({ text }: { text: string }) => (
  <Sentence text={text} style={{ fontSize: 20, lineHeight: 27, minHeight: 27 }} />
);
