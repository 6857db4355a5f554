import { HubSpecSchema, hubPacks, type HubSpec } from "@/core/hub";

/** At once: so many instants in one piece, one piece after the other with so long between. */
const AT_ONCE = { instants: 12, waitMs: 40 };

const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

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
async function* eventsOf(spec: HubSpec, isLive: boolean): AsyncGenerator<string> {
  const { instants, waitMs } = isLive ? { instants: 1, waitMs: spec.everyS * 1000 } : AT_ONCE;
  let [records, count] = [[] as unknown[], 0];
  for (const pack of hubPacks(spec)) {
    records.push(...pack);
    count += 1;
    if (count < instants) continue;
    yield `data: ${JSON.stringify(records)}\n\n`;
    [records, count] = [[], 0];
    await wait(waitMs);
  }
  if (count > 0) yield `data: ${JSON.stringify(records)}\n\n`;
  yield "event: over\ndata: []\n\n";
}

/**
 * Streams what a simulated hub tells as SenML over server-sent events, until it has told all or nobody listens. It knows
 * nothing but what it is asked with, and keeps nothing.
 */
export function serveHub(request: Request): Response {
  const asked = specOf(request.url);
  if ("field" in asked) return new Response(asked.field, { status: 400 });
  const events = eventsOf(asked.spec, asked.isLive);
  const text = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    pull: async (to) => {
      const next = await events.next();
      if (next.done === true || request.signal.aborted) to.close();
      else to.enqueue(text.encode(next.value));
    },
    cancel: () => void events.return(undefined),
  });
  return new Response(body, {
    headers: { "content-type": "text/event-stream", "cache-control": "no-store", "x-accel-buffering": "no" },
  });
}
