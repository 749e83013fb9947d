/** A browser's storage for tests: it can be full, or closed. */
export class MemoryStorage {
  readonly texts = new Map<string, string>();
  /** Refuses to store. */
  isFull = false;
  /** Refuses everything. */
  isClosed = false;

  private check(refuses: boolean): void {
    if (refuses || this.isClosed) throw new Error('QuotaExceededError');
  }

  getItem = async (key: string): Promise<string | null> => {
    this.check(false);
    return this.texts.get(key) ?? null;
  };

  setItem = async (key: string, text: string): Promise<void> => {
    this.check(this.isFull);
    this.texts.set(key, text);
  };

  removeItem = async (key: string): Promise<void> => {
    this.check(false);
    this.texts.delete(key);
  };

  getAllKeys = async (): Promise<string[]> => {
    this.check(false);
    return [...this.texts.keys()];
  };

  /** As a new browser has it. */
  empty(): void {
    this.texts.clear();
    this.isFull = false;
    this.isClosed = false;
  }
}
