import type { BandCheck } from "../../keeping";
import type { FindingQuantities } from "../quantities";
import type { Check, Found } from "../types";

function told({ what, place, value, band }: BandCheck): FindingQuantities["outOfBand"] | undefined {
  if (what !== "temperatureC" && what !== "humidityRh") return undefined;
  if (what === "temperatureC") return { variant: what, place, valueC: value, lowC: band[0], highC: band[1] };
  return { variant: what, place, valueRh: value, lowRh: band[0], highRh: band[1] };
}

/** The newest reading lies outside its band. The water line has a check of its own. */
export const checkReadings: Check = ({ bands }) =>
  bands.flatMap((band): Found[] => {
    const quantities = band.side === "in" ? undefined : told(band);
    if (!quantities) return [];
    return [{ code: "outOfBand", about: `${band.what}-${band.place}`, weight: "look", step: "keeping", quantities }];
  });
