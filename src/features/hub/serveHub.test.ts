import { describe, expect, it } from "vitest";
import { resolveSenml } from "@/core/files/senml";
import type { HubSpec } from "@/core/hub";
import { serveHub } from "./serveHub";

const HOUR_MS = 3_600_000;
const spec: HubSpec = {
  ...{ seed: 1, fromMs: 0, untilMs: 2 * HOUR_MS, everyS: 300, dayFromMin: 480, dayUntilMin: 1200, aheadMin: 0 },
  ...{ lostShare: 0, sticks: null },
  channels: [{ series: "coolEnd.temperatureC", day: 24, night: 20, lagMin: 60, noise: 0.1, driftADay: 0, digits: 1 }],
};
const ask = (query: Record<string, string>, signal?: AbortSignal) =>
  serveHub(new Request(`http://here/api/hub?${new URLSearchParams(query).toString()}`, signal ? { signal } : {}));

describe("the hub's stream", () => {
  it("is a stream of events, each a SenML pack, the last of them over", async () => {
    const answer = ask({ spec: JSON.stringify(spec) });
    expect(answer.headers.get("content-type")).toBe("text/event-stream");
    const events = (await answer.text()).trimEnd().split("\n\n");
    expect(events.at(-1)).toBe("event: over\ndata: []");
    const records = events.slice(0, -1).flatMap((event) => {
      const read = resolveSenml(JSON.parse(event.replace(/^data: /, "")), 0);
      return read.ok ? read.records : [];
    });
    expect(records).toHaveLength(24);
    // Times near 1970 count from now by RFC 8428, which is nought here.
    expect(records.map(({ atMs }) => atMs)).toEqual(Array.from({ length: 24 }, (_, n) => n * 300_000));
  });

  it("refuses what is no spec by the field", async () => {
    for (const [asked, field] of [
      ["{", "spec"],
      ["null", "spec"],
      [JSON.stringify({ ...spec, everyS: 0 }), "spec.everyS"],
      [JSON.stringify({ ...spec, channels: [{ ...spec.channels[0], lagMin: -1 }] }), "spec.channels.0.lagMin"],
    ] as const) {
      const answer = ask({ spec: asked });
      expect(answer.status).toBe(400);
      expect(await answer.text()).toBe(field);
    }
  });

  it("are no more than a few at once, and one that ends makes room at once", async () => {
    const long = JSON.stringify({ ...spec, untilMs: 300 * 24 * HOUR_MS });
    const stops = Array.from({ length: 20 }, () => new AbortController());
    const answers = stops.map(({ signal }) => ask({ spec: long, pace: "live" }, signal));
    expect(answers.filter(({ status }) => status === 200)).toHaveLength(8);
    expect(answers.filter(({ status }) => status === 503).every(({ headers }) => headers.has("retry-after"))).toBe(
      true,
    );
    // One waits five minutes for its next instant, and lets go all the same.
    await answers[0]?.body?.getReader().read();
    stops[0]?.abort();
    expect(ask({ spec: long, pace: "live" }, stops[19]?.signal).status).toBe(200);
    for (const stop of stops) stop.abort();
    expect(ask({ spec: JSON.stringify(spec) }).status).toBe(200);
  });

  it("ends when nobody listens any more", async () => {
    const stop = new AbortController();
    const reader = ask(
      { spec: JSON.stringify({ ...spec, untilMs: 300 * 24 * HOUR_MS }) },
      stop.signal,
    ).body?.getReader();
    await reader?.read();
    stop.abort();
    let left = 0;
    while (!(await reader?.read())?.done) left += 1;
    expect(left).toBeLessThan(3);
  });
});
