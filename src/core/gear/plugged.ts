import type { Animal } from "../catalog";
import { firstRun, type GearPiece } from "../habitat";
import { isThermostat } from "./chain";
import type { Fitted } from "./fitted";
import { isHeld } from "./runs";

/**
 * What changes of a piece that is plugged into another, or into the wall: what warms and comes onto a thermostat is held
 * from then on, to what the place it warms is to be.
 *
 * @example plugged({ piece: lamp, kind: halogen }, thermostat, animal).run // held to where the animal basks
 */
export function plugged(
  { piece, kind }: Fitted,
  into: GearPiece | undefined,
  animal: Pick<Animal, "temperatureC" | "humidityRh">,
): Partial<Pick<GearPiece, "feedId" | "run">> {
  const feedId = into?.id ?? null;
  const warms = kind.purpose === "dayHeat" || kind.purpose === "nightHeat";
  const isNewlyHeld = into !== undefined && isThermostat(into) && warms && !isHeld(piece.run);
  return isNewlyHeld ? { feedId, run: firstRun("warmth", kind, animal) } : { feedId };
}
