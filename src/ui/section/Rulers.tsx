import type { UnitSystem } from "@/core/units";
import { CM_PER_INCH } from "@/core/units";
import type { Frame } from "./frame";

const STEPS: Record<UnitSystem, { cm: number; labelEvery: number[] }> = {
  metric: { cm: 1, labelEvery: [5, 10, 20, 50, 100] },
  us: { cm: CM_PER_INCH, labelEvery: [2, 6, 12, 24, 48] },
};

/** Ruler ticks as a tape has them: a label where there is room for one. */
function ticks(lengthCm: number, pxPerCm: number, system: UnitSystem) {
  const { cm, labelEvery } = STEPS[system];
  const every = labelEvery.find((count) => count * cm * pxPerCm >= 34) ?? labelEvery.at(-1) ?? 10;
  const minor = every >= 10 ? every / 2 : 1;
  const found: { cm: number; label: string | undefined }[] = [];
  for (let at = 0; at * cm <= lengthCm + 1e-6; at += minor) {
    found.push({ cm: at * cm, label: at % every === 0 ? String(at) : undefined });
  }
  return found;
}

/** Height on the right, width below, in the chosen units. */
export function Rulers({ frame, system }: { frame: Frame; system: UnitSystem }) {
  const { x, y, acrossCm, heightCm, pxPerCm } = frame;
  const right = x(acrossCm) + 6;
  const low = y(0) + 6;
  return (
    <g aria-hidden className="measure" fontSize={11} fill="var(--soft)" stroke="none">
      {ticks(heightCm, pxPerCm, system).map(({ cm, label }) => (
        <g key={cm}>
          <line x1={right} x2={right + (label ? 8 : 4)} y1={y(cm)} y2={y(cm)} stroke="var(--soft)" strokeWidth={1} />
          {label ? (
            <text x={right + 12} y={y(cm) + 4}>
              {label}
            </text>
          ) : null}
        </g>
      ))}
      {ticks(acrossCm, pxPerCm, system).map(({ cm, label }) => (
        <g key={cm}>
          <line x1={x(cm)} x2={x(cm)} y1={low} y2={low + (label ? 7 : 4)} stroke="var(--soft)" strokeWidth={1} />
          {label ? (
            <text x={x(cm)} y={low + 20} textAnchor="middle">
              {label}
            </text>
          ) : null}
        </g>
      ))}
    </g>
  );
}
