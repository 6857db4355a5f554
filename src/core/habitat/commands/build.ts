import { z } from "zod";
import { DateSchema } from "../schema";
import { edit } from "./define";

/** Edits of the plan of the build. */
export const buildEdits = {
  setStart: edit(z.strictObject({ startOn: DateSchema }), (habitat, { startOn }) => ({
    ...habitat,
    build: { ...habitat.build, startOn },
  })),
};
