import "./testing";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { happened, started } from "@/core/testing";
import { db } from "./db";
import { listenTo, stopListening, takeDeviceOut, useDevice, type Device } from "./device";
import { putHabitats } from "./habitats";
import { lastSamples } from "./ranges";
import { useSession } from "./session";

const AT_S = Date.UTC(2026, 2, 1, 10) / 1000;
const pack = (n: number, v = 24) => [{ n: "hub/warmEnd/temperatureC", u: "Cel", t: AT_S + n * 60, v }];

/** A device in the hands of the test. */
function handed(): {
  device: Device;
  tell: (pack: unknown) => void;
  over: () => void;
  lost: () => void;
  isHeard: () => boolean;
} {
  let hearing: Parameters<Device>[0] | undefined;
  return {
    device: (heard) => {
      hearing = heard;
      return () => (hearing = undefined);
    },
    tell: (told) => hearing?.told(told),
    over: () => hearing?.over(),
    lost: () => hearing?.lost(),
    isHeard: () => hearing !== undefined,
  };
}

const kept = async (habitatId = "h") =>
  (await lastSamples(habitatId, ["warmEnd.temperatureC"], Number.MAX_SAFE_INTEGER, 100)).map(({ value }) => value);
const until = (state: string) => vi.waitFor(() => expect(useDevice.getState().state).toBe(state));

beforeEach(async () => {
  for (const table of db().tables) await table.clear();
  await putHabitats(
    ["h", "other"].map((id) => ({
      design: started({ id }),
      events: happened({ kind: "movedIn", on: "2026-02-01" }),
      samples: [],
    })),
  );
  await useSession.getState().open("h");
});

describe("listening to a device", () => {
  it("keeps what it tells until it has told all, the newest known to the session", async () => {
    const hub = handed();
    listenTo(hub.device);
    expect(useDevice.getState()).toMatchObject({ state: "listening", habitatId: "h", count: 0 });
    hub.tell(pack(0, 24));
    hub.tell(pack(1, 25));
    hub.over();
    await until("over");
    expect(useDevice.getState()).toMatchObject({ count: 2, untilMs: (AT_S + 60) * 1000, problem: undefined });
    expect(await kept()).toEqual([25, 24]);
    expect(useSession.getState().log.newest["warmEnd.temperatureC"]?.value).toBe(25);
  });

  it("tells what is no SenML by its record, and keeps the rest", async () => {
    const hub = handed();
    listenTo(hub.device);
    hub.tell([{ n: "a", v: "warm" }]);
    hub.tell(pack(0));
    hub.lost();
    await until("lost");
    expect(useDevice.getState().problem).toEqual({ code: "senml.badField", at: 1, field: "v" });
    expect(await kept()).toEqual([24]);
  });

  it("lets go of a device that is stopped, or that another takes the place of", async () => {
    const [first, second] = [handed(), handed()];
    listenTo(first.device);
    listenTo(second.device);
    expect([first.isHeard(), second.isHeard()]).toEqual([false, true]);
    stopListening();
    await until("idle");
    expect(second.isHeard()).toBe(false);
  });

  it("takes out again what it told, and nothing else", async () => {
    useSession.getState().read({ at: "2026-03-01T09:00:00.000Z", place: "warmEnd", temperatureC: 20 });
    await useSession.getState().settle();
    const hub = handed();
    listenTo(hub.device);
    hub.tell(pack(0));
    hub.tell(pack(1));
    hub.over();
    await until("over");
    expect(await kept()).toHaveLength(3);
    await takeDeviceOut();
    expect(await kept()).toEqual([20]);
    expect(useDevice.getState()).toMatchObject({ state: "idle", count: 0 });
    expect(useSession.getState().log.newest["warmEnd.temperatureC"]?.value).toBe(20);
  });

  it("never writes into another habitat that was opened meanwhile", async () => {
    const hub = handed();
    listenTo(hub.device);
    await useSession.getState().open("other");
    hub.tell(pack(0));
    hub.over();
    await until("idle");
    expect(await kept("other")).toEqual([]);
  });
});

describe("the last samples", () => {
  it("are the newest first, up to an instant, over several weeks", async () => {
    const day = 86_400_000;
    const hub = handed();
    listenTo(hub.device);
    for (let n = 0; n < 30; n++)
      hub.tell([{ n: "hub/warmEnd/temperatureC", u: "Cel", t: AT_S + (n * day) / 1000, v: 10 + n }]);
    hub.over();
    await until("over");
    const told = (toMs: number, most: number) => lastSamples("h", ["warmEnd.temperatureC"], toMs, most);
    expect((await told(Number.MAX_SAFE_INTEGER, 10)).map(({ value }) => value)).toEqual(
      Array.from({ length: 10 }, (_, n) => 39 - n),
    );
    expect((await told(AT_S * 1000 + 5 * day, 3)).map(({ value }) => value)).toEqual([15, 14, 13]);
    expect(await told(0, 3)).toEqual([]);
  });
});
