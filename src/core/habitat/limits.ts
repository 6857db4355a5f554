/** What counts as a sane entry, in base units. Outside these a figure is refused by name, not computed with. */
export const LIMITS = {
  boxCm: { min: 10, max: 500 },
  wallMm: { min: 0.5, max: 60 },
  openingCm: { min: 0.5, max: 200 },
  coveredPct: { min: 0, max: 100 },
  sillCm: { min: 0, max: 200 },
  layerCm: { min: 0.1, max: 200 },
  waterLineCm: { min: 0, max: 100 },
  moundCm: { min: 0.5, max: 200 },
  mostMoundTopCm: { min: 0, max: 200 },
  pieceCm: { min: 0.3, max: 300 },
  sunkCm: { min: 0, max: 100 },
  turnDeg: { min: -360, max: 360 },
  treatmentCm: { min: 0, max: 30 },
  ratingKg: { min: 1, max: 5000 },
  roomC: { min: -5, max: 45 },
  readingC: { min: -20, max: 70 },
  humidityRh: { min: 0, max: 100 },
  count: { min: 1, max: 200 },
  parts: { min: 0.01, max: 10_000 },
  crewCount: { min: 1, max: 100_000 },
} as const;
export type LimitId = keyof typeof LIMITS;
