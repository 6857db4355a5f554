"use client";

import { Canvas } from "@react-three/fiber";
import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import { DoubleSide } from "three";
import { floorOutline, type Design } from "@/core/habitat";
import { grownHeightCm, grownSpreadCm, spotOf } from "@/core/living";
import type { Ground } from "@/core/strata";
import { useSay, useLibrary } from "@/words";
import { Boundary } from "../parts/Boundary";
import { groundColor } from "../section/Texture";
import { materialOf } from "../section/material";
import css from "./BoxModel.module.css";
import { glassEdges, layerGeometry, prismGeometry } from "./geometry";

type Turn = { round: number; over: number; near: number };
const FIRST: Turn = { round: 0.5, over: 0.32, near: 1 };
const STEP = 0.12;
/** How much of the view the longest way through the box fills: none of it is cut off however it is turned. */
const FILLS = 4.6;

const clamp = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));
const turned = (turn: Turn, round: number, over: number): Turn => ({
  ...turn,
  round: turn.round + round,
  over: clamp(turn.over + over, -0.2, 1.45),
});

/** The box as a body that is turned with the pointer or the arrow keys, nearer and farther with + and −. */
export default function BoxModel({ habitat, ground }: { habitat: Design; ground: Ground }) {
  const say = useSay();
  const [turn, setTurn] = useState(FIRST);
  const drag = useRef<{ x: number; y: number } | undefined>(undefined);
  const { widthCm, depthCm, heightCm } = habitat.shell;
  const size = Math.hypot(widthCm, depthCm, heightCm);
  const move = (event: PointerEvent) => {
    if (!drag.current) return;
    const [dx, dy] = [event.clientX - drag.current.x, event.clientY - drag.current.y];
    drag.current = { x: event.clientX, y: event.clientY };
    setTurn((before) => turned(before, dx * 0.008, dy * 0.006));
  };
  const key = (event: KeyboardEvent) => {
    const way = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, STEP], ArrowDown: [0, -STEP] }[event.key];
    const zoom = { "+": 1.1, "=": 1.1, "-": 1 / 1.1 }[event.key];
    if (!way && !zoom) return;
    event.preventDefault();
    event.stopPropagation();
    setTurn((before) =>
      way ? turned(before, way[0] ?? 0, way[1] ?? 0) : { ...before, near: clamp(before.near * (zoom ?? 1), 0.5, 3) },
    );
  };
  const scale = (FILLS / size) * turn.near;
  return (
    <Boundary>
      <div
        className={css.stage}
        role="img"
        tabIndex={0}
        aria-label={say("strata:model", { name: habitat.name })}
        onKeyDown={key}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          drag.current = { x: event.clientX, y: event.clientY };
        }}
        onPointerMove={move}
        onPointerUp={() => (drag.current = undefined)}
        onPointerCancel={() => (drag.current = undefined)}
        onWheel={(event) =>
          setTurn((before) => ({ ...before, near: clamp(before.near * (event.deltaY < 0 ? 1.08 : 1 / 1.08), 0.5, 3) }))
        }
      >
        <Canvas
          camera={{ position: [0, 0, 6.4], fov: 40 }}
          frameloop="demand"
          dpr={[1, 2]}
          fallback={<p>{say("strata:noModel")}</p>}
        >
          <ambientLight intensity={1.5} />
          <directionalLight position={[4, 8, 6]} intensity={2} />
          <directionalLight position={[-6, 3, -4]} intensity={0.6} />
          <group rotation={[turn.over, turn.round, 0]} scale={scale}>
            <group position={[-widthCm / 2, -heightCm / 2, depthCm / 2]}>
              <Layers habitat={habitat} ground={ground} />
              <Solids ground={ground} />
              <Plants habitat={habitat} ground={ground} />
              <Water habitat={habitat} ground={ground} />
              <Glass habitat={habitat} />
            </group>
          </group>
        </Canvas>
        <p className={css.help}>{say("strata:modelHelp")}</p>
      </div>
    </Boundary>
  );
}

function Layers({ habitat, ground }: { habitat: Design; ground: Ground }) {
  const library = useLibrary();
  const { terrain } = ground;
  const bodies = useMemo(
    () => terrain.patches.map((patch) => ({ layer: patch.layer, body: layerGeometry(terrain, patch) })),
    [terrain],
  );
  return bodies.map(({ layer, body }) => {
    const open = layer.kind === "falseBottom";
    return (
      <mesh key={layer.id} geometry={body}>
        <meshStandardMaterial
          color={groundColor(materialOf(layer, habitat, library))}
          side={DoubleSide}
          flatShading
          roughness={1}
          transparent={open}
          opacity={open ? 0.35 : 1}
        />
      </mesh>
    );
  });
}

function Solids({ ground }: { ground: Ground }) {
  const bodies = useMemo(
    () =>
      ground.solids.map((solid) => ({
        solid,
        geometry: prismGeometry(solid.outline, Math.max(0.1, solid.topCm - solid.baseCm)),
      })),
    [ground.solids],
  );
  return bodies.map(({ solid, geometry }, at) => (
    <mesh key={at} geometry={geometry} position={[0, solid.baseCm, 0]}>
      <meshStandardMaterial color={solid.kind.look.color} roughness={0.95} flatShading />
    </mesh>
  ));
}

function Plants({ habitat, ground }: { habitat: Design; ground: Ground }) {
  const library = useLibrary();
  return habitat.plants.map((stand) => {
    const plant = library.get("plants", stand.plantId);
    const [heightCm, spreadCm] = [grownHeightCm(plant), grownSpreadCm(plant)];
    const spot = spotOf(plant, stand);
    const foot = ground.surfaceAt(stand.xCm, stand.yCm);
    const lifted = spot === "wood" || spot === "hanging" ? (habitat.shell.heightCm - foot) * 0.4 : 0;
    const high = Math.min(heightCm, habitat.shell.heightCm - foot - lifted);
    return (
      <mesh
        key={stand.id}
        position={[stand.xCm, foot + lifted + high / 2, -stand.yCm]}
        scale={[spreadCm * 0.36, Math.max(1, high / 2), spreadCm * 0.36]}
      >
        <icosahedronGeometry args={[1, 1]} />
        <meshStandardMaterial color={plant.color} transparent opacity={0.72} flatShading />
      </mesh>
    );
  });
}

function Water({ habitat, ground }: { habitat: Design; ground: Ground }) {
  const lineCm = Math.min(habitat.strata.waterLineCm, ground.water?.topCm ?? 0);
  const body = useMemo(
    () => (lineCm > 0 ? prismGeometry(ground.terrain.outline, lineCm) : undefined),
    [ground.terrain.outline, lineCm],
  );
  if (!body) return null;
  return (
    <mesh geometry={body}>
      <meshStandardMaterial color="#3f9bb1" transparent opacity={0.55} />
    </mesh>
  );
}

function Glass({ habitat }: { habitat: Design }) {
  const library = useLibrary();
  const { shell } = habitat;
  const edges = useMemo(() => glassEdges(floorOutline(shell), shell.heightCm), [shell]);
  const walls = shell.treatments.filter((treatment) => treatment.thicknessCm > 0);
  return (
    <>
      <lineSegments key={edges.length + shell.heightCm + shell.widthCm + shell.depthCm}>
        <bufferGeometry>
          <bufferAttribute attach="attributes-position" args={[edges, 3]} />
        </bufferGeometry>
        <lineBasicMaterial color="#4a5a52" />
      </lineSegments>
      {walls.map(({ wall, treatmentId, finishId, thicknessCm }) => {
        const along = wall === "front" || wall === "back";
        const size: [number, number, number] = along
          ? [shell.widthCm, shell.heightCm, thicknessCm]
          : [thicknessCm, shell.heightCm, shell.depthCm];
        const x =
          wall === "left" ? thicknessCm / 2 : wall === "right" ? shell.widthCm - thicknessCm / 2 : shell.widthCm / 2;
        const z =
          wall === "front" ? -thicknessCm / 2 : wall === "back" ? thicknessCm / 2 - shell.depthCm : -shell.depthCm / 2;
        return (
          <mesh key={wall} position={[x, shell.heightCm / 2, z]}>
            <boxGeometry args={size} />
            <meshStandardMaterial
              color={
                finishId === null
                  ? library.get("wallTreatments", treatmentId).look.color
                  : library.get("wallFinishes", finishId).look.color
              }
              roughness={1}
            />
          </mesh>
        );
      })}
    </>
  );
}
