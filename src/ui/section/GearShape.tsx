import { beamDegOf, flatCmOf, lengthCmOf, nozzlesOf, type Fixture } from "@/core/gear";
import { alongOf, type Frame } from "./frame";
import { GEAR_COLORS, gearFormOf } from "./gearForm";

/** How large things are that come in one size, cm: from memory. */
const DOME_CM = { wide: 13, high: 8 };
const TUBE_CM = { high: 3.2, wide: 5 };
const PUMP_CM = { wide: 5, high: 4 };
const VESSEL_CM = { wide: 9, high: 12 };
const HOUSING = "#3f423d";
const METAL = "#8d9290";

type Drawn = { fixture: Fixture; frame: Frame };

/** How wide a piece is along a view, cm. */
export function gearWideCm(fixture: Fixture, view: Frame["view"]): number {
  const { widthCm, depthCm } = flatCmOf(fixture);
  switch (gearFormOf(fixture.kind)) {
    case "dome":
      return DOME_CM.wide;
    case "tube":
      return view === "side" ? TUBE_CM.wide : Math.max(TUBE_CM.wide, lengthCmOf(fixture));
    case "panel":
    case "mat":
    case "stone":
      return Math.max(6, view === "side" ? depthCm : widthCm);
    case "vessel":
      return VESSEL_CM.wide;
    case "fan":
    case "duct":
      return 8;
    case "pump":
      return PUMP_CM.wide;
    case "nozzles":
    case "probe":
      return 4;
  }
}

/** How far a piece reaches over the place it hangs at, cm. */
export function gearHighCm({ kind }: Pick<Fixture, "kind">): number {
  const form = gearFormOf(kind);
  return form === "dome" ? DOME_CM.high + 4 : form === "vessel" || form === "duct" ? VESSEL_CM.high : TUBE_CM.high + 1;
}

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

const SPRAY_DEG = 34;

/** Nozzles under the lid with their spray, spread along the width. */
function Nozzles({ fixture, frame }: Drawn) {
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
  return places.map((cm) => {
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
}

function Fan({ fixture, frame }: Drawn) {
  const wide = gearWideCm(fixture, frame.view) * frame.pxPerCm;
  const [cx, cy] = [frame.x(alongOf(frame, fixture)), frame.y(fixture.zCm) - wide * 0.3];
  const r = wide * 0.27;
  return (
    <>
      <rect x={cx - wide / 2} y={cy - wide * 0.32} width={wide} height={wide * 0.64} rx={3} fill={HOUSING} />
      <circle cx={cx} cy={cy} r={r} fill="none" stroke="var(--sheet)" strokeWidth={1.4} />
      {[0, 120, 240].map((turn) => (
        <path
          key={turn}
          d={`M ${cx} ${cy} q ${r * 0.7} ${-r * 0.2} ${r * 0.55} ${-r * 0.75}`}
          transform={`rotate(${turn} ${cx} ${cy})`}
          fill="none"
          stroke="var(--sheet)"
          strokeWidth={1.4}
        />
      ))}
    </>
  );
}

/** What stands beside the box or in it with a hose: a fogger's vessel, a duct, a pump. */
function Vessel({ fixture, frame }: Drawn) {
  const { pxPerCm } = frame;
  const [w, h] = [VESSEL_CM.wide * pxPerCm, VESSEL_CM.high * pxPerCm];
  const [cx, foot] = [frame.x(alongOf(frame, fixture)), frame.y(fixture.zCm)];
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

function Pump({ fixture, frame }: Drawn) {
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
    case "duct":
      return <Fan {...drawn} />;
    case "vessel":
      return <Vessel {...drawn} />;
    case "pump":
      return <Pump {...drawn} />;
    case "probe":
      return <Probe {...drawn} />;
  }
}
