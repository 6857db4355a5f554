"use client";

import MoreVertOutlined from "@mui/icons-material/MoreVertOutlined";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import Link from "next/link";
import { useMemo, useState } from "react";
import { schedule } from "@/core/build";
import { derive } from "@/core/derive";
import type { Habitat } from "@/core/habitat";
import { dueList } from "@/core/keeping";
import { putHabitat, removeHabitat } from "@/store";
import { saveHabitatFile } from "@/ui/files";
import { useNow } from "@/ui/parts";
import { Miniature } from "@/ui/section";
import { boxSize, nameOf, sayFinding, useSay, type Say } from "@/words";
import type { Notice } from "./notice";
import css from "./Shelf.module.css";

type State = { text: string; tone: "good" | "look" | "harm" | "plain" };

/** The one thing to say about a habitat: what harms, what is late, what is out of band, or that all is well. */
function stateOf(habitat: Habitat, today: string, say: Say): State {
  const { findings } = derive(habitat);
  const [first] = findings;
  if (first?.severity === "harm") return { text: sayFinding(first, say).title, tone: "harm" };
  const late = dueList(habitat, today).find((duty) => duty.inDays < 0);
  if (late)
    return {
      text: `${say(`keeping:duties.${late.id}.title`)}: ${say("shelf:late", { count: -late.inDays })}`,
      tone: "harm",
    };
  if (first) return { text: sayFinding(first, say).title, tone: "look" };
  if (habitat.keeping.sinceOn === null) {
    const moveIn = schedule(habitat, today).at(-1);
    return { text: moveIn ? say("shelf:planned", { moveOn: moveIn.startOn }) : say("shelf:building"), tone: "plain" };
  }
  return { text: say("shelf:inBand"), tone: "good" };
}

/** One habitat on the shelf: its section, its name, and how it is. */
export function HabitatSpot({
  habitat,
  pxPerCm,
  onNotice,
}: {
  habitat: Habitat;
  pxPerCm: number;
  onNotice: (notice: Notice) => void;
}) {
  const say = useSay();
  const today = useNow();
  const state = useMemo(() => (today === "" ? undefined : stateOf(habitat, today, say)), [habitat, today, say]);
  return (
    <article className={css.spot}>
      <Link
        href={`/h/${habitat.id}/strata`}
        className={css.stand}
        aria-label={say("shelf:open", { name: habitat.name })}
      >
        <Miniature habitat={habitat} pxPerCm={pxPerCm} label={habitat.name} />
      </Link>
      <div className={css.label}>
        <div className={css.nameRow}>
          <h2>
            <Link href={`/h/${habitat.id}/strata`}>{habitat.name}</Link>
          </h2>
          <SpotMenu habitat={habitat} onNotice={onNotice} />
        </div>
        <p>
          {habitat.brief.count} × {nameOf("animals", habitat.brief.animalId)}
        </p>
        <p>{say("common:sizeOf", boxSize(habitat.shell))}</p>
        {state ? (
          <p className={css.state} data-tone={state.tone}>
            {state.text}
          </p>
        ) : null}
      </div>
    </article>
  );
}

function SpotMenu({ habitat, onNotice }: { habitat: Habitat; onNotice: (notice: Notice) => void }) {
  const say = useSay();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [asking, setAsking] = useState(false);
  const remove = async () => {
    setAsking(false);
    await removeHabitat(habitat.id);
    onNotice({ text: say("shelf:deleted", { name: habitat.name }), undo: () => void putHabitat(habitat) });
  };
  return (
    <>
      <IconButton
        size="small"
        aria-label={say("shelf:actions", { name: habitat.name })}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        <MoreVertOutlined fontSize="small" />
      </IconButton>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem
          onClick={() => {
            setAnchor(null);
            saveHabitatFile(habitat);
          }}
        >
          {say("shelf:export")}
        </MenuItem>
        <MenuItem
          onClick={() => {
            setAnchor(null);
            setAsking(true);
          }}
        >
          {say("shelf:delete")}
        </MenuItem>
      </Menu>
      <Dialog open={asking} onClose={() => setAsking(false)} maxWidth="xs">
        <DialogTitle>{say("shelf:deleteTitle", { name: habitat.name })}</DialogTitle>
        <DialogContent>{say("shelf:deleteHelp")}</DialogContent>
        <DialogActions>
          <Button variant="outlined" onClick={() => setAsking(false)}>
            {say("common:cancel")}
          </Button>
          <Button color="error" onClick={() => void remove()}>
            {say("shelf:delete")}
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
