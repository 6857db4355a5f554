import { toLp, type Model, type Solution } from "@/core/solve";
import { solveModel } from "@/workers";
import { remembered } from "./results";

/**
 * Solves a model away from the page, or remembers how it was solved before.
 *
 * @throws DOMException "AbortError" when stopped; Error when the solver could not be loaded
 */
export const solve = (model: Model, signal?: AbortSignal): Promise<Solution> =>
  remembered(`${toLp(model)} ${model.closeEnough ?? ""}`, () => solveModel(model, signal));
