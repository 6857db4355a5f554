import { applyAll, WAITING_SCHOOLS, type Command } from "../habitat";
import { sceneOf, type Scene } from "../scene";
import { daysBetween } from "../units";
import { planOf, type Progress } from "./schedule";

/** Another way that would bring the animal sooner. */
export type Saving = {
  code: "panelForFoam" | "airingWeeks" | "growInWeeks" | "crewWeeks" | "quarantineElsewhere";
  /** Weeks waited instead, where it is a matter of weeks. */
  weeks: number | undefined;
  savesDays: number;
  moveInOn: string;
  commands: readonly Command[];
};

type Way = Pick<Saving, "code" | "weeks" | "commands">;

/** Cork in place of every foamed wall: glued in a day, and aired in days. */
function panels({ habitat, library }: Scene): Way[] {
  const foamed = habitat.shell.treatments.filter(
    ({ treatmentId }) => library.get("wallTreatments", treatmentId).foamLPerCan > 0,
  );
  const commands = foamed.map(({ wall }): Command => ({
    name: "setTreatment",
    args: { wall, treatmentId: "corkPanel", finishId: null },
  }));
  return commands.length > 0 ? [{ code: "panelForFoam", weeks: undefined, commands }] : [];
}

const shorter = (code: keyof typeof WAITING_SCHOOLS): Way[] =>
  WAITING_SCHOOLS[code].map((weeks) => ({ code, weeks, commands: [{ name: "setWaiting", args: { [code]: weeks } }] }));

/**
 * What would bring the animal sooner, that which saves most first: another school of waiting, a panel for foam.
 *
 * @example savings(scene, state, today)[0] // { code: "panelForFoam", savesDays: 17, … }
 */
export function savings(scene: Scene, progress: Progress, today: string): Saving[] {
  const { habitat, library } = scene;
  const comesOn = (of: Scene): string => planOf(of, progress, today).steps.at(-1)?.startOn ?? today;
  const nowOn = comesOn(scene);
  const ways: Way[] = [
    ...panels(scene),
    ...shorter("airingWeeks"),
    ...shorter("growInWeeks"),
    ...shorter("crewWeeks"),
    ...(habitat.build.waiting.quarantine === "here"
      ? [
          {
            code: "quarantineElsewhere" as const,
            weeks: undefined,
            commands: [{ name: "setWaiting" as const, args: { quarantine: "elsewhere" as const } }],
          },
        ]
      : []),
  ];
  return ways
    .flatMap((way): Saving[] => {
      const moveInOn = comesOn(sceneOf(applyAll(habitat, way.commands, library), library));
      const savesDays = daysBetween(moveInOn, nowOn);
      return savesDays > 0 ? [{ ...way, savesDays, moveInOn }] : [];
    })
    .toSorted((a, b) => b.savesDays - a.savesDays);
}
