import { memo } from "react";
import { areaCm2 } from "@/core/shape";
import { type Design } from "@/core/habitat";
import { grownHeightCm, grownSpreadCm } from "@/core/living";
import type { Ground } from "@/core/strata";
import { boxSize, capital, useSay, useLibrary } from "@/words";
import { useLayerNames } from "./useLayerNames";

/** The section told in words, for those who do not see it. While an edge is dragged it follows when there is time. */
export const SectionTwin = memo(function SectionTwin({ habitat, ground }: { habitat: Design; ground: Ground }) {
  const say = useSay();
  const library = useLibrary();
  const nameOfLayer = useLayerNames(habitat);
  return (
    <section className="quiet" aria-label={say("strata:twin.title")}>
      <p>{say("strata:twin.box", boxSize(habitat.shell))}</p>
      <p>{say("shell:twinFloor", { shape: say(`shell:floors.${habitat.shell.floor.shape}`) })}</p>
      <ul>
        {ground.levels.toReversed().map((level) => (
          <li key={level.layerId}>
            {say("strata:twin.layer", {
              name: nameOfLayer(level.layerId),
              bottomFrontCm: level.bottom.frontCm,
              topFrontCm: level.top.frontCm,
              bottomBackCm: level.bottom.backCm,
              topBackCm: level.top.backCm,
            })}
          </li>
        ))}
        {ground.water ? (
          <li>{say("strata:twin.water", { lineCm: habitat.strata.waterLineCm, safeCm: ground.water.safeLineCm })}</li>
        ) : null}
        {habitat.strata.zones.map((zone) => (
          <li key={zone.id}>
            {say("strata:twin.zone", { name: zone.name, areaCm2: Math.round(areaCm2(zone.points)) })}
          </li>
        ))}
        {ground.solids.map((solid, at) =>
          solid.piece ? (
            <li key={at}>
              {say("strata:twin.piece", {
                name: capital(say.nameOf("pieceKinds", solid.kind.id)),
                xCm: solid.piece.xCm,
                yCm: solid.piece.yCm,
                baseCm: solid.baseCm,
                topCm: solid.topCm,
              })}
            </li>
          ) : null,
        )}
        {habitat.plants.map((stand) => {
          const plant = library.get("plants", stand.plantId);
          return (
            <li key={stand.id}>
              {say("strata:twin.plant", {
                name: capital(say.nameOf("plants", stand.plantId)),
                xCm: stand.xCm,
                yCm: stand.yCm,
                grownHeightCm: grownHeightCm(plant),
                grownSpreadCm: grownSpreadCm(plant),
              })}
            </li>
          );
        })}
      </ul>
    </section>
  );
});
