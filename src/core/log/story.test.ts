import { describe, expect, it } from "vitest";
import { happened } from "../testing";
import { found, storyOf } from "./index";

describe("the story of a habitat", () => {
  const events = happened(
    { kind: "movedIn", on: "2026-02-01" },
    { kind: "tick", on: "2026-02-02", dutyId: "mist" },
    { kind: "saw", on: "2026-02-03", what: "mould", text: "On the new bark" },
    { kind: "noted", on: "2026-02-03", text: "Été: l'écorce", tags: ["été"], photoIds: [] },
  );
  it("is what happened, the newest first, without the upkeep and without what was struck", () => {
    expect(storyOf(events).map(({ kind }) => kind)).toEqual(["saw", "noted", "movedIn"]);
    const struck = [
      ...events,
      { id: "s", at: "2026-03-01T00:00:00Z", on: "2026-03-01", kind: "struck" as const, eventId: "e2" },
    ];
    expect(storyOf(struck).map(({ kind }) => kind)).not.toContain("saw");
    expect(storyOf(events).at(-1)?.kind).toBe("movedIn");
  });
  it("is searched by every word, in any case, with or without marks", () => {
    const said = (event: (typeof events)[number]) => ("text" in event ? event.text : "");
    expect(found(events, "ECORCE ete", said).map(({ kind }) => kind)).toEqual(["noted"]);
    expect(found(events, "bark gone", said)).toEqual([]);
    expect(found(events, "  ", said)).toHaveLength(events.length);
  });
});
