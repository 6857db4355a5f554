"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { STEPS } from "@/core/findings";
import { useSession } from "@/store";

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ["INPUT", "TEXTAREA", "SELECT"].includes(target.tagName));

/** `1` to `9` go to the steps, Ctrl+Z and Ctrl+Shift+Z undo and redo, `?` lists the keys. */
export function useBenchKeys(id: string): { helpOpen: boolean; setHelpOpen: (open: boolean) => void } {
  const router = useRouter();
  const [helpOpen, setHelpOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target)) return;
      const { undo, redo } = useSession.getState();
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z") {
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === "?") return setHelpOpen(true);
      const step = STEPS[Number(event.key) - 1];
      if (step && /^[1-9]$/.test(event.key)) router.push(`/h/${id}/${step}`);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [id, router]);
  return { helpOpen, setHelpOpen };
}
