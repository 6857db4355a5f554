import { nozzlesOf } from "@/core/gear";
import { alongOf, type Frame } from "./frame";
import { GEAR_COLORS } from "./gearForm";
import { drawnAlongCm, HOUSING, PUMP_CM, VESSEL_CM, type Drawn } from "./gearSize";

const SPRAY_DEG = 34;

/** Nozzles under the lid with their spray, spread along the width. */
export function Nozzles({ fixture, frame }: Drawn) {
  // From the side they stand one behind the other.
  const count = frame.view === "side" ? 1 : Math.min(8, nozzlesOf(fixture));
  const underCm = frame.heightCm - 1;
  const long = Math.min(frame.heightCm * 0.42, 26) * frame.pxPerCm;
  const half = long * Math.tan((SPRAY_DEG / 2) * (Math.PI / 180));
  const at = alongOf(frame, fixture);
  const apartCm = count > 1 ? Math.min(frame.acrossCm / count, 26) : 0;
  const places = Array.from({ length: count }, (_, n) => at + (n - (count - 1) / 2) * apartCm).map((cm) =>
    Math.min(frame.acrossCm - 2, Math.max(2, cm)),
  );
  const nozzles = places.map((cm) => {
    const [x, y] = [frame.x(cm), frame.y(underCm)];
    return (
      <g key={cm}>
        <polygon
          points={`${x},${y} ${x - half},${y + long} ${x + half},${y + long}`}
          fill="var(--water)"
          opacity={0.2}
        />
        {[-0.6, 0, 0.6].map((lean) => (
          <line
            key={lean}
            x1={x}
            y1={y}
            x2={x + half * lean}
            y2={y + long * 0.86}
            stroke="var(--water)"
            strokeWidth={1}
            strokeDasharray="2 5"
            opacity={0.75}
          />
        ))}
        <circle cx={x} cy={y} r={Math.max(2.5, 0.8 * frame.pxPerCm)} fill="var(--water)" stroke={HOUSING} />
      </g>
    );
  });
  return (
    <>
      <Hose frame={frame} fromCm={places[0] ?? at} atCm={underCm} />
      {nozzles}
    </>
  );
}

/** So far beside the box a hose goes down to what stands there, px. */
const BESIDE_PX = 7;

/** The hose of the nozzles: along under the lid, over the rim, and down beside the box. */
function Hose({ frame, fromCm, atCm }: { frame: Frame; fromCm: number; atCm: number }) {
  const [from, edge, high] = [frame.x(fromCm), frame.x(frame.acrossCm), frame.y(atCm)];
  const rim = frame.y(frame.heightCm) - 5;
  return (
    <path
      d={`M ${from} ${high} H ${edge - 9} q 5 0 5 -5 V ${rim} q 0 -4 5 -4 t ${BESIDE_PX} 5 V ${frame.y(frame.heightCm * 0.86)}`}
      fill="none"
      stroke={GEAR_COLORS.water}
      strokeWidth={Math.max(1.5, 0.45 * frame.pxPerCm)}
      opacity={0.85}
    />
  );
}

/** What stands beside the box or in it with a hose: a fogger's vessel, a duct, a pump. */
export function Vessel({ fixture, frame }: Drawn) {
  const { pxPerCm } = frame;
  const [w, h] = [VESSEL_CM.wide * pxPerCm, VESSEL_CM.high * pxPerCm];
  const [cx, foot] = [frame.x(drawnAlongCm(fixture, frame)), frame.y(fixture.zCm)];
  return (
    <>
      <rect x={cx - w / 2} y={foot - h} width={w} height={h} rx={w * 0.16} fill="var(--sheet)" stroke={HOUSING} />
      <rect
        x={cx - w / 2 + 2}
        y={foot - h * 0.62}
        width={w - 4}
        height={h * 0.62 - 2}
        rx={w * 0.12}
        fill="var(--water)"
        opacity={0.5}
      />
      {[-0.3, 0.05, 0.36].map((off) => (
        <circle key={off} cx={cx + off * w} cy={foot - h * 1.12} r={w * 0.2} fill="var(--water)" opacity={0.22} />
      ))}
    </>
  );
}

export function Pump({ fixture, frame }: Drawn) {
  const { pxPerCm } = frame;
  const [w, h] = [PUMP_CM.wide * pxPerCm, PUMP_CM.high * pxPerCm];
  const [cx, foot] = [frame.x(alongOf(frame, fixture)), frame.y(fixture.zCm)];
  const hose = frame.y(frame.heightCm * 0.75);
  return (
    <>
      <path
        d={`M ${cx + w * 0.2} ${foot - h} V ${hose}`}
        fill="none"
        stroke="var(--water)"
        strokeWidth={Math.max(2, pxPerCm * 0.9)}
        opacity={0.7}
      />
      <rect x={cx - w / 2} y={foot - h} width={w} height={h} rx={3} fill={HOUSING} stroke="var(--sheet)" />
    </>
  );
}
