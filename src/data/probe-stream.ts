/**
 * What the server's thermometer bridge says, over one connection for the whole browser: the tab that holds the lock listens
 * and passes it on to the others; when it is closed, the next one takes over. Where there are no locks, each tab listens.
 */

export interface ProbeEvent {
  probe: string;
  /** °C; null where the probe has no signal. */
  c: number | null;
  /** ms since the server heard it, when it was sent. */
  ageMs: number;
  simulated: boolean;
}

type Message =
  | { is: 'event'; event: ProbeEvent }
  /** Whether the connection stands. */
  | { is: 'link'; up: boolean }
  /** A tab has just begun to listen: say again what is known. */
  | { is: 'hello' };

export interface Listener {
  onEvent: (event: ProbeEvent) => void;
  onLink: (up: boolean) => void;
}

const NAME = 'involucrum-probes';
const ADDRESS = '/api/probes/stream';
const AGAIN_MS = 2000;

const listeners = new Set<Listener>();
let stop: (() => void) | null = null;

function tell(message: Message): void {
  if (message.is === 'event') listeners.forEach((l) => l.onEvent(message.event));
  if (message.is === 'link') listeners.forEach((l) => l.onLink(message.up));
}

/** Listens to all probes. @returns what ends it */
export function listenToProbes(listener: Listener): () => void {
  listeners.add(listener);
  stop ??= join();
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    stop?.();
    stop = null;
  };
}

/** Joins the tabs that listen, and waits for its turn to hold the connection. */
function join(): () => void {
  const channel = new BroadcastChannel(NAME);
  const over = new AbortController();
  let repeat: () => void = () => undefined;
  channel.onmessage = ({ data }: MessageEvent<Message>) => {
    if (data.is === 'hello') repeat();
    else tell(data);
  };
  const pass = (message: Message) => {
    tell(message);
    channel.postMessage(message);
  };
  const hold = () =>
    new Promise<void>((resolve) => {
      const connection = connect(pass);
      repeat = connection.repeat;
      over.signal.addEventListener('abort', () => {
        connection.close();
        resolve();
      });
    });
  channel.postMessage({ is: 'hello' } satisfies Message);
  if (navigator.locks) {
    // Refused only when it is over.
    navigator.locks.request(NAME, { signal: over.signal }, hold).catch(() => undefined);
  } else void hold();
  return () => {
    over.abort();
    channel.close();
  };
}

/** The connection itself; broken, it is made again and again. */
function connect(pass: (message: Message) => void): { repeat: () => void; close: () => void } {
  const last = new Map<string, { event: ProbeEvent; heardAt: number }>();
  let up: boolean | null = null;
  let source: EventSource;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const link = (is: boolean) => {
    up = is;
    pass({ is: 'link', up: is });
  };
  const open = () => {
    source = new EventSource(ADDRESS);
    source.onopen = () => link(true);
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const event = JSON.parse(data) as ProbeEvent;
      last.set(event.probe, { event, heardAt: performance.now() });
      pass({ is: 'event', event });
    };
    source.onerror = () => {
      link(false);
      // Not found, or another kind of page: the browser gives up by itself.
      if (source.readyState === EventSource.CLOSED) timer = setTimeout(open, AGAIN_MS);
    };
  };
  open();
  return {
    repeat: () => {
      if (up !== null) pass({ is: 'link', up });
      for (const { event, heardAt } of last.values()) {
        pass({ is: 'event', event: { ...event, ageMs: event.ageMs + performance.now() - heardAt } });
      }
    },
    close: () => {
      clearTimeout(timer);
      source.close();
    },
  };
}
