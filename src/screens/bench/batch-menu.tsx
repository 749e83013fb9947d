/** What can be done with a whole batch: cook it again, save it, delete it. */
import { router } from 'expo-router';
import { titled } from '@/core/stored/create';
import { type Batch } from '@/core/stored/schema';
import { duplicateBatch } from '@/core/filling/duplicate';
import { exportBatch } from '@/data/files';
import { discardBatch, keepBatch, now } from '@/data/hooks';
import { newId } from '@/data/new-id';
import { Press } from '@/ui/parts/press';
import { Sheet } from '@/ui/parts/sheet';
import * as phrases from './words';

export default function BatchMenu({ batch, onClose }: { batch: Batch; onClose: () => void }) {
  const again = async () => {
    onClose();
    const copy = duplicateBatch(batch, { id: newId(), title: titled(batch.title, ', again'), at: now() });
    if (await keepBatch(copy)) router.navigate(`/batch/${copy.id}/fill`);
  };
  const rehearse = () => {
    onClose();
    router.navigate(`/rehearse?of=${batch.id}`);
  };
  const save = () => {
    onClose();
    exportBatch(batch);
  };
  const discard = () => {
    onClose();
    void discardBatch(batch);
  };
  return (
    <Sheet title={batch.title} onClose={onClose}>
      <Press
        title={phrases.COOK_AGAIN}
        icon="content-copy"
        label={phrases.cookBatchAgain(batch.title)}
        onPress={() => void again()}
      />
      <Press title="Rehearse it" label={`Rehearse ${batch.title}`} onPress={rehearse} />
      <Press
        title={phrases.SAVE_AS_FILE}
        icon="tray-arrow-down"
        label={phrases.saveBatchAsFile(batch.title)}
        onPress={save}
      />
      <Press title="Delete" icon="trash-can-outline" label={`Delete ${batch.title}`} onPress={discard} />
    </Sheet>
  );
}
