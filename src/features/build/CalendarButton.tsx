"use client";

import EventOutlined from "@mui/icons-material/EventOutlined";
import Button from "@mui/material/Button";
import { useOpen } from "@/store";
import { saveText } from "@/ui/files";
import { useSay } from "@/words";
import { usePlan, useStepWords } from "./plan";

/** Saves the plan as a file any calendar reads; taken in again it brings the dates up to date. */
export function CalendarButton() {
  const say = useSay();
  const words = useStepWords();
  const { habitat } = useOpen();
  const { plan } = usePlan();
  const save = async () => {
    // Read when it is wanted: nobody else needs it.
    const { calendarFile } = await import("@/core/build/calendarFile");
    const text = calendarFile({
      ...{ steps: plan.steps, habitatId: habitat.id, name: habitat.name, at: new Date().toISOString() },
      told: (step) => ({ title: `${habitat.name}: ${words.title(step)}`, text: words.why(step) }),
    });
    saveText(`${habitat.name}.ics`, text, "text/calendar");
  };
  return (
    <Button
      size="small"
      variant="outlined"
      startIcon={<EventOutlined />}
      title={say("build:plan.icsHelp")}
      onClick={() => void save()}
    >
      {say("build:plan.ics")}
    </Button>
  );
}
