/** A kitchen that cannot be read as a whole, and earlier ones that were set aside. */
import { discardBroken, editKitchen, useStoredKitchen } from '@/data/hooks';
import { BrokenRecordCard } from './broken-record';

/** The day and hour at the end of a dated key, where there is one. */
function dateIn(key: string): string {
  const at = Date.parse(key.slice(key.lastIndexOf('/') + 1));
  return Number.isNaN(at) ? '' : ` on ${new Date(at).toLocaleString([], { dateStyle: 'long', timeStyle: 'short' })}`;
}

export function BrokenKitchen() {
  const stored = useStoredKitchen();
  if (!stored) return null;
  const { broken, setAside } = stored;
  return (
    <>
      {broken && (
        <BrokenRecordCard
          title="The kitchen’s settings cannot all be read"
          record={broken}
          words="What can be read is in use, the usual settings stand for the rest. Nothing was changed. With the next change the old text is set aside under today’s date, and stays."
          fileName="kitchen.txt"
          // A change of nothing: the old text is set aside, what could be read is stored.
          actions={[{ title: 'Go on with what can be read', onPress: () => void editKitchen([]) }]}
        />
      )}
      {setAside.map((record) => (
        <BrokenRecordCard
          key={record.key}
          title="Kitchen settings were set aside"
          record={record}
          words={`They could not be read as a whole, and were set aside${dateIn(record.key)}.`}
          fileName="kitchen-set-aside.txt"
          actions={[{ title: 'Remove them', onPress: () => void discardBroken(record) }]}
        />
      ))}
    </>
  );
}
