import { HubSpecSchema, hubPacks, type HubSpec } from "@/core/hub";

/** At once: so many instants in one piece, one piece after the other with so long between. */
const AT_ONCE = { instants: 12, waitMs: 40 };

/** Waits, but no longer than anybody listens. */
const wait = (ms: number, stop: AbortSignal): Promise<void> =>
  new Promise((resolve) => {
    const timer = setTimeout(resolve, ms);
    const end = (): void => {
      clearTimeout(timer);
      resolve();
    };
    stop.addEventListener("abort", end, { once: true });
  });

function specOf(address: string): { spec: HubSpec; isLive: boolean } | { field: string } {
  const asked = new URL(address).searchParams;
  let raw: unknown;
  try {
    raw = JSON.parse(asked.get("spec") ?? "null");
  } catch {
    return { field: "spec" };
  }
  const read = HubSpecSchema.safeParse(raw);
  if (read.success) return { spec: read.data, isLive: asked.get("pace") === "live" };
  return { field: ["spec", ...(read.error.issues[0]?.path ?? [])].join(".") };
}

/** Server-sent events (WHATWG HTML, section 9.2): each a SenML pack, the last of them "over". */
async function* eventsOf(spec: HubSpec, isLive: boolean, stop: AbortSignal): AsyncGenerator<string> {
  const { instants, waitMs } = isLive ? { instants: 1, waitMs: spec.everyS * 1000 } : AT_ONCE;
  let [records, count] = [[] as unknown[], 0];
  for (const pack of hubPacks(spec)) {
    records.push(...pack);
    count += 1;
    if (count < instants) continue;
    yield `data: ${JSON.stringify(records)}\n\n`;
    [records, count] = [[], 0];
    await wait(waitMs, stop);
    if (stop.aborted) return;
  }
  if (count > 0) yield `data: ${JSON.stringify(records)}\n\n`;
  yield "event: over\ndata: []\n\n";
}

/** A hub is tried out by one keeper, in a few tabs: more streams at once are refused, so that pages stay quick. */
const MOST_AT_ONCE = 8;
const TRY_AGAIN_S = 5;
let open = 0;

/**
 * Streams what a simulated hub tells as SenML over server-sent events, until it has told all or nobody listens. It knows
 * nothing but what it is asked with, and keeps nothing.
 */
export function serveHub(request: Request): Response {
  const asked = specOf(request.url);
  if ("field" in asked) return new Response(asked.field, { status: 400 });
  if (open >= MOST_AT_ONCE)
    return new Response("too many at once", { status: 503, headers: { "retry-after": `${TRY_AGAIN_S}` } });
  open += 1;
  const stop = new AbortController();
  const release = (): void => {
    if (stop.signal.aborted) return;
    open -= 1;
    stop.abort();
  };
  // At once, not when the next piece is due.
  request.signal.addEventListener("abort", release, { once: true });
  if (request.signal.aborted) release();
  const events = eventsOf(asked.spec, asked.isLive, stop.signal);
  const text = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    pull: async (to) => {
      const next = await events.next();
      if (next.done !== true && !stop.signal.aborted) return to.enqueue(text.encode(next.value));
      release();
      to.close();
    },
    cancel: release,
  });
  return new Response(body, {
    headers: { "content-type": "text/event-stream", "cache-control": "no-store", "x-accel-buffering": "no" },
  });
}
