/** A kitchen that cannot be read as a whole, and earlier ones that were set aside. */
import { discardBroken, editKitchen, useStoredKitchen } from '@/data/hooks';
import { BrokenRecordCard } from './broken-record';
import * as phrases from './words';

/** The day and hour at the end of a dated key, where there is one. */
function dateIn(key: string): string {
  const savedAt = Date.parse(key.slice(key.lastIndexOf('/') + 1));
  return Number.isNaN(savedAt)
    ? ''
    : ` on ${new Date(savedAt).toLocaleString([], { dateStyle: 'long', timeStyle: 'short' })}`;
}

export function BrokenKitchen() {
  const stored = useStoredKitchen();
  if (!stored) return null;
  const { broken, setAside } = stored;
  return (
    <>
      {broken && (
        <BrokenRecordCard
          title={phrases.SETTINGS_NOT_READ}
          record={broken}
          words={phrases.SETTINGS_IN_USE}
          fileName="kitchen.txt"
          // A change of nothing: the old text is set aside, what could be read is stored.
          actions={[{ title: phrases.GO_ON_WITH_REST, onPress: () => void editKitchen([]) }]}
        />
      )}
      {setAside.map((record) => (
        <BrokenRecordCard
          key={record.key}
          title={phrases.SETTINGS_SET_ASIDE}
          record={record}
          words={phrases.setAsideUnder(dateIn(record.key))}
          fileName="kitchen-set-aside.txt"
          actions={[{ title: 'Remove them', onPress: () => void discardBroken(record) }]}
        />
      ))}
    </>
  );
}
