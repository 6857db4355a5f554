import { jobOf, type Design } from "@/core/habitat";
import type { LogEvent } from "@/core/log";
import type { Figures } from "./figures";
import { capital, isWord, type Say } from "./say";
import { sayEvent } from "./eventSaid";

const G_PER_KG = 1000;

/** What colours an entry of the story: what went well, water, what harms, what to look at, all else. */
export type Tone = "good" | "water" | "harm" | "look" | "plain";
/** An entry of the story in words. */
export type Entry = { title: string; small: string; tone: Tone };

type Speaking = { say: Say; figures: Figures; design: Pick<Design, "individuals" | "plants"> };
type Of<K extends LogEvent["kind"]> = Extract<LogEvent, { kind: K }>;

const joined = (parts: readonly (string | undefined)[]): string =>
  parts.filter((part) => part !== undefined && part !== "").join(" · ");

/** Which animal, where they are told apart. */
const whoSaid = ({ individualId }: { individualId?: string | undefined }, { design }: Speaking): string | undefined =>
  design.individuals.find(({ id }) => id === individualId)?.name;

function foodSaid(food: string, say: Say): string {
  const key = `library:values.foods.${food}`;
  return isWord(key) ? say(key) : food;
}

function fedSaid(event: Of<"fed">, speaking: Speaking): Entry {
  const { say } = speaking;
  const dusted = event.dusted.map((one) => say(`journal:fields.${one}`)).join(", ");
  return {
    title: say(`journal:said.fed.${event.taken}`, { food: foodSaid(event.food, say) }),
    small: joined([
      whoSaid(event, speaking),
      event.count === undefined ? undefined : say("journal:said.pieces", { count: event.count }),
      dusted === "" ? undefined : say("journal:said.dusted", { what: dusted }),
      event.apart ? say("journal:said.apart") : undefined,
    ]),
    tone: event.taken === "refused" ? "look" : "good",
  };
}

function weighedSaid(event: Of<"weighed">, speaking: Speaking): Entry {
  const { say, figures } = speaking;
  const length = event.lengthCm === undefined ? undefined : figures.printed(event.lengthCm, "length");
  return {
    title: say("journal:said.weighed", { mass: figures.printed(event.massG / G_PER_KG, "smallMass") }),
    small: joined([whoSaid(event, speaking), length && say("journal:said.long", { length })]),
    tone: "good",
  };
}

function grewSaid(event: Of<"grew">, { say, figures, design }: Speaking): Entry {
  const plantId = design.plants.find(({ id }) => id === event.standId)?.plantId;
  const name = plantId === undefined ? event.standId : say.nameOf("plants", plantId);
  return {
    title: say("journal:said.grew", { name, height: figures.printed(event.heightCm, "length") }),
    small: "",
    tone: "good",
  };
}

type SaidOf = { [K in LogEvent["kind"]]?: (event: Of<K>, speaking: Speaking) => Entry };

const SAID: SaidOf = {
  movedIn: ({ count, reason = "" }, { say }) => ({
    title: say("journal:said.movedIn"),
    small: joined([count === undefined ? undefined : `${count}`, reason]),
    tone: "good",
  }),
  fed: fedSaid,
  weighed: weighedSaid,
  grew: grewSaid,
  shed: (event, speaking) => ({
    title: speaking.say(`journal:said.shed.${event.whole ? "whole" : "parts"}`),
    small: joined([whoSaid(event, speaking), event.whole ? undefined : speaking.say("journal:said.shedMind")]),
    tone: event.whole ? "good" : "look",
  }),
  bred: (event, speaking) => ({
    title: speaking.say(`journal:said.bred.${event.what}`, { count: event.count }),
    small: joined([whoSaid(event, speaking)]),
    tone: "good",
  }),
  health: (event, speaking) => ({
    title: event.text || speaking.say("journal:said.health"),
    small: joined([whoSaid(event, speaking), speaking.say(event.vet ? "journal:said.vet" : "journal:said.askVet")]),
    tone: "harm",
  }),
  left: (event, speaking) => ({
    title: speaking.say(`journal:said.left.${event.how}`, { count: event.count }),
    small: joined([whoSaid(event, speaking), event.text]),
    tone: event.how === "died" ? "harm" : "plain",
  }),
  saw: (event, { say }) => ({
    title: say("journal:said.saw", { what: say(`journal:what.${event.what}`) }),
    small: event.text,
    tone: event.what === "escape" ? "harm" : "look",
  }),
  changed: (event, { say }) => ({
    title: event.text || say("journal:said.changed"),
    small: event.text ? say("journal:said.changed") : "",
    tone: "plain",
  }),
  counted: (event, { say }) => ({
    title: say("journal:said.counted", { count: event.count, name: say.nameOf("crew", event.crewId) }),
    small: "",
    tone: "plain",
  }),
  spent: (event, { say, figures }) => ({
    title: say("journal:said.spent", { amount: figures.number(event.amount, 2) }),
    small: event.text,
    tone: "plain",
  }),
  noted: (event, { say }) => ({
    title: event.text || say("journal:said.noted"),
    small: joined([
      event.taskId === undefined ? undefined : stepSaid(event.taskId, say),
      event.tags.map((tag) => say("journal:tagged", { tag })).join(" "),
    ]),
    tone: "plain",
  }),
  drawnOff: (event, { say }) => ({ title: sayEvent(event, say), small: "", tone: "water" }),
  lost: (event, { say }) => ({ title: sayEvent(event, say), small: "", tone: "look" }),
};

function stepSaid(taskId: string, say: Say): string | undefined {
  const key = `build:tasks.${jobOf(taskId)}.title`;
  return isWord(key) ? say("journal:said.atStep", { what: say(key) }) : undefined;
}

/** The day stands beside an entry of the story, so it is not said in it. */
const withoutDay = (text: string): string => text.replace(/, [^,]*$/, "");

/** An entry of the story: what happened, more of it in small, and what colour it has. */
export function journalSaid(event: LogEvent, speaking: Speaking): Entry {
  const said = SAID[event.kind] as ((event: LogEvent, speaking: Speaking) => Entry) | undefined;
  const entry = said?.(event, speaking) ?? { title: sayEvent(event, speaking.say), small: "", tone: "plain" as const };
  return said === undefined || event.kind === "drawnOff" || event.kind === "lost"
    ? { ...entry, title: capital(withoutDay(entry.title)) }
    : entry;
}
