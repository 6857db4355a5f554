import type { Gear } from "../catalog";
import { fitted, hoursOn, type Fitted } from "../gear";
import { grouped } from "../grouped";
import type { LogState } from "../log";
import type { Scene } from "../scene";

/** A duty to a kind of gear: to renew it, or to try or clean it. */
export type GearDuty = {
  id: string;
  does: "renewGear" | "checkGear";
  kind: Gear;
  gearIds: readonly string[];
  everyDays: number;
};

const DAYS_A_MONTH = 30;
/** What lasts longer is told under its name; it is no duty. */
const MOST_MONTHS = 24;

const capital = (id: string): string => id.charAt(0).toUpperCase() + id.slice(1);
const gearDutyId = (does: GearDuty["does"], kindId: string): string =>
  `${does === "renewGear" ? "renew" : "check"}${capital(kindId)}`;

/** How many days a piece lasts: so many months, or its hours where they run out before. */
function lastsDays({ piece, kind }: Fitted): number | undefined {
  const { renewInMonths, lifeHours } = kind;
  if (renewInMonths === null || renewInMonths > MOST_MONTHS) return undefined;
  const months = renewInMonths * DAYS_A_MONTH;
  // Of what a controller switches, nobody knows the hours beforehand.
  const counted = piece.run.by === "warmth" || piece.run.by === "damp" ? 0 : hoursOn(piece.run, "2026-03-20");
  return Math.round(lifeHours !== null && counted > 0 ? Math.min(months, lifeHours / counted) : months);
}

/** The house's own guard is tried as often as one of the box's. */
const GUARD = "residualCurrentDevice";

/** What the gear of a box wants renewed, tried and cleaned, one duty for each kind. */
export function gearDuties({ habitat, library }: Scene): GearDuty[] {
  const kinds = [...grouped(fitted(habitat.gear, library), ({ kind }) => kind)];
  const renewed = kinds.flatMap(([kind, all]): GearDuty[] => {
    const days = all.flatMap((one) => lastsDays(one) ?? []);
    if (days.length === 0) return [];
    const gearIds = all.map(({ piece }) => piece.id);
    const id = gearDutyId("renewGear", kind.id);
    return [{ id, does: "renewGear", kind, gearIds, everyDays: Math.max(1, Math.min(...days)) }];
  });
  const house = habitat.power.guarded && habitat.gear.length > 0 ? [library.get("gear", GUARD)] : [];
  const checked = [...new Set([...kinds.map(([kind]) => kind), ...house])].flatMap((kind): GearDuty[] => {
    if (kind.checkInMonths === null) return [];
    const everyDays = Math.max(1, Math.round(kind.checkInMonths * DAYS_A_MONTH));
    return [{ id: gearDutyId("checkGear", kind.id), does: "checkGear", kind, gearIds: [], everyDays }];
  });
  return [...renewed, ...checked];
}

/** A lamp renewed was ticked under this name before each kind had its own. */
const ONCE_CALLED = "lamp";

/** When all of a kind were last renewed, or when it was last tried; undefined while one never was. */
export function lastDone({ id, does, gearIds, kind }: GearDuty, state: LogState): string | undefined {
  const { tickedOn, renewedOn } = state;
  const ticked = tickedOn[id] ?? (does === "renewGear" && kind.purpose === "uv" ? tickedOn[ONCE_CALLED] : undefined);
  if (does === "checkGear") return ticked;
  const each = gearIds.map((gearId) => later(renewedOn[gearId], ticked));
  return each.reduce((oldest, one) => (oldest === undefined || one === undefined ? undefined : earlier(oldest, one)));
}

const later = (a: string | undefined, b: string | undefined): string | undefined =>
  a && b ? (a > b ? a : b) : (a ?? b);
const earlier = (a: string, b: string): string => (a < b ? a : b);
