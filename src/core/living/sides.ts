import type { Envelope, Range } from "../catalog";
import { suitsBand } from "./envelope";
import { GOOD_FROM, reason, type FitReason } from "./reason";
import { middle } from "../range";

/** How a species bears the warmth of a place. */
export function temperature(envelope: Envelope, band: Range): FitReason {
  const score = suitsBand(envelope, band);
  const quantities = {
    lowC: band[0],
    highC: band[1],
    wantLowC: envelope.preferred[0],
    wantHighC: envelope.preferred[1],
  };
  if (score >= GOOD_FROM) return reason("temperature.good", score, quantities);
  return reason(
    middle(band) > middle(envelope.preferred) ? "temperature.tooWarm" : "temperature.tooCool",
    score,
    quantities,
  );
}

/** How a species bears the damp of the air. */
export function humidity(envelope: Envelope, band: Range): FitReason {
  const score = suitsBand(envelope, band);
  const quantities = {
    lowRh: band[0],
    highRh: band[1],
    wantLowRh: envelope.preferred[0],
    wantHighRh: envelope.preferred[1],
  };
  if (score >= GOOD_FROM) return reason("humidity.good", score, quantities);
  return reason(middle(band) < middle(envelope.preferred) ? "humidity.tooDry" : "humidity.tooWet", score, quantities);
}
