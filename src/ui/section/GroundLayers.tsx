import { memo, useId } from "react";
import type { Design } from "@/core/habitat";
import type { Ground } from "@/core/strata";
import { useLibrary } from "@/words";
import type { Frame } from "./frame";
import { materialOf } from "./material";
import { bandOf, skyline, type Profile } from "./profile";
import { TexturePattern } from "./Texture";

const NO_BAND = { belowCm: [], aboveCm: [] };
const bandFor = (profile: Profile, layerId: string) =>
  profile.bands.find((band) => band.layerId === layerId) ?? NO_BAND;

type Props = { habitat: Design; ground: Ground; frame: Frame; profile: Profile; lineCm: number };

/** The layers as the cut shows them, the rising ground behind the cut, false bottoms on their legs, and the water. */
export const GroundLayers = memo(function GroundLayers({ habitat, ground, frame, profile, lineCm }: Props) {
  const prefix = useId();
  const library = useLibrary();
  const { layers } = habitat.strata;
  const patternOf = (layerId: string) => `${prefix}-${layerId}`;
  const top = profile.surfaceCm;
  const uppermost = layers.at(-1);
  const behind = frame.view === "front" && uppermost ? skyline(ground, profile) : top;
  const rises = behind.some((cm, at) => cm > (top[at] ?? 0) + 0.05);
  return (
    <g>
      <defs>
        {layers.map((layer) => (
          <TexturePattern
            key={layer.id}
            id={patternOf(layer.id)}
            material={materialOf(layer, habitat, library)}
            pxPerCm={frame.pxPerCm}
          />
        ))}
      </defs>
      {rises && uppermost ? (
        <>
          <polygon points={bandOf(frame, profile.acrossCm, top, behind)} fill={`url(#${patternOf(uppermost.id)})`} />
          <polygon points={bandOf(frame, profile.acrossCm, top, behind)} fill="var(--air-low)" opacity={0.38} />
        </>
      ) : null}
      {layers.map((layer) => {
        const { belowCm: below, aboveCm: above } = bandFor(profile, layer.id);
        if (layer.kind === "barrier")
          return <Sheet key={layer.id} frame={frame} profile={profile} below={below} above={above} />;
        if (layer.kind === "falseBottom") {
          const { thicknessCm } = library.get("falseBottoms", layer.materialId);
          const underside = above.map((cm, n) =>
            Math.max(below[n] ?? 0, cm - (cm > (below[n] ?? 0) ? thicknessCm : 0)),
          );
          return (
            <g key={layer.id}>
              <polygon points={bandOf(frame, profile.acrossCm, below, above)} fill="var(--air-top)" />
              <Legs ground={ground} layerId={layer.id} materialId={layer.materialId} frame={frame} />
              <polygon
                points={bandOf(frame, profile.acrossCm, underside, above)}
                fill={`url(#${patternOf(layer.id)})`}
                stroke="#4c5a55"
                strokeWidth={1}
              />
            </g>
          );
        }
        return (
          <polygon
            key={layer.id}
            points={bandOf(frame, profile.acrossCm, below, above)}
            fill={`url(#${patternOf(layer.id)})`}
          />
        );
      })}
      {ground.water && lineCm > 0 ? <Water habitat={habitat} frame={frame} profile={profile} lineCm={lineCm} /> : null}
    </g>
  );
});

function Sheet({
  frame,
  profile,
  below,
  above,
}: {
  frame: Frame;
  profile: Profile;
  below: readonly number[];
  above: readonly number[];
}) {
  const runs = profile.acrossCm
    .map((cm, at) =>
      (above[at] ?? 0) > (below[at] ?? 0) ? `${frame.x(cm).toFixed(1)},${frame.y(above[at] ?? 0).toFixed(1)}` : "",
    )
    .filter(Boolean);
  return (
    <polyline
      points={runs.join(" ")}
      fill="none"
      stroke="#22302a"
      strokeWidth={Math.max(1.2, frame.pxPerCm * 0.18)}
      strokeDasharray="2 3"
    />
  );
}

/** The legs of a false bottom, in the row the cut meets first. */
function Legs({
  ground,
  layerId,
  materialId,
  frame,
}: {
  ground: Ground;
  layerId: string;
  materialId: string;
  frame: Frame;
}) {
  const library = useLibrary();
  const plan = ground.legs.find((legs) => legs.layerId === layerId);
  if (!plan) return null;
  const widthCm = library.get("falseBottoms", materialId).legMm / 10;
  const seen = [...new Set(plan.legs.map(([x, y]) => Number((frame.view === "side" ? y : x).toFixed(1))))];
  return (
    <g fill="#c9d0cc" stroke="#5c6a62" strokeWidth={0.8}>
      {seen.map((cm) => (
        <rect
          key={cm}
          x={frame.x(cm - widthCm / 2)}
          y={frame.y(plan.legCm)}
          width={widthCm * frame.pxPerCm}
          height={plan.legCm * frame.pxPerCm}
        />
      ))}
    </g>
  );
}

/** Water stands where there is drainage to stand in. */
function Water({
  habitat,
  frame,
  profile,
  lineCm,
}: {
  habitat: Design;
  frame: Frame;
  profile: Profile;
  lineCm: number;
}) {
  const vessels = habitat.strata.layers
    .filter((layer) => layer.kind === "drainage" || layer.kind === "falseBottom")
    .map((layer) => bandFor(profile, layer.id));
  const holds = profile.acrossCm.map((_, at) =>
    vessels.reduce((cm, { belowCm, aboveCm }) => {
      const [below, above] = [belowCm[at] ?? 0, aboveCm[at] ?? 0];
      return above - below > 0.05 ? Math.max(cm, above) : cm;
    }, 0),
  );
  return (
    <g>
      {profile.acrossCm.slice(1).map((to, at) => {
        const from = profile.acrossCm[at] ?? 0;
        const high = Math.min(lineCm, holds[at] ?? 0, holds[at + 1] ?? 0);
        if (high <= 0) return null;
        return (
          <g key={to}>
            <rect
              x={frame.x(from)}
              y={frame.y(high)}
              width={(to - from) * frame.pxPerCm + 0.4}
              height={high * frame.pxPerCm}
              fill="#3f9bb1"
              opacity={0.5}
            />
            <line
              x1={frame.x(from)}
              x2={frame.x(to)}
              y1={frame.y(high)}
              y2={frame.y(high)}
              stroke="#2f7f93"
              strokeWidth={1.6}
            />
          </g>
        );
      })}
    </g>
  );
}
