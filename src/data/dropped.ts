/** A file that was dropped onto a page, until the Bench has read it. */
let waiting: File | null = null;
let reader: ((file: File) => void) | null = null;

/** Hands a file over; it is kept until somebody reads it. */
export function handOver(file: File): void {
  if (reader === null) waiting = file;
  else reader(file);
}

/** Whoever reads files: gets what is waiting, too. @returns what ends it */
export function readDropped(read: (file: File) => void): () => void {
  reader = read;
  if (waiting !== null) read(waiting);
  waiting = null;
  return () => {
    if (reader === read) reader = null;
  };
}
