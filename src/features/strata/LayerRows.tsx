"use client";

import DeleteOutlineOutlined from "@mui/icons-material/DeleteOutlineOutlined";
import TuneOutlined from "@mui/icons-material/TuneOutlined";
import ButtonBase from "@mui/material/ButtonBase";
import IconButton from "@mui/material/IconButton";
import Popover from "@mui/material/Popover";
import { useState } from "react";
import { carriesFor, LIMITS, type Command, type Layer } from "@/core/habitat";
import type { Library } from "@/core/library";
import { cutSheets, type Level } from "@/core/strata";
import { useOpen } from "@/store";
import { Stepper } from "@/ui/measure";
import { EntryField } from "@/ui/search";
import { materialOf, Swatch, useLayerNames } from "@/ui/section";
import { useSay, useLibrary } from "@/words";
import { LayerMore } from "./LayerMore";
import css from "./LayerRows.module.css";

type Choosing = { chosen: string | undefined; onChoose: (layerId: string | undefined) => void };

/** One row for each layer, top down as it lies. */
export function LayerRows({ chosen, onChoose }: Choosing) {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const levels = new Map(derived.ground.levels.map((level) => [level.layerId, level]));
  if (habitat.strata.layers.length === 0) return <p>{say("strata:empty")}</p>;
  return (
    <ul className={css.rows}>
      {habitat.strata.layers.toReversed().map((layer) => {
        const level = levels.get(layer.id);
        return level ? (
          <LayerRow key={layer.id} layer={layer} level={level} chosen={layer.id === chosen} onChoose={onChoose} />
        ) : null;
      })}
    </ul>
  );
}

function LayerRow({
  layer,
  level,
  chosen,
  onChoose,
}: {
  layer: Layer;
  level: Level;
  chosen: boolean;
  onChoose: Choosing["onChoose"];
}) {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const library = useLibrary();
  const name = useLayerNames(habitat)(layer.id);
  const [open, setOpen] = useState(false);
  const { over } = layer;
  const zone = over.on === "zone" ? habitat.strata.zones.find((other) => other.id === over.zoneId) : undefined;
  const where = over.on === "floor" ? undefined : (zone?.name ?? say("strata:overNames.rest"));
  return (
    <li
      className={css.row}
      data-chosen={chosen}
      data-kind={layer.kind}
      onFocus={() => onChoose(layer.id)}
      onPointerDown={() => onChoose(layer.id)}
    >
      <Swatch material={materialOf(layer, habitat, library)} />
      <div className={css.text}>
        <span className={css.title}>
          <MaterialName layer={layer} name={name} />
          {where ? <span className={css.where}>{where}</span> : null}
          {layer.kind === "soil" && layer.laid === "dry" ? (
            <span className={css.where}>{say("strata:laidHow.dry")}</span>
          ) : null}
        </span>
        <Detail layer={layer} level={level} />
      </div>
      <div className={css.depths}>
        <Depths layer={layer} name={name} />
      </div>
      <span className={`${css.remove} ${css.tools}`}>
        <IconButton
          size="small"
          aria-label={say("strata:more", { name })}
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          <TuneOutlined sx={{ fontSize: 17 }} />
        </IconButton>
        <IconButton
          size="small"
          aria-label={say("strata:removeLayer", { name })}
          onClick={() => edit([{ name: "removeLayers", args: { layerIds: [layer.id] } }])}
        >
          <DeleteOutlineOutlined sx={{ fontSize: 17 }} />
        </IconButton>
      </span>
      {open ? <LayerMore layer={layer} name={name} /> : null}
    </li>
  );
}

const SHELVES = {
  drainage: "drainageMedia",
  falseBottom: "falseBottoms",
  barrier: "barriers",
  dressing: "dressings",
} as const;

/** The edits that lay another material: one of the builder's own comes along. */
function materialCommands(
  layerId: string,
  shelf: (typeof SHELVES)[keyof typeof SHELVES],
  materialId: string,
  library: Library,
): Command[] {
  const carried = shelf === "dressings" || shelf === "drainageMedia" ? carriesFor(library, shelf, [materialId]) : [];
  return [...carried, { name: "setMaterial", args: { layerId, materialId } }];
}

/** The material's name; pressing it offers the others of its kind. Soil is named by its mix. */
function MaterialName({ layer, name }: { layer: Layer; name: string }) {
  const say = useSay();
  const library = useLibrary();
  const { edit } = useOpen();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  if (layer.kind === "soil") return <span className={css.name}>{name}</span>;
  const shelf = SHELVES[layer.kind];
  return (
    <>
      <ButtonBase
        className={`${css.name} ${css.choice}`}
        aria-haspopup="dialog"
        aria-label={`${say("strata:material")}: ${name}`}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {name} <span aria-hidden>▾</span>
      </ButtonBase>
      <Popover
        anchorEl={anchor}
        open={anchor !== null}
        onClose={() => setAnchor(null)}
        // The list opens with it, and stands where the field is by then.
        transitionDuration={0}
        anchorOrigin={{ vertical: "bottom", horizontal: "left" }}
        slotProps={{ paper: { className: css.picker ?? "" } }}
      >
        <EntryField
          atOnce
          size="small"
          name="material"
          label={say("strata:material")}
          items={library.all(shelf)}
          kindOf={() => shelf}
          value={layer.materialId}
          onChange={({ id }) => {
            setAnchor(null);
            if (id !== layer.materialId) edit(materialCommands(layer.id, shelf, id, library));
          }}
        />
      </Popover>
    </>
  );
}

function Detail({ layer, level }: { layer: Layer; level: Level }) {
  const say = useSay();
  const library = useLibrary();
  const { derived } = useOpen();
  const { volumeL, looseL, wetKg } = level;
  const text = {
    drainage: () =>
      say("strata:detailDrainage", {
        volumeL,
        looseL,
        voidPct: layer.kind === "drainage" ? library.get("drainageMedia", layer.materialId).voidPct : 0,
      }),
    falseBottom: () => {
      const plan = derived.ground.legs.find((legs) => legs.layerId === layer.id);
      return plan
        ? say("strata:detailFalseBottom", { count: plan.legs.length, legCm: plan.legCm, spacingCm: plan.spacingCm })
        : "";
    },
    barrier: () => {
      const sheet = cutSheets(derived.ground, library).find((cut) => cut.layerId === layer.id);
      return sheet ? say("strata:sheet", { widthCm: sheet.widthCm, depthCm: sheet.depthCm }) : "";
    },
    soil: () => say("strata:detailSoil", { volumeL, looseL, wetKg }),
    dressing: () => say("strata:detailDressing", { looseL }),
  }[layer.kind]();
  return <span className={css.detail}>{text}</span>;
}

function Depths({ layer, name }: { layer: Layer; name: string }) {
  const say = useSay();
  const { edit } = useOpen();
  if (layer.kind === "barrier") return null;
  if (layer.kind === "soil") {
    return (
      <>
        <Stepper
          label={say("strata:frontOf", { name })}
          caption={say("strata:front")}
          kind="length"
          value={layer.corners.frontLeftCm}
          limits={LIMITS.layerCm}
          onCommit={(frontCm, gesture) => edit([{ name: "setSoil", args: { layerId: layer.id, frontCm } }], gesture)}
        />
        <Stepper
          label={say("strata:backOf", { name })}
          caption={say("strata:back")}
          kind="length"
          value={layer.corners.backLeftCm}
          limits={LIMITS.layerCm}
          onCommit={(backCm, gesture) => edit([{ name: "setSoil", args: { layerId: layer.id, backCm } }], gesture)}
        />
      </>
    );
  }
  return (
    <Stepper
      label={say("strata:depthOf", { name })}
      kind="length"
      value={layer.depthCm}
      limits={LIMITS.layerCm}
      onCommit={(depthCm, gesture) => edit([{ name: "setDepth", args: { layerId: layer.id, depthCm } }], gesture)}
    />
  );
}
