"use client";

import { useMemo } from "react";
import { DoubleSide, SphereGeometry, type BufferGeometry } from "three";
import { floorOutline, type Design, type Shell, type Treatment } from "@/core/habitat";
import { aquaticLineCm, hangsDown, plantFootCm, shareOfGrown, spotOf } from "@/core/living";
import { grouped } from "@/core/grouped";
import type { Library } from "@/core/library";
import { pantryOf } from "@/core/mix";
import { seedOf } from "@/core/random";
import type { Ground, Solid } from "@/core/strata";
import { useLibrary } from "@/words";
import { byNight } from "../section/color";
import { materialOf, mixMaterial, plain, type Material } from "../section/material";
import { useNight } from "../useNight";
import { glassEdges, layerGeometry, prismGeometry } from "./geometry";
import { pieceBody, tiltOf } from "./pieces";
import { insideGlass, type Placement } from "./insideGlass";
import { plantGeometry } from "./plants";
import { skinned, textureOf } from "./skin";

type Props = { habitat: Design; ground: Ground };

/** A body with a material's texture on it. */
function Skin({ body, of, clear = 1 }: { body: BufferGeometry; of: Material; clear?: number }) {
  return (
    <mesh geometry={body} castShadow={clear === 1} receiveShadow>
      <meshLambertMaterial map={textureOf(of)} side={DoubleSide} transparent={clear < 1} opacity={clear} />
    </mesh>
  );
}

/** The layers, each with its texture; a false bottom is seen through. */
export function Layers({ habitat, ground }: Props) {
  const library = useLibrary();
  const { terrain } = ground;
  const bodies = useMemo(
    () => terrain.patches.map((patch) => ({ layer: patch.layer, body: skinned(layerGeometry(terrain, patch)) })),
    [terrain],
  );
  return (
    <>
      {bodies.map(({ layer, body }) => (
        <Skin
          key={layer.id}
          body={body}
          of={materialOf(layer, habitat, library)}
          clear={layer.kind === "falseBottom" ? 0.35 : 1}
        />
      ))}
      <Legs ground={ground} library={library} />
    </>
  );
}

const LEG_SIDES = 14;

/** The legs a false bottom stands on. */
function Legs({ ground, library }: { ground: Ground; library: Library }) {
  return ground.legs.flatMap(({ layerId, materialId, legs, legCm }) => {
    const radiusCm = library.get("falseBottoms", materialId).legMm / 20;
    return legs.map(([xCm, yCm]) => (
      <mesh key={`${layerId} ${xCm} ${yCm}`} position={[xCm, legCm / 2, -yCm]}>
        <cylinderGeometry args={[radiusCm, radiusCm, legCm, LEG_SIDES]} />
        <meshLambertMaterial color="#c9cfcc" />
      </mesh>
    ));
  });
}

/** A piece by its form; what holds a zone's ground back as a beam of its outline. */
function bodiesOf(solid: Solid): { own: BufferGeometry; inside: BufferGeometry | undefined } {
  const heightCm = Math.max(0.1, solid.topCm - solid.baseCm);
  if (!solid.piece) return { own: skinned(prismGeometry(solid.outline, heightCm)), inside: undefined };
  const { own, inside } = pieceBody({ ...solid.piece, kind: solid.kind, seed: solid.id });
  return { own: skinned(own), inside: inside && skinned(inside) };
}

const WATER = "#3f9bb1";

/** The pieces: rounded and hollow, filled with what fills them, bowls with their water. */
export function Solids({ habitat, ground }: Props) {
  const library = useLibrary();
  const bodies = useMemo(() => ground.solids.map((solid) => ({ solid, ...bodiesOf(solid) })), [ground.solids]);
  const fillingOf = ({ piece }: Solid) => {
    const mix = piece?.fillMixId ? habitat.mixes.find((other) => other.id === piece.fillMixId) : undefined;
    return mix && mixMaterial(mix.parts, pantryOf(library));
  };
  return bodies.map(({ solid, own, inside }, at) => {
    const { piece, baseCm, kind } = solid;
    const place: [number, number, number] = piece ? [piece.xCm, baseCm, -piece.yCm] : [0, baseCm, 0];
    const filling = fillingOf(solid);
    const { offset, rotation } = tiltOf(piece);
    return (
      <group key={at} position={place} rotation={[0, ((piece?.turnDeg ?? 0) * Math.PI) / 180, 0]}>
        <group position={offset} rotation={rotation}>
          <Skin body={own} of={plain(kind.look)} />
          {inside && filling ? <Skin body={inside} of={filling} /> : null}
          {inside && kind.form === "bowl" ? (
            <mesh geometry={inside}>
              <meshLambertMaterial color={WATER} transparent opacity={0.75} />
            </mesh>
          ) : null}
        </group>
      </group>
    );
  });
}

/** One that climbs a wall lies flat against it. */
const FLAT_ON_WALL = 0.35;
const MOUNTED: readonly string[] = ["wood", "hanging"];
const CORK: Material = plain({ texture: "flake", color: "#86694b" });

type Standing = { id: string; body: BufferGeometry; at: Placement; mounted: boolean };

/**
 * Plants from the section's own drawing, one body for each kind, shown wherever one of it stands; one that reaches the
 * glass has a body of its own, pressed against it.
 */
export function Plants({ habitat, ground }: Props) {
  const library = useLibrary();
  const night = useNight();
  const standing = useMemo(() => {
    const kinds = grouped(habitat.plants, ({ plantId }) => plantId);
    return [...kinds].flatMap(([plantId, stands]) => {
      const plant = library.get("plants", plantId);
      const shown = night ? { ...plant, color: byNight(plant.color) } : plant;
      const body = plantGeometry(shown, seedOf(stands[0]?.id ?? plantId));
      return stands.map((stand, nth): Standing => {
        const spot = spotOf(plant, stand);
        const { across, up } = shareOfGrown(plant, undefined, stand.keptCm);
        const at: Placement = {
          position: [stand.xCm, plantFootCm(habitat, ground, stand, plant), -stand.yCm],
          round: nth * 1.3,
          scale: [across, hangsDown(ground, stand, plant) ? -up : up, across * (spot === "wall" ? FLAT_ON_WALL : 1)],
        };
        return { id: stand.id, ...insideGlass(body, at, habitat.shell), mounted: MOUNTED.includes(spot) };
      });
    });
  }, [habitat, ground, library, night]);
  const cork = useMemo(() => skinned(new SphereGeometry(1, 12, 8).scale(4.3, 3.1, 1.1)), []);
  return standing.map(({ id, body, at, mounted }) => (
    <group key={id} position={at.position}>
      <mesh geometry={body} rotation={[0, at.round, 0]} scale={at.scale} castShadow receiveShadow>
        <meshLambertMaterial vertexColors side={DoubleSide} />
      </mesh>
      {mounted ? (
        <group position={[0, -1.6, 0]}>
          <Skin body={cork} of={CORK} />
        </group>
      ) : null}
    </group>
  ));
}

/** A hair wider than the ground it stands in, so that the two do not flicker through each other. */
const OVER_ITS_GROUND = 1.004;

/** Water in the drainage, or the water of a box that is all water. */
export function Water({ habitat, ground }: Props) {
  const animal = useLibrary().get("animals", habitat.brief.animalId);
  const keptCm = Math.min(habitat.strata.waterLineCm, ground.water?.topCm ?? 0);
  const lineCm = aquaticLineCm(animal, habitat.shell, ground.surface.frontCm) ?? keptCm;
  const { widthCm, depthCm } = habitat.shell;
  const body = useMemo(
    () =>
      lineCm > 0
        ? prismGeometry(ground.terrain.floor, lineCm)
            .translate(-widthCm / 2, 0, depthCm / 2)
            .scale(OVER_ITS_GROUND, 1, OVER_ITS_GROUND)
            .translate(widthCm / 2, 0, -depthCm / 2)
        : undefined,
    [ground.terrain.floor, lineCm, widthCm, depthCm],
  );
  if (!body) return null;
  return (
    <mesh geometry={body}>
      <meshLambertMaterial color={WATER} transparent opacity={0.42} depthWrite={false} />
    </mesh>
  );
}

/** The edges of the glass, and what is built on its walls. */
export function Glass({ habitat, edge }: { habitat: Design; edge: string }) {
  const library = useLibrary();
  const { shell } = habitat;
  const edges = useMemo(() => glassEdges(floorOutline(shell), shell.heightCm), [shell]);
  const walls = useMemo(
    () =>
      shell.treatments
        .filter(({ thicknessCm }) => thicknessCm > 0)
        .map((treatment) => ({ ...treatment, body: wallBody(shell, treatment) })),
    [shell],
  );
  return (
    <>
      <lineSegments key={edges.length + shell.heightCm + shell.widthCm + shell.depthCm}>
        <bufferGeometry>
          <bufferAttribute attach="attributes-position" args={[edges, 3]} />
        </bufferGeometry>
        <lineBasicMaterial color={edge} />
      </lineSegments>
      {walls.map(({ wall, treatmentId, finishId, body }) => {
        const look =
          finishId === null
            ? library.get("wallTreatments", treatmentId).look
            : library.get("wallFinishes", finishId).look;
        return <Skin key={wall} body={body} of={plain(look)} />;
      })}
    </>
  );
}

/** What is built on a wall, from its lower edge to the rim. */
function wallBody({ widthCm, depthCm, heightCm }: Shell, { wall, thicknessCm, fromCm }: Treatment): BufferGeometry {
  const [left, right] =
    wall === "left" ? [0, thicknessCm] : wall === "right" ? [widthCm - thicknessCm, widthCm] : [0, widthCm];
  const [front, back] =
    wall === "front" ? [0, thicknessCm] : wall === "back" ? [depthCm - thicknessCm, depthCm] : [0, depthCm];
  const outline = [
    [left, front],
    [right, front],
    [right, back],
    [left, back],
  ] as const;
  return skinned(prismGeometry(outline, heightCm - fromCm).translate(0, fromCm, 0));
}
