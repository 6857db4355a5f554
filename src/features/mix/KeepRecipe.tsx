"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { STOCK } from "@/core/library";
import { keepRecipe } from "@/core/own";
import { putOwn, useOpen } from "@/store";
import { sayNotKept, sayOwnProblem, useSay } from "@/words";
import { setPartsCommand, type MixAtHand } from "./useMixAtHand";

/** Asks what a recipe shall be called, and keeps it; the mix goes by that name from then on. */
export function KeepRecipe({
  hand,
  suggested,
  onDone,
}: {
  hand: MixAtHand;
  suggested: string;
  onDone: (kept: string | undefined) => void;
}) {
  const say = useSay();
  const { edit } = useOpen();
  const [name, setName] = useState(suggested);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const keep = async () => {
    const shelf = {
      ...hand.own,
      ingredients: [
        ...hand.own.ingredients,
        ...hand.habitat.own.ingredients.filter((item) => !hand.own.ingredients.some((other) => other.id === item.id)),
      ],
    };
    const kept = keepRecipe(
      shelf,
      { id: `own${crypto.randomUUID().replaceAll("-", "")}`, name, parts: [...hand.mix.parts] },
      STOCK.all("recipes").map(({ id }) => say.nameOf("recipes", id)),
    );
    if (!kept.ok) return setProblem(sayOwnProblem(kept.problem, say));
    await putOwn(kept.shelf);
    edit([setPartsCommand(hand, hand.mix.parts, { title: name.trim(), recipeId: null })]);
    onDone(name.trim());
  };
  return (
    <Dialog open onClose={() => onDone(undefined)} maxWidth="xs" fullWidth>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void keep().catch((error: unknown) => setProblem(sayNotKept(error, say)));
        }}
      >
        <DialogTitle>{say("mix:keepTitle")}</DialogTitle>
        <DialogContent>
          <TextField
            autoFocus
            label={say("mix:keepName")}
            value={name}
            error={problem !== undefined}
            helperText={problem}
            onChange={(event) => {
              setName(event.target.value);
              setProblem(undefined);
            }}
            sx={{ mt: 1 }}
          />
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2 }}>
          <Button variant="outlined" onClick={() => onDone(undefined)}>
            {say("mix:cancel")}
          </Button>
          <Button type="submit">{say("mix:keep")}</Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
