import { beamDegOf, flatCmOf, type Fixture } from "@/core/gear";
import { alongOf } from "./frame";
import { Duct, Fan } from "./GearAir";
import { GEAR_COLORS, gearFormOf } from "./gearForm";
import { DOME_CM, gearWideCm, HOUSING, METAL, TUBE_CM, type Drawn } from "./gearSize";
import { Nozzles, Pump, Vessel } from "./GearWater";

/** Lamps whose light or warmth is shown. */
const shines = ({ kind }: Fixture): boolean =>
  (kind.purpose === "dayHeat" || kind.purpose === "uv" || kind.purpose === "plantLight") &&
  kind.reference.beamDeg !== undefined;

/** A cone is drawn no wider than this: wide lamps light everything. */
const WIDEST_DEG = 96;

/** The light of a lamp, from its face down. */
export function LightCone({ fixture, frame, floorCm }: Drawn & { floorCm: number }) {
  if (!shines(fixture)) return null;
  const { kind, zCm } = fixture;
  const half = (Math.min(WIDEST_DEG, beamDegOf(fixture)) / 2) * (Math.PI / 180);
  const downCm = Math.max(0, zCm - floorCm);
  const faceCm = gearFormOf(kind) === "tube" ? gearWideCm(fixture, frame.view) / 2 : DOME_CM.wide * 0.42;
  const spreadCm = faceCm + downCm * Math.tan(half);
  const at = alongOf(frame, fixture);
  const points = [
    [at - faceCm, zCm],
    [at + faceCm, zCm],
    [at + spreadCm, floorCm],
    [at - spreadCm, floorCm],
  ].map(([cm = 0, up = 0]) => `${frame.x(cm)},${frame.y(up)}`);
  const strong = kind.purpose === "dayHeat";
  return <polygon points={points.join(" ")} fill={GEAR_COLORS[kind.purpose]} opacity={strong ? 0.2 : 0.09} />;
}

function Dome({ fixture, frame }: Drawn) {
  const [cx, face] = [frame.x(alongOf(frame, fixture)), frame.y(fixture.zCm)];
  const [w, h] = [DOME_CM.wide * frame.pxPerCm, DOME_CM.high * frame.pxPerCm];
  const top = face - h;
  const lit = fixture.kind.reference.lumensPerWatt !== undefined;
  return (
    <>
      <path
        d={`M ${cx} ${top - h * 0.2} q 0 ${-h * 0.45} ${-w * 0.4} ${-h * 0.45} h ${-w * 0.35}`}
        fill="none"
        stroke={HOUSING}
        strokeWidth={Math.max(1.5, 0.5 * frame.pxPerCm)}
      />
      <rect x={cx - w * 0.14} y={top - h * 0.24} width={w * 0.28} height={h * 0.34} rx={2} fill={METAL} />
      <path
        d={`M ${cx - w / 2} ${face} C ${cx - w * 0.5} ${top + h * 0.3} ${cx - w * 0.22} ${top} ${cx} ${top} S ${cx + w * 0.5} ${top + h * 0.3} ${cx + w / 2} ${face} Z`}
        fill={HOUSING}
      />
      <ellipse
        cx={cx}
        cy={face}
        rx={w * 0.44}
        ry={Math.max(1.5, h * 0.1)}
        fill={lit ? GEAR_COLORS[fixture.kind.purpose] : "#5b3a31"}
        stroke="var(--sheet)"
        strokeWidth={lit ? 0.8 : 0}
      />
    </>
  );
}

function Bar({ fixture, frame, highCm, color }: Drawn & { highCm: number; color: string }) {
  const wide = gearWideCm(fixture, frame.view) * frame.pxPerCm;
  const high = highCm * frame.pxPerCm;
  const [cx, face] = [frame.x(alongOf(frame, fixture)), frame.y(fixture.zCm)];
  return (
    <>
      <rect x={cx - wide / 2} y={face - high} width={wide} height={high} rx={high * 0.32} fill={HOUSING} />
      <rect
        x={cx - wide / 2 + 3}
        y={face - high * 0.38}
        width={Math.max(2, wide - 6)}
        height={high * 0.42}
        rx={high * 0.2}
        fill={color}
      />
    </>
  );
}

/** A mat lies under the floor, or stands along a wall. */
function Mat({ fixture, frame }: Drawn) {
  const { place, piece } = fixture;
  const thick = Math.max(3, 0.7 * frame.pxPerCm);
  const color = GEAR_COLORS[fixture.kind.purpose];
  const { widthCm, depthCm } = flatCmOf(fixture);
  const ends = frame.view === "front" ? ["left", "right"] : ["front", "back"];
  if (place === "sideOfBox" && piece.wall !== null && ends.includes(piece.wall)) {
    const high = Math.max(depthCm, 8) * frame.pxPerCm;
    const x = piece.wall === ends[0] ? frame.x(0) - thick - 1 : frame.x(frame.acrossCm) + 1;
    return <rect x={x} y={frame.y(fixture.zCm) - high / 2} width={thick} height={high} rx={1.5} fill={color} />;
  }
  const wide = gearWideCm(fixture, frame.view) * frame.pxPerCm;
  const cx = frame.x(alongOf(frame, fixture));
  if (place === "sideOfBox") {
    const high = Math.max(depthCm, widthCm * 0.5) * frame.pxPerCm;
    const y = frame.y(fixture.zCm) - high / 2;
    return <rect x={cx - wide / 2} y={y} width={wide} height={high} rx={3} fill={color} opacity={0.35} />;
  }
  return <rect x={cx - wide / 2} y={frame.y(0) + 2} width={wide} height={thick} rx={1.5} fill={color} />;
}

/** The probe of a controller or a gauge, on its wire. */
function Probe({ fixture, frame }: Drawn) {
  const { probe } = fixture.piece;
  if (!probe) return null;
  const [x, y] = [frame.x(alongOf(frame, probe)), frame.y(probe.upCm)];
  const top = frame.y(frame.heightCm);
  return (
    <g>
      <path
        d={`M ${x} ${y} C ${x} ${(y + top) / 2} ${x + 10} ${top + 20} ${x + 10} ${top}`}
        fill="none"
        stroke={HOUSING}
        strokeWidth={1.4}
        strokeDasharray="1 3"
      />
      <circle cx={x} cy={y} r={6} fill="var(--sheet)" stroke="var(--clay)" strokeWidth={3} />
    </g>
  );
}

/** A piece of gear as it looks in a view across the box. */
export function GearShape({ fixture, frame }: Drawn) {
  const drawn = { fixture, frame };
  const color = GEAR_COLORS[fixture.kind.purpose];
  switch (gearFormOf(fixture.kind)) {
    case "dome":
      return <Dome {...drawn} />;
    case "tube":
      return <Bar {...drawn} highCm={TUBE_CM.high} color={color} />;
    case "panel":
    case "stone":
      return <Bar {...drawn} highCm={2.4} color={color} />;
    case "mat":
      return <Mat {...drawn} />;
    case "nozzles":
      return <Nozzles {...drawn} />;
    case "fan":
      return <Fan {...drawn} />;
    case "duct":
      return <Duct {...drawn} />;
    case "vessel":
      return <Vessel {...drawn} />;
    case "pump":
      return <Pump {...drawn} />;
    case "probe":
      return <Probe {...drawn} />;
  }
}
