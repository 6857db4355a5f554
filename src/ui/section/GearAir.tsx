import { drawnAlongCm, gearWideCm, HOUSING, METAL, type Drawn } from "./gearSize";

/** A fan in its frame. */
export function Fan({ fixture, frame }: Drawn) {
  const wide = gearWideCm(fixture, frame.view) * frame.pxPerCm;
  const [cx, cy] = [frame.x(drawnAlongCm(fixture, frame)), frame.y(fixture.zCm) - wide * 0.3];
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

const DUCT_CM = { wide: 4.5, long: 13 };

/** A fan with its duct, ribbed: from beside the box into it, or from the box off to the nearer side. */
export function Duct({ fixture, frame }: Drawn) {
  const at = drawnAlongCm(fixture, frame);
  const isBeside = at < 0;
  const away = isBeside || at > frame.acrossCm / 2 ? 1 : -1;
  const half = gearWideCm(fixture, frame.view) / 2;
  const [x, y] = [frame.x(at + away * half), frame.y(fixture.zCm) - half * frame.pxPerCm * 0.6];
  const [wide, long] = [DUCT_CM.wide * frame.pxPerCm, DUCT_CM.long * frame.pxPerCm];
  const d = isBeside
    ? `M ${x} ${y} H ${frame.x(1.5)}`
    : `M ${x} ${y} q ${away * long * 0.55} 0 ${away * long * 0.6} ${-long * 0.45}`;
  return (
    <>
      <path d={d} fill="none" stroke={METAL} strokeWidth={wide} />
      <path d={d} fill="none" stroke={HOUSING} strokeWidth={wide} strokeDasharray="1.2 3" opacity={0.7} />
      <Fan fixture={fixture} frame={frame} />
    </>
  );
}
