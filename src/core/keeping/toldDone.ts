import type { Told } from "../log";
import type { Duty } from "./duties";

/**
 * What the log is told when a duty is done, on whatever page it is ticked: that it was done, how long it took where its
 * keeper told that, and which pieces of gear are new from then on.
 *
 * @param on calendar day, ISO 8601
 * @example toldDone(renewLamps, "2026-03-02").map(({ kind }) => kind) // ["tick", "renewed"]
 */
export function toldDone(
  { id, does, gear, minutes }: Pick<Duty, "id" | "does" | "gear" | "minutes">,
  on: string,
): Told[] {
  const renewed = does === "renewGear" ? (gear?.gearIds ?? []) : [];
  return [
    { kind: "tick", on, dutyId: id, ...(minutes === null ? {} : { minutes }) },
    ...renewed.map((gearId): Told => ({ kind: "renewed", on, gearId })),
  ];
}
