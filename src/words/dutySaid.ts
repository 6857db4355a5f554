import type { Animal } from "@/core/catalog";
import type { Comes } from "@/core/habitat";
import type { Duty, Supplement } from "@/core/keeping";
import { measurableOf, type SeriesId } from "@/core/log";
import { channelPrinted } from "./channels";
import type { Figures } from "./figures";
import { isWord, type Say } from "./say";

type Named = Pick<Duty, "does" | "quantities" | "name">;

/** What a duty is called. @example dutyTitle(duty, say) // "Check the water line" */
export const dutyTitle = ({ does, quantities, name }: Named, say: Say): string =>
  does === "own" ? (name ?? "") : say(`keeping:duties.${does}.title`, quantities);

/** What to do and mind in it; nothing for a keeper's own. */
export function dutyWhy({ does, quantities }: Named, say: Say): string {
  if (does === "own") return "";
  const particular = `keeping:duties.${does}.whys.${quantities.purpose}`;
  if (isWord(particular)) return say(particular, quantities);
  if (does !== "feed") return say(`keeping:duties.${does}.why`, quantities);
  const size = say(`keeping:prey.${quantities.prey as Prey}`);
  return say(quantities.dusted ? "keeping:prey.dusted" : "keeping:duties.feed.why", { size });
}
type Prey = NonNullable<Animal["food"]["preySize"]>;

/** A rule of the calendar in words, as far as it is one of those that can be chosen. */
function ruleSaid(rule: string, say: Say): string {
  const weekly = /^FREQ=WEEKLY;BYDAY=([A-Z,]+)$/.exec(rule)?.[1];
  if (weekly !== undefined) {
    const names = weekly.split(",").map((day) => `journal:comes.weekdayNames.${day}`);
    if (names.every(isWord)) return say("journal:comes.weekdays", { days: names.map((key) => say(key)).join(", ") });
  }
  const day = /^FREQ=MONTHLY;BYMONTHDAY=(\d+)$/.exec(rule)?.[1];
  return day === undefined ? say("journal:comes.rule", { rule }) : say("journal:comes.monthly", { day });
}

/** When a duty comes. @example comesSaid({ by: "days", days: 7 }, say, figures) // "every 7 days" */
export function comesSaid(comes: Comes, say: Say, figures: Figures): string {
  if (comes.by === "days") return say("journal:every", { count: comes.days });
  if (comes.by === "rule") return ruleSaid(comes.rule, say);
  const channel = measurableOf(comes.series as SeriesId);
  // A file may name what no gauge here tells.
  if (!isWord(`journal:charts.${channel}`)) return comes.series;
  return say(comes.side === "above" ? "journal:comes.needAbove" : "journal:comes.needBelow", {
    what: say(`journal:charts.${channel}`),
    limit: channelPrinted(comes.value, channel, figures),
  });
}

/** What the next feeding is dusted with. */
export function dustingSaid(dusted: readonly Supplement[], say: Say): string {
  const [first] = dusted;
  if (first === undefined) return say("journal:dusted.none");
  return say(`journal:dusted.${dusted.length > 1 ? "both" : first}`);
}
