import { useEffect, useState } from "react";
import type { Design } from "@/core/habitat";
import type { NextByRule } from "@/core/keeping";

let known: NextByRule | undefined;

/** Whether any duty comes by a rule of the calendar. */
const hasRule = ({ care }: Design): boolean =>
  [...care.changes, ...care.own].some(({ comes }) => comes !== null && comes.by === "rule");

/** What reads rules of the calendar; it is loaded where a design has one, or always where one
 * may be made at any moment. Undefined until it is there. */
export function useNextByRule(designs: readonly Design[] | "always"): NextByRule | undefined {
  const isWanted = designs === "always" || designs.some(hasRule);
  const [read, setRead] = useState<{ next: NextByRule } | undefined>(known && { next: known });
  useEffect(() => {
    if (!isWanted || known) return;
    let gone = false;
    void import("@/core/keeping/rules").then(({ nextByRule }) => {
      known = nextByRule;
      if (!gone) setRead({ next: nextByRule });
    });
    return () => {
      gone = true;
    };
  }, [isWanted]);
  return read?.next;
}
