"use client";

import { Canvas, useThree } from "@react-three/fiber";
import { memo, useLayoutEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import { Euler, Quaternion } from "three";
import type { Design } from "@/core/habitat";
import type { Ground } from "@/core/strata";
import { useSay } from "@/words";
import { Boundary } from "../parts/Boundary";
import { useNight } from "../useNight";
import { Glass, Layers, Plants, Solids, Water } from "./Bodies";
import css from "./BoxModel.module.css";
import { Gear } from "./Gear";

type Turn = { round: number; over: number; near: number };
const FIRST: Turn = { round: 0.5, over: 0.32, near: 1 };
const STEP = 0.12;
/** How much of the view the longest way through the box fills: none of it is cut off however it is turned. */
const FILLS = 4.6;
/** The glass as in globals.css. */
const GLASS = "#22302a";
const GLASS_BY_NIGHT = "#9a8d79";
const EYE_FAR = 6.4;

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
  const edge = useNight() ? GLASS_BY_NIGHT : GLASS;
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
          camera={{ position: [0, 0, EYE_FAR], fov: 40 }}
          frameloop="demand"
          dpr={[1, 2]}
          flat
          shadows="basic"
          fallback={<p>{say("strata:noModel")}</p>}
        >
          <Eye turn={turn} />
          <Light />
          <Box habitat={habitat} ground={ground} edge={edge} />
          <Shadows habitat={habitat} ground={ground} />
        </Canvas>
        <p className={css.help}>{say("strata:modelHelp")}</p>
      </div>
    </Boundary>
  );
}

/** All that stands in the view; turning it leaves it alone. */
const Box = memo(function Box({ habitat, ground, edge }: { habitat: Design; ground: Ground; edge: string }) {
  const { widthCm, depthCm, heightCm } = habitat.shell;
  return (
    <group scale={FILLS / Math.hypot(widthCm, depthCm, heightCm)}>
      <group position={[-widthCm / 2, -heightCm / 2, depthCm / 2]}>
        <Layers habitat={habitat} ground={ground} />
        <Solids habitat={habitat} ground={ground} />
        <Plants habitat={habitat} ground={ground} />
        <Water habitat={habitat} ground={ground} />
        <Glass habitat={habitat} edge={edge} />
        <Gear habitat={habitat} ground={ground} />
      </group>
    </group>
  );
});

/** The eye goes round the box, which stands still: so do its shadows, which are worked out once. */
function Eye({ turn: { round, over, near } }: { turn: Turn }) {
  const get = useThree((state) => state.get);
  useLayoutEffect(() => {
    const { camera, invalidate } = get();
    const looks = new Quaternion().setFromEuler(new Euler(over, round, 0)).invert();
    camera.quaternion.copy(looks);
    camera.position.set(0, 0, EYE_FAR).applyQuaternion(looks);
    camera.zoom = near;
    camera.updateProjectionMatrix();
    invalidate();
  }, [get, round, over, near]);
  return null;
}

const SHADOW_PX = 1024;
const LAMP: [number, number, number] = [-1.2, 6, 2.4];

/** A soft light as of a lamp over the box, and the sky's, which fills its shadows in. */
const Light = () => (
  <>
    <hemisphereLight args={["#fffdf4", "#8d8371", 2.9]} />
    <directionalLight
      position={LAMP}
      intensity={2.1}
      castShadow
      shadow-mapSize={[SHADOW_PX, SHADOW_PX]}
      shadow-bias={-0.001}
      shadow-normalBias={0.02}
      shadow-camera-left={-FILLS * 0.6}
      shadow-camera-right={FILLS * 0.6}
      shadow-camera-top={FILLS * 0.6}
      shadow-camera-bottom={-FILLS * 0.6}
      shadow-camera-near={0.1}
      shadow-camera-far={FILLS * 3}
    />
  </>
);

/** Has the shadows worked out anew when what throws them changed, and only then. */
function Shadows({ habitat, ground }: { habitat: Design; ground: Ground }) {
  const get = useThree((state) => state.get);
  useLayoutEffect(() => {
    const { gl, invalidate } = get();
    gl.shadowMap.autoUpdate = false;
    gl.shadowMap.needsUpdate = true;
    invalidate();
  }, [get, habitat, ground]);
  return null;
}
