/** The brief: animal, number, room, and whether the box is enough. */
export { BriefStep } from "./BriefStep";
