"use client";

import { create } from "zustand";
import { channelsIn, resolveSenml, samplesIn, type SenmlProblem } from "@/core/files/senml";
import { blocksOfSamples, type SeriesSample } from "@/core/log";
import { useSession } from "./session";

/** Who hears a device: packs of SenML as they come, that it has told all, that it is gone. */
type Hearing = { told: (pack: unknown) => void; over: () => void; lost: () => void };

/** A device that tells readings until it is let go of: a hub of any make fits in here. */
export type Device = (hearing: Hearing) => () => void;

/** A device that streams SenML packs as server-sent events from an address, "over" at the end. */
export const deviceAt =
  (address: string): Device =>
  ({ told, over, lost }) => {
    const source = new EventSource(address);
    source.addEventListener("message", ({ data }: MessageEvent<string>) => told(JSON.parse(data)));
    source.addEventListener("over", () => {
      source.close();
      over();
    });
    source.addEventListener("error", () => {
      source.close();
      lost();
    });
    return () => source.close();
  };

export type Listening = {
  state: "idle" | "listening" | "over" | "lost";
  habitatId: string;
  /** Readings kept so far, and the newest of them. */
  count: number;
  untilMs: number | undefined;
  problem: SenmlProblem | undefined;
};
const IDLE: Listening = { state: "idle", habitatId: "", count: 0, untilMs: undefined, problem: undefined };

export const useDevice = create<Listening>(() => IDLE);

/** Readings are written together that came within so long. */
const TOGETHER_MS = 1000;

let letGo: (() => void) | undefined;
let waiting: SeriesSample[] = [];
/** All that came by this device since it was listened to, so that it can be taken out again. */
let told: SeriesSample[] = [];
let timer: ReturnType<typeof setTimeout> | undefined;
let writing: Promise<unknown> = Promise.resolve();

const isOpen = (): boolean => useSession.getState().history?.present.id === useDevice.getState().habitatId;

function write(): void {
  timer = undefined;
  const samples = waiting;
  waiting = [];
  if (samples.length === 0) return;
  writing = writing.then(async () => {
    if (!isOpen()) return stopListening();
    await useSession.getState().takeIn(blocksOfSamples(samples));
    told = [...told, ...samples];
    const untilMs = samples.reduce((latest, { atMs }) => Math.max(latest, atMs), 0);
    useDevice.setState((now) => ({ count: now.count + samples.length, untilMs }));
  });
}

function hear(pack: unknown): void {
  const read = resolveSenml(pack, Date.now());
  if (!read.ok) return useDevice.setState({ problem: read.problem });
  waiting = [...waiting, ...samplesIn(read.records, channelsIn(read.records)).samples];
  timer ??= setTimeout(write, TOGETHER_MS);
}

async function end(state: "idle" | "over" | "lost"): Promise<void> {
  letGo?.();
  letGo = undefined;
  clearTimeout(timer);
  write();
  await writing;
  useDevice.setState({ state });
}

/** Listens to a device for the open habitat, in the place of any other. */
export function listenTo(device: Device): void {
  letGo?.();
  [waiting, told] = [[], []];
  useDevice.setState({ ...IDLE, state: "listening", habitatId: useSession.getState().history?.present.id ?? "" });
  letGo = device({ told: hear, over: () => void end("over"), lost: () => void end("lost") });
}

export const stopListening = (): void => void end("idle");

/** Takes all that came by the device out of the habitat again. */
export async function takeDeviceOut(): Promise<void> {
  await end("idle");
  const samples = told;
  told = [];
  if (isOpen()) await useSession.getState().takeOut(samples);
  useDevice.setState(IDLE);
}
