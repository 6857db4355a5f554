import { METERS, type MeterId } from "../mix";
import type { Finding } from "./types";

/** The meters of a mix that something is told of, as they are drawn: what is said and what is shown are one. */
export const metersTold = (findings: readonly Finding[], mixId: string): MeterId[] =>
  findings.flatMap((finding): MeterId[] => {
    if (finding.about !== mixId) return [];
    if (finding.code === "mixOff") return METERS.filter((meter) => finding.quantities.variant.startsWith(meter));
    return finding.code === "mixLimed" ? ["acid"] : finding.code === "mixSeals" ? ["drains"] : [];
  });
