import { expect, it } from "vitest";
import { backupDue } from "./backupDue";
import { reportTrouble, troubleOf, useTrouble } from "./trouble";

const named = (name: string, inner?: unknown) => Object.assign(new Error("x"), { name, inner });

it("knows what an error of the database means, however deep it is wrapped, and passes over any other", () => {
  expect(troubleOf(named("QuotaExceededError"))).toBe("full");
  expect(troubleOf(named("AbortError", named("QuotaExceededError")))).toBe("full");
  expect(troubleOf(named("OpenFailedError", named("InvalidStateError")))).toBe("keepsNothing");
  expect(troubleOf(named("TypeError"))).toBeUndefined();
  expect(troubleOf("QuotaExceededError")).toBeUndefined();
  reportTrouble(named("TypeError"));
  expect(useTrouble.getState().trouble).toBeUndefined();
  reportTrouble(named("AbortError", named("QuotaExceededError")));
  expect(useTrouble.getState().trouble).toBe("full");
});

it("minds one of a backup once there is something to lose: a week to the first, a month and new work to the next", () => {
  expect(backupDue(undefined, undefined, true, "2026-03-02")).toBeUndefined();
  expect(backupDue(undefined, "2026-02-24", true, "2026-03-02")).toBeUndefined();
  expect(backupDue(undefined, "2026-02-23", true, "2026-03-02")).toEqual({ kind: "none" });
  expect(backupDue("2026-02-01", "2025-01-01", true, "2026-03-02")).toBeUndefined();
  expect(backupDue("2026-01-31", "2025-01-01", true, "2026-03-02")).toEqual({ kind: "old", days: 30 });
  expect(backupDue("2025-01-31", "2025-01-01", false, "2026-03-02")).toBeUndefined();
});
