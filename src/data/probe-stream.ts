/**
 * What the server's thermometer bridge says, over one connection for the whole browser: the tab that holds the lock listens
 * and passes it on to the others; when it is closed, the next one takes over. Where there are no locks, each tab listens.
 */

interface ProbeEvent {
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

interface Listener {
  onEvent: (event: ProbeEvent) => void;
  onLink: (up: boolean) => void;
}

const NAME = 'involucrum-probes';
const ADDRESS = '/api/probes/stream';
const AGAIN_MS = 1500;
/** Each try waits half as long again, up to this. */
const LATEST_AGAIN_MS = 10_000;

const listeners = new Set<Listener>();
let stop: (() => void) | null = null;

/** What this tab has heard last of each probe, and whether the connection stands; null before anything is known of it. */
const last = new Map<string, { event: ProbeEvent; heardAt: number }>();
let isUp: boolean | null = null;

const lastEvents = (): ProbeEvent[] =>
  [...last.values()].map(({ event, heardAt }) => ({ ...event, ageMs: event.ageMs + performance.now() - heardAt }));

function tell(message: Message): void {
  if (message.is === 'event') {
    last.set(message.event.probe, { event: message.event, heardAt: performance.now() });
    listeners.forEach((l) => l.onEvent(message.event));
  }
  if (message.is === 'link') {
    isUp = message.up;
    listeners.forEach((l) => l.onLink(message.up));
  }
}

/** Listens to all probes; what is known already comes first. @returns what ends it */
export function listenToProbes(listener: Listener): () => void {
  listeners.add(listener);
  queueMicrotask(() => {
    if (!listeners.has(listener)) return;
    if (isUp !== null) listener.onLink(isUp);
    lastEvents().forEach(listener.onEvent);
  });
  stop ??= join();
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    stop?.();
    stop = null;
    isUp = null;
    last.clear();
  };
}

/** Joins the tabs that listen, and waits for its turn to hold the connection. */
function join(): () => void {
  const channel = new BroadcastChannel(NAME);
  const over = new AbortController();
  let isHolding = false;
  channel.onmessage = ({ data }: MessageEvent<Message>) => {
    if (data.is !== 'hello') tell(data);
    else if (isHolding) {
      if (isUp !== null) channel.postMessage({ is: 'link', up: isUp } satisfies Message);
      for (const event of lastEvents()) channel.postMessage({ is: 'event', event } satisfies Message);
    }
  };
  const pass = (message: Message) => {
    tell(message);
    channel.postMessage(message);
  };
  const hold = () =>
    new Promise<void>((resolve) => {
      isHolding = true;
      const close = connect(pass);
      over.signal.addEventListener('abort', () => {
        close();
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

/** Whether there is a bridge at all: static hosting answers with a page, a stopped server not at all. */
async function hasBridge(): Promise<boolean> {
  try {
    const answer = await fetch('/api/probes');
    return answer.ok && (answer.headers.get('content-type') ?? '').includes('json');
  } catch {
    return false;
  }
}

/** The connection itself; broken, it is made again and again. @returns what closes it */
function connect(pass: (message: Message) => void): () => void {
  let source: EventSource | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isOver = false;
  let wait = AGAIN_MS;
  const again = () => {
    source?.close();
    source = null;
    if (isOver) return;
    pass({ is: 'link', up: false });
    timer = setTimeout(() => void open(), wait);
    wait = Math.min(LATEST_AGAIN_MS, 1.5 * wait);
  };
  const open = async () => {
    if (!(await hasBridge())) {
      again();
      return;
    }
    if (isOver) return;
    source = new EventSource(ADDRESS);
    source.onopen = () => {
      wait = AGAIN_MS;
      pass({ is: 'link', up: true });
    };
    source.onmessage = ({ data }: MessageEvent<string>) => pass({ is: 'event', event: JSON.parse(data) as ProbeEvent });
    source.onerror = again;
  };
  void open();
  return () => {
    isOver = true;
    clearTimeout(timer);
    source?.close();
  };
}
