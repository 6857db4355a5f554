import type { Gear } from "@/core/catalog";
import { GEAR_COLORS, gearFormOf } from "./gearForm";

/** A small picture of a kind of gear, in the colour of what it gives. */
export function GearIcon({ kind }: { kind: Gear }) {
  const fill = GEAR_COLORS[kind.purpose];
  const shapes = {
    dome: <path d="M3 16 C3 8 7 5 11 5 S19 8 19 16 Z" fill={fill} />,
    tube: <rect x={2} y={8} width={18} height={6} rx={3} fill={fill} />,
    panel: <rect x={3} y={7} width={16} height={8} rx={2} fill={fill} />,
    stone: <ellipse cx={11} cy={12} rx={9} ry={5} fill={fill} />,
    mat: <path d="M2 9 h18 v5 h-18 z M5 9 v5 M9 9 v5 M13 9 v5 M17 9 v5" fill={fill} stroke="var(--sheet)" />,
    nozzles: <path d="M11 3 C15 9 17 11 17 14 A6 6 0 0 1 5 14 C5 11 7 9 11 3 Z" fill={fill} />,
    vessel: <path d="M5 6 h12 v10 a3 3 0 0 1 -3 3 h-6 a3 3 0 0 1 -3 -3 Z" fill={fill} />,
    fan: (
      <>
        <rect x={3} y={4} width={16} height={14} rx={3} fill={fill} />
        <path d="M11 11 q4 -1 3 -5 M11 11 q-1 4 3 5 M11 11 q-4 0 -5 -4" stroke="var(--sheet)" fill="none" />
      </>
    ),
    duct: <path d="M2 7 h12 a5 5 0 0 1 5 5 v6 h-6 v-5 h-11 Z" fill={fill} />,
    pump: <path d="M4 11 h10 v7 h-10 z M10 11 V5 h8" fill={fill} stroke={fill} strokeWidth={2} />,
    probe: <path d="M5 4 h12 v8 h-12 z M11 12 v7" fill={fill} stroke={fill} strokeWidth={2} />,
  };
  return (
    <svg width={22} height={22} viewBox="0 0 22 22" aria-hidden>
      {shapes[gearFormOf(kind)]}
    </svg>
  );
}
