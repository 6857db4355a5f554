"use client";

import ArrowDownwardOutlined from "@mui/icons-material/ArrowDownwardOutlined";
import ArrowUpwardOutlined from "@mui/icons-material/ArrowUpwardOutlined";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { LAID, LIMITS, type Corners, type Layer, type Over, type SoilLayer } from "@/core/habitat";
import { useOpen } from "@/store";
import { Stepper } from "@/ui/measure";
import { Pills } from "@/ui/parts";
import { useSay } from "@/words";
import { FromHave } from "./FromHave";
import css from "./LayerRows.module.css";
import { MoundRows } from "./MoundRows";

const CORNERS: readonly (keyof Corners)[] = ["backLeftCm", "backRightCm", "frontLeftCm", "frontRightCm"];

/** Where a layer lies, as a choice among words. */
const choiceOf = (over: Over): string => (over.on === "zone" ? `zone:${over.zoneId}` : over.on);
function overOf(choice: string): Over {
  if (choice === "floor" || choice === "rest") return { on: choice };
  return { on: "zone", zoneId: choice.slice("zone:".length) };
}

/** What of a layer is not set every day: where it lies, its place among the others, a lift's corners and heaps. */
export function LayerMore({ layer, name }: { layer: Layer; name: string }) {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const { zones } = habitat.strata;
  const grounds = [
    { id: "floor", text: say("strata:overFloor") },
    ...(zones.length > 0
      ? [
          ...zones.map((zone) => ({ id: `zone:${zone.id}`, text: zone.name })),
          { id: "rest", text: say("strata:overRest") },
        ]
      : []),
  ];
  return (
    <div className={css.more}>
      <div className={css.moreLine}>
        {zones.length > 0 ? (
          <label className={css.field}>
            <span>{say("strata:over")}</span>
            <select
              className={css.select}
              value={choiceOf(layer.over)}
              onChange={(event) =>
                edit([{ name: "setOver", args: { layerId: layer.id, over: overOf(event.target.value) } }])
              }
            >
              {grounds.map(({ id, text }) => (
                <option key={id} value={id}>
                  {text}
                </option>
              ))}
            </select>
          </label>
        ) : null}
        <span className={css.arrows}>
          <IconButton
            size="small"
            aria-label={say("strata:up", { name })}
            onClick={() => edit([{ name: "moveLayer", args: { layerId: layer.id, by: 1 } }])}
          >
            <ArrowUpwardOutlined sx={{ fontSize: 17 }} />
          </IconButton>
          <IconButton
            size="small"
            aria-label={say("strata:down", { name })}
            onClick={() => edit([{ name: "moveLayer", args: { layerId: layer.id, by: -1 } }])}
          >
            <ArrowDownwardOutlined sx={{ fontSize: 17 }} />
          </IconButton>
        </span>
      </div>
      {layer.kind === "barrier" || layer.kind === "falseBottom" ? null : <FromHave layer={layer} />}
      {layer.kind === "soil" ? <SoilMore layer={layer} name={name} /> : null}
    </div>
  );
}

function SoilMore({ layer, name }: { layer: SoilLayer; name: string }) {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const { widthCm, depthCm } = habitat.shell;
  const radiusCm = Math.min(10, widthCm / 4, depthCm / 3);
  const add = () =>
    edit([
      {
        name: "addMound",
        args: {
          layerId: layer.id,
          id: crypto.randomUUID().slice(0, 8),
          form: "dome",
          xCm: widthCm / 2,
          yCm: depthCm * 0.6,
          radiusCm,
          topRadiusCm: 0,
          heightCm: radiusCm * 0.4,
        },
      },
    ]);
  return (
    <>
      <Pills
        label={say("strata:laid", { name })}
        value={layer.laid}
        onChange={(laid) => edit([{ name: "setLaid", args: { layerId: layer.id, laid } }])}
        options={LAID.map((value) => ({ value, text: say(`strata:laidHow.${value}`) }))}
      />
      <div className={css.corners}>
        {CORNERS.map((corner) => (
          <Stepper
            key={corner}
            label={say("strata:cornerOf", { name, corner: say(`strata:corners.${corner}`) })}
            caption={say(`strata:corners.${corner}`)}
            kind="length"
            value={layer.corners[corner]}
            limits={LIMITS.layerCm}
            onCommit={(cm, gesture) =>
              edit([{ name: "setCorners", args: { layerId: layer.id, [corner]: cm } }], gesture)
            }
          />
        ))}
      </div>
      <MoundRows layer={layer} />
      <Button size="small" variant="outlined" onClick={add}>
        {say("strata:addMound")}
      </Button>
    </>
  );
}
