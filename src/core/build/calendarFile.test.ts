import ICAL from "ical.js";
import { describe, expect, it } from "vitest";
import { logged, made, scene, started } from "../testing";
import { calendarFile } from "./calendarFile";
import { planOf } from "./index";

const design = made(started(), { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 10 } });
const today = "2026-03-20";
const plan = planOf(scene(design), logged([]).state, today);
const LONG =
  "Ferns, mosses; und Übertöpfe — très long, afin que la ligne soit pliée à soixante-quinze octets, \\ and\nnext line";
const written = (at = "2026-03-20T10:00:00Z", steps = plan.steps) =>
  calendarFile({
    steps,
    habitatId: "fern",
    name: "Fernwall",
    at,
    told: ({ id }) => ({ title: `Do ${id}`, text: LONG }),
  });

type Event = { uid: string; summary: string; start: string; end: string; text: string; sequence: number };
const read = (text: string): Event[] =>
  new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents("vevent")
    .map((one) => new ICAL.Event(one))
    .map(({ uid, summary, startDate, endDate, description, sequence }) => ({
      uid,
      summary,
      start: startDate.toString(),
      end: endDate.toString(),
      text: description,
      sequence,
    }));

describe("the build in a calendar (RFC 5545, read back by ical.js)", () => {
  it("has every step on its days, whole days across the change to summer time", () => {
    const events = read(written());
    expect(events).toHaveLength(plan.steps.length);
    for (const step of plan.steps) {
      const event = events.find(({ summary }) => summary === `Do ${step.id}`)!;
      expect(event.start).toBe(step.startOn);
      expect(event.end > step.handsOn).toBe(true);
      expect(event.text).toBe(LONG);
    }
  });
  it("folds lines at 75 octets, ends them with CRLF and escapes what means something", () => {
    const text = written();
    for (const line of text.split("\r\n")) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    expect(text.replaceAll("\r\n", "")).not.toContain("\n");
    expect(text.replaceAll("\r\n ", "")).toContain("Ferns\\, mosses\\; und");
    expect(text).toContain("DTSTAMP:20260320T100000Z");
  });
  it("written again later it has the same names and a higher sequence, so that it brings dates up to date", () => {
    const later = made(design, { name: "changeTask", args: { taskId: "growIn", waitDays: 60 } });
    const next = planOf(scene(later), logged([]).state, today).steps;
    const [first, second] = [read(written()), read(written("2026-03-21T09:00:00Z", next))];
    expect(second.map(({ uid }) => uid).toSorted()).toEqual(first.map(({ uid }) => uid).toSorted());
    expect(new Set(first.map(({ uid }) => uid)).size).toBe(first.length);
    expect(Math.min(...second.map(({ sequence }) => sequence))).toBeGreaterThan(first[0]!.sequence);
    const moveIn = (events: Event[]) => events.find(({ uid }) => uid.includes("moveIn"))!.start;
    expect(moveIn(second) > moveIn(first)).toBe(true);
  });
  it("leaves out what is done", () => {
    const done = planOf(scene(design), logged([{ kind: "taskDone", on: today, taskId: "leakTest" }]).state, today);
    expect(read(written(undefined, done.steps)).some(({ uid }) => uid.includes("leakTest"))).toBe(false);
  });
});
