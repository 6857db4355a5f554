"use client";

import type { SheetPart, SheetPlan, SheetRow } from "@/core/files";
import { fitted, isSwitched } from "@/core/gear";
import { planFor } from "@/core/build";
import { floorOutline } from "@/core/habitat";
import { sizeAfter } from "@/core/living";
import { useOpen, useToday } from "@/store";
import { useStepNames } from "@/ui/plan";
import { useLayerNames } from "@/ui/section";
import { capital, dayPrinted, mixName, runSaid, useFigures, useLibrary, useSay, wattsSaid } from "@/words";

/** Every layer with its litres and the lines it is filled to, from the top down. */
function useLines(): SheetPart {
  const say = useSay();
  const figures = useFigures();
  const { habitat, derived } = useOpen();
  const nameOf = useLayerNames(habitat);
  const rows = derived.ground.levels.toReversed().map((level): SheetRow => ({
    text: nameOf(level.layerId),
    figures: [
      level.looseL > 0 ? figures.printed(level.looseL, "volume") : "–",
      say("sheets:plan.inFront", { lineCm: level.top.frontCm }),
      say("sheets:plan.atBack", { lineCm: level.top.backCm }),
    ],
  }));
  return { title: say("sheets:plan.lines"), rows };
}

/** What each mix is made of, in shares. */
function useBatches(): SheetPart {
  const say = useSay();
  const figures = useFigures();
  const library = useLibrary();
  const { mixes } = useOpen().habitat;
  const rows = mixes.map((mix): SheetRow => {
    const all = mix.parts.reduce((sum, { parts }) => sum + parts, 0);
    const told = mix.parts.map(({ ingredientId, parts }) =>
      say("sheets:plan.share", { share: figures.number((100 * parts) / Math.max(all, 1e-9), 0), ingredientId }),
    );
    return { text: capital(mixName(mix, say, library)), bold: true, small: told.join(", ") };
  });
  return { title: say("sheets:plan.batches"), rows };
}

function useSteps(): { steps: SheetPart; cautions: SheetPart } {
  const say = useSay();
  const { habitat, derived, log } = useOpen();
  const today = useToday();
  const names = useStepNames(habitat.mixes);
  const steps = today === "" ? [] : planFor(derived, log.state, today).steps;
  const rows = steps.map((step): SheetRow => ({
    text: step.state === "done" ? say("sheets:plan.done", { what: names.title(step) }) : names.title(step),
    bold: step.governs,
    small: names.why(step),
    figures: [step.wait[1] > 0 ? say("build:waits", { count: Math.ceil(step.wait[1]) }) : "", dayPrinted(step.startOn)],
  }));
  const codes = [...new Set(steps.flatMap(({ cautions }) => cautions))];
  return {
    steps: { title: say("sheets:plan.steps"), rows },
    cautions: { title: say("sheets:plan.cautions"), rows: codes.map((code) => ({ text: say(`cautions:${code}`) })) },
  };
}

/** Rounds of the planting plan are as wide as plants are after a year, up to the glass. */
const GROWN_MONTHS = 12;

/** Where each plant stands, and who is seeded. */
function useLife(): SheetPart[] {
  const say = useSay();
  const figures = useFigures();
  const library = useLibrary();
  const { plants, crew, shell } = useOpen().habitat;
  const plan: SheetPlan = {
    outline: floorOutline(shell),
    marks: plants.map(({ plantId, xCm, yCm, keptCm }, at) => {
      const { spreadCm } = sizeAfter(library.get("plants", plantId), GROWN_MONTHS, keptCm);
      const toGlassCm = Math.min(xCm, shell.widthCm - xCm, yCm, shell.depthCm - yCm);
      return { xCm, yCm, radiusCm: Math.max(0, Math.min(spreadCm / 2, toGlassCm)), label: `${at + 1}` };
    }),
  };
  return [
    {
      title: say("sheets:plan.plants"),
      plan,
      rows: plants.map(({ plantId, xCm, yCm }, at) => ({
        text: `${at + 1} ${capital(say.nameOf("plants", plantId))}`,
        figures: [figures.printed(xCm, "length"), figures.printed(yCm, "length")],
      })),
    },
    {
      title: say("sheets:plan.crew"),
      rows: crew.map(({ crewId, count }) => ({
        text: capital(say.nameOf("crew", crewId)),
        figures: [figures.number(count, 0)],
      })),
    },
  ];
}

/** What each piece of gear is set to. */
export function useGearSettings(): SheetPart {
  const say = useSay();
  const figures = useFigures();
  const library = useLibrary();
  const today = useToday();
  const { gear } = useOpen().habitat;
  const feedOf = (id: string | null) => gear.find((piece) => piece.id === id)?.kindId;
  const rows = fitted(gear, library).map(({ piece, kind }): SheetRow => {
    const feed = feedOf(piece.feedId);
    const told = [
      isSwitched(kind) ? runSaid(piece.run, today, say, figures) : undefined,
      feed === undefined ? undefined : say("sheets:plan.onFeed", { kindId: feed }),
    ];
    return {
      text: capital(say.nameOf("gear", kind.id)),
      small: told.filter((part) => part !== undefined).join(", "),
      figures: [piece.powerW === null ? "" : wattsSaid(piece.powerW, figures)],
    };
  });
  return { title: say("sheets:plan.gear"), rows };
}

/** The whole build in parts, for the screen and for paper. */
export function usePlanParts(): SheetPart[] {
  const { steps, cautions } = useSteps();
  const parts = [useLines(), useBatches(), steps, ...useLife(), useGearSettings(), cautions];
  return parts.filter(({ rows }) => rows.length > 0);
}
