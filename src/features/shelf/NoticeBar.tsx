"use client";

import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import { useSay } from "@/words";
import type { Notice } from "./notice";

/** What was done on the Shelf, with the way back; it goes by itself. */
export default function NoticeBar({ notice, onClose }: { notice: Notice; onClose: () => void }) {
  const say = useSay();
  return (
    <Snackbar
      open
      autoHideDuration={8000}
      onClose={(_event, reason) => reason !== "clickaway" && onClose()}
      message={notice.text}
      action={
        notice.undo ? (
          <Button
            size="small"
            variant="text"
            sx={{ color: "inherit", textDecoration: "underline" }}
            onClick={() => {
              notice.undo?.();
              onClose();
            }}
          >
            {say("common:undo")}
          </Button>
        ) : undefined
      }
    />
  );
}
