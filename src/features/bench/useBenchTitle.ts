import { usePathname } from "next/navigation";
import { useEffect } from "react";
import { useSession } from "@/store";
import { useSay } from "@/words";
import { isStep } from "./steps";

/** What the window is called: the step, the habitat, and whose page it is, so that tabs and a screen reader tell them apart. */
export function useBenchTitle(): void {
  const say = useSay();
  const step = usePathname().split("/").at(-1) ?? "";
  const name = useSession((session) => session.history?.present.name);
  useEffect(() => {
    if (name === undefined) return undefined;
    const before = document.title;
    document.title = [...(isStep(step) ? [say(`steps:${step}`)] : []), name, "Rincon"].join(" · ");
    return () => {
      document.title = before;
    };
  }, [say, step, name]);
}
