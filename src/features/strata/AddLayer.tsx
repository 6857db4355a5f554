"use client";

import AddOutlined from "@mui/icons-material/AddOutlined";
import Button from "@mui/material/Button";
import ListItemText from "@mui/material/ListItemText";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { rule } from "@/core/catalog";
import type { Command, LayerKind } from "@/core/habitat";
import { useOpen } from "@/store";
import { useSay } from "@/words";

type NewLayer = Extract<Command, { name: "addLayer" }>["args"]["layer"];

const KINDS: readonly LayerKind[] = ["dressing", "soil", "barrier", "drainage", "falseBottom"];
const NEW_LIFT_CM = 4;
const NEW_FALSE_BOTTOM_CM = 7;
const NEW_DRESSING_CM = 2;
const NEW_CHARCOAL_CM = 1;

function newLayer(kind: LayerKind, id: string): NewLayer {
  switch (kind) {
    case "drainage":
      return { id, kind, materialId: "clayPebbles", depthCm: rule("drainageDepthCm") };
    case "falseBottom":
      return { id, kind, materialId: "diffuserGrid", depthCm: NEW_FALSE_BOTTOM_CM };
    case "barrier":
      return { id, kind, materialId: "insectScreen" };
    case "soil":
      return { id, kind, mixId: `mix-${id}`, frontCm: NEW_LIFT_CM, backCm: NEW_LIFT_CM };
    case "dressing":
      return { id, kind, materialId: "oakLitter", depthCm: NEW_DRESSING_CM };
  }
}

/** Adds a layer; it goes to its natural place by itself. */
export function AddLayer() {
  const say = useSay();
  const { edit } = useOpen();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const add = (layer: NewLayer) => {
    setAnchor(null);
    edit([{ name: "addLayer", args: { layer } }]);
  };
  const newId = () => crypto.randomUUID().slice(0, 8);
  return (
    <>
      <Button
        size="small"
        variant="outlined"
        startIcon={<AddOutlined />}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ flex: "none" }}
      >
        {say("strata:add")}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {KINDS.map((kind) => (
          <MenuItem key={kind} onClick={() => add(newLayer(kind, newId()))}>
            <ListItemText primary={say(`strata:kinds.${kind}`)} secondary={say(`strata:kindHelp.${kind}`)} />
          </MenuItem>
        ))}
        <MenuItem
          onClick={() => add({ id: newId(), kind: "dressing", materialId: "charcoalLayer", depthCm: NEW_CHARCOAL_CM })}
        >
          <ListItemText primary={say("strata:charcoal")} secondary={say("strata:charcoalHelp")} />
        </MenuItem>
      </Menu>
    </>
  );
}
