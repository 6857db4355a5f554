import * as z from "zod";
import { CareSchema, SUPPLEMENTS, IndividualSchema, OwnDutySchema, type Care, type DutyChange } from "../care";
import { DateSchema } from "../fields";
import type { Design } from "../schema";
import { edit, mustBeFree, mustFind } from "./define";

const Change = CareSchema.shape.changes.element;
const ChangeArgs = Change.partial().required({ dutyId: true });

const says = ({ comes, off, keepsPace, minutes }: DutyChange): boolean =>
  comes !== null || off || keepsPace || minutes !== null;

/** The changes with one told anew; one that says nothing any more is no change. */
function withChange({ changes }: Care, told: z.infer<typeof ChangeArgs>): DutyChange[] {
  const before = changes.find(({ dutyId }) => dutyId === told.dutyId);
  const nothing = { comes: null, off: false, keepsPace: false, minutes: null, reason: null };
  const change = Change.parse({ ...nothing, ...before, ...told });
  const others = changes.filter(({ dutyId }) => dutyId !== told.dutyId);
  return says(change) ? [...others, change] : others;
}

const caring = (habitat: Design, to: Partial<Care>): Design => ({ ...habitat, care: { ...habitat.care, ...to } });

/** Edits of how the habitat is kept, and of who lives in it. */
export const careEdits = {
  /** When a duty comes, that it is off and why. What is not told stays. */
  changeDuty: edit(ChangeArgs, (habitat, told) => caring(habitat, { changes: withChange(habitat.care, told) })),
  addDuty: edit(OwnDutySchema, (habitat, duty) => {
    mustBeFree(habitat.care.own, duty.id);
    return caring(habitat, { own: [...habitat.care.own, duty] });
  }),
  removeDuty: edit(OwnDutySchema.pick({ id: true }), (habitat, { id }) => {
    mustFind(habitat.care.own, (duty) => duty.id === id, "id", id);
    return caring(habitat, { own: habitat.care.own.filter((duty) => duty.id !== id) });
  }),
  /** The day a tub of a supplement was opened; null: there is none. */
  openSupplement: edit(
    z.strictObject({ supplement: z.enum(SUPPLEMENTS), openedOn: DateSchema.nullable() }),
    (habitat, { supplement, openedOn }) => {
      const { [supplement]: _before, ...others } = habitat.care.openedOn;
      return caring(habitat, { openedOn: openedOn === null ? others : { ...others, [supplement]: openedOn } });
    },
  ),
  addIndividual: edit(IndividualSchema, (habitat, individual) => {
    mustBeFree(habitat.individuals, individual.id);
    return { ...habitat, individuals: [...habitat.individuals, individual] };
  }),
  removeIndividual: edit(IndividualSchema.pick({ id: true }), (habitat, { id }) => {
    mustFind(habitat.individuals, (one) => one.id === id, "id", id);
    return { ...habitat, individuals: habitat.individuals.filter((one) => one.id !== id) };
  }),
};
