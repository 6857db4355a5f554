import { describe, expect, it } from "vitest";
import { EventSchema } from "../log";
import { logged, started } from "../testing";
import { derived, made } from "../testing";
import { dueList } from "./due";
import { duties } from "./duties";
import { toldDone } from "./toldDone";

const ON = "2027-03-02";
const lit = made(started(), { name: "addGear", args: { id: "tube", kindId: "linearUvTube" } });

describe("a duty that is done", () => {
  it("is told alike wherever it is ticked: a lamp renewed is new from that day, and not due again", () => {
    const renewing = duties(derived(lit), ON).find(({ does }) => does === "renewGear")!;
    const told = toldDone(renewing, ON);
    expect(told).toEqual([
      { kind: "tick", on: ON, dutyId: renewing.id },
      { kind: "renewed", on: ON, gearId: "tube" },
    ]);
    const log = logged([{ kind: "movedIn", on: "2026-01-10", count: 1 }, ...told]);
    const due = dueList(derived(lit, log), log, ON).find(({ id }) => id === renewing.id)!;
    expect(due.inDays).toBeGreaterThan(0);
  });
  it("is an event the log takes, for every duty there is", () => {
    for (const duty of duties(derived(lit), ON))
      for (const told of toldDone({ ...duty, minutes: 5 }, ON))
        expect(EventSchema.safeParse({ ...told, id: "e", at: "2027-03-02T08:00:00Z" }).success, duty.id).toBe(true);
  });
});
