/** Lets the kitchen learn of a batch; of a demo it says at once that it doesn't. */
import { DEMO_TEACHES_NOTHING, isDemo } from '@/core/stored/demo-id';
import { Press } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';

export const LearnPress = ({ of, title, onPress }: { of: string; title: string; onPress: () => void }) =>
  isDemo(of) ? <Small>{DEMO_TEACHES_NOTHING}</Small> : <Press title={title} onPress={onPress} />;
