"use client";

import AddOutlined from "@mui/icons-material/AddOutlined";
import DeleteOutlineOutlined from "@mui/icons-material/DeleteOutlineOutlined";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { catalog, entry } from "@/core/catalog";
import { LIMITS, type Mix } from "@/core/habitat";
import { litresFor, normalise, toldTotal, type Share } from "@/core/mix";
import { useOpen } from "@/store";
import { NumberInput } from "@/ui/measure";
import { plain, Swatch } from "@/ui/section";
import { capital, nameOf, useFigures, useSay } from "@/words";
import css from "./MixStep.module.css";

/** One row for each ingredient: parts as told, the share they come to, litres for this habitat. */
export function PartRows({ mix, looseL }: { mix: Mix; looseL: number }) {
  const say = useSay();
  const figures = useFigures();
  const litres = new Map(litresFor(mix.parts, looseL).map((part) => [part.ingredientId, part.litres]));
  return (
    <>
      <ul className={css.rows}>
        {normalise(mix.parts).map((part) => (
          <PartRow key={part.ingredientId} mixId={mix.id} part={part} litres={litres.get(part.ingredientId) ?? 0} />
        ))}
      </ul>
      <p className={css.told}>
        <span>{say("mix:toldTotal", { total: figures.number(toldTotal(mix.parts)) })}</span>
      </p>
      <AddIngredient mix={mix} />
    </>
  );
}

function PartRow({ mixId, part, litres }: { mixId: string; part: Share; litres: number }) {
  const say = useSay();
  const figures = useFigures();
  const { edit } = useOpen();
  const name = capital(nameOf("ingredients", part.ingredientId));
  return (
    <li className={css.row}>
      <Swatch material={plain(entry("ingredients", part.ingredientId).look)} width={30} height={30} />
      <span>
        <span className={css.name}>{name}</span>
        <span className={`${css.sub} measure`}>
          {say("mix:share", { share: figures.number(part.share * 100, 1) })} · {say("mix:litres", { looseL: litres })}
        </span>
      </span>
      <NumberInput
        label={say("mix:partsOf", { name })} value={part.parts} limits={LIMITS.parts}
        onCommit={(parts, gesture) => edit([{ name: "setPart", args: { mixId, ingredientId: part.ingredientId, parts } }], gesture)}
      />
      <IconButton size="small" aria-label={say("mix:removeIngredient", { name })} onClick={() => edit([{ name: "removePart", args: { mixId, ingredientId: part.ingredientId } }])}>
        <DeleteOutlineOutlined sx={{ fontSize: 17 }} />
      </IconButton>
    </li>
  );
}

function AddIngredient({ mix }: { mix: Mix }) {
  const say = useSay();
  const { edit } = useOpen();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const others = catalog.ingredients.filter(({ id }) => !mix.parts.some((part) => part.ingredientId === id));
  return (
    <>
      <Button size="small" variant="outlined" startIcon={<AddOutlined />} aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {say("mix:addIngredient")}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {others.map(({ id, look }) => (
          <MenuItem
            key={id} sx={{ gap: 1.5 }}
            onClick={() => {
              setAnchor(null);
              edit([{ name: "setPart", args: { mixId: mix.id, ingredientId: id, parts: 1 } }]);
            }}
          >
            <Swatch material={plain(look)} width={24} height={24} /> {capital(nameOf("ingredients", id))}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
