"use client";

import { useMemo } from "react";
import { DoubleSide } from "three";
import { beamDegOf, fitted, fixtureOf, flatCmOf, lengthCmOf, nozzlesOf, type Fixture } from "@/core/gear";
import type { Design } from "@/core/habitat";
import type { Ground } from "@/core/strata";
import { useLibrary } from "@/words";
import { GEAR_COLORS, gearFormOf, type GearForm } from "../section/gearForm";

const HOUSING = "#3f423d";
const SIDES = 24;
/** A cone is shown no wider than this, and no longer than this share of the box. */
const WIDEST_DEG = 70;
const LIGHT_SHARE = 0.8;

type Drawn = { fixture: Fixture; habitat: Pick<Design, "shell"> };

/** A box of a size, about its place. */
function Block({ size, color, rise = 0 }: { size: [number, number, number]; color: string; rise?: number }) {
  return (
    <mesh position={[0, size[1] / 2 + rise, 0]} castShadow>
      <boxGeometry args={size} />
      <meshLambertMaterial color={color} />
    </mesh>
  );
}

/** What a lamp shines down, as a clear cone. */
function Shine({ fixture, habitat }: Drawn) {
  const { kind, zCm } = fixture;
  if (kind.purpose !== "dayHeat" || kind.reference.beamDeg === undefined) return null;
  const long = Math.min(zCm, habitat.shell.heightCm) * LIGHT_SHARE;
  const spread = long * Math.tan(((Math.min(WIDEST_DEG, beamDegOf(fixture)) / 2) * Math.PI) / 180);
  return (
    <mesh position={[0, -long / 2, 0]}>
      <cylinderGeometry args={[5, 5 + spread, long, SIDES, 1, true]} />
      <meshBasicMaterial
        color={GEAR_COLORS[kind.purpose]}
        transparent
        opacity={0.12}
        side={DoubleSide}
        depthWrite={false}
      />
    </mesh>
  );
}

function Dome({ fixture, habitat }: Drawn) {
  return (
    <>
      <mesh position={[0, 4, 0]} castShadow>
        <cylinderGeometry args={[2.2, 6.5, 8, SIDES, 1, true]} />
        <meshLambertMaterial color={HOUSING} side={DoubleSide} />
      </mesh>
      <mesh position={[0, 8.6, 0]}>
        <cylinderGeometry args={[1.6, 1.6, 2, SIDES]} />
        <meshLambertMaterial color="#8d9290" />
      </mesh>
      <mesh position={[0, 1, 0]}>
        <sphereGeometry args={[3.6, SIDES, 12]} />
        <meshBasicMaterial color={GEAR_COLORS[fixture.kind.purpose]} />
      </mesh>
      <Shine fixture={fixture} habitat={habitat} />
    </>
  );
}

/** Nozzles under the lid, each with its spray. */
function Nozzles({ fixture, habitat }: Drawn) {
  const { widthCm, heightCm } = habitat.shell;
  const count = Math.min(8, nozzlesOf(fixture));
  const apart = count > 1 ? Math.min(widthCm / count, 26) : 0;
  const long = Math.min(heightCm * 0.4, 24);
  return Array.from({ length: count }, (_, n) => (n - (count - 1) / 2) * apart).map((along) => (
    <group key={along} position={[along, heightCm - 1 - fixture.zCm, 0]}>
      <mesh>
        <sphereGeometry args={[1, 12, 8]} />
        <meshLambertMaterial color={GEAR_COLORS.water} />
      </mesh>
      <mesh position={[0, -long / 2, 0]}>
        <cylinderGeometry args={[0.6, long * 0.32, long, SIDES, 1, true]} />
        <meshBasicMaterial color={GEAR_COLORS.water} transparent opacity={0.14} side={DoubleSide} depthWrite={false} />
      </mesh>
    </group>
  ));
}

/** Along a side wall a thing lies along the depth. */
const isAlongDepth = ({ piece, place }: Fixture): boolean =>
  (place === "sideOfBox" || place === "insideWall") && (piece.wall === "left" || piece.wall === "right");

/** A mat on a wall stands up, one under the box lies. */
function Flat({ fixture, thickCm }: { fixture: Fixture; thickCm: number }) {
  const { widthCm, depthCm } = flatCmOf(fixture);
  const color = GEAR_COLORS[fixture.kind.purpose];
  const [wide, deep] = [Math.max(6, widthCm), Math.max(6, depthCm)];
  if (fixture.place === "sideOfBox" || fixture.place === "insideWall")
    return <Block size={isAlongDepth(fixture) ? [thickCm, deep, wide] : [wide, deep, thickCm]} color={color} />;
  return <Block size={[wide, thickCm, deep]} color={color} rise={fixture.place === "underBox" ? -thickCm : 0} />;
}

function Body({ form, ...drawn }: Drawn & { form: GearForm }) {
  const { fixture } = drawn;
  switch (form) {
    case "dome":
      return <Dome {...drawn} />;
    case "tube":
      return (
        <>
          <Block size={[Math.max(5, lengthCmOf(fixture)), 2.4, 5]} color={HOUSING} />
          <Block
            size={[Math.max(4, lengthCmOf(fixture) - 2), 0.8, 2.4]}
            color={GEAR_COLORS[fixture.kind.purpose]}
            rise={-0.8}
          />
        </>
      );
    case "panel":
    case "mat":
    case "stone":
      return <Flat fixture={fixture} thickCm={form === "mat" ? 0.6 : 2.2} />;
    case "nozzles":
      return <Nozzles {...drawn} />;
    case "fan":
    case "duct":
      return <Block size={[8, 5, 8]} color={HOUSING} />;
    case "vessel":
      return <Block size={[9, 12, 9]} color={GEAR_COLORS.water} />;
    case "pump":
      return <Block size={[5, 4, 4]} color={HOUSING} />;
    case "probe":
      return null;
  }
}

/** The gear of a box in the turned view: lamps with their light, nozzles with their spray, mats, fans, probes. */
export function Gear({ habitat, ground }: { habitat: Design; ground: Ground }) {
  const library = useLibrary();
  const fixtures = useMemo(
    () =>
      fitted(habitat.gear, library)
        .map((one) => fixtureOf(one, habitat.shell, ground.surfaceAt))
        .filter(({ place, kind }) => place !== "room" || gearFormOf(kind) === "nozzles"),
    [habitat.gear, habitat.shell, ground, library],
  );
  return fixtures.map((fixture) => {
    const { piece, xCm, yCm, zCm } = fixture;
    return (
      <group key={piece.id}>
        <group position={[xCm, zCm, -yCm]}>
          <Body form={gearFormOf(fixture.kind)} fixture={fixture} habitat={habitat} />
        </group>
        {piece.probe ? (
          <mesh position={[piece.probe.xCm, piece.probe.upCm, -piece.probe.yCm]}>
            <sphereGeometry args={[0.9, 12, 8]} />
            <meshLambertMaterial color="#b4623a" />
          </mesh>
        ) : null}
      </group>
    );
  });
}
