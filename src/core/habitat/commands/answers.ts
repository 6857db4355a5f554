import * as z from "zod";
import { AnswerSchema, type Answer } from "../schema";
import { edit } from "./define";

type About = Pick<Answer, "code" | "about">;
const isOther =
  ({ code, about }: About) =>
  (answer: Answer) =>
    answer.code !== code || answer.about !== about;

/** Answers to findings. */
export const answerEdits = {
  /** Writes down what was answered to a finding, in the place of what was answered before. */
  answer: edit(AnswerSchema, (habitat, answer) => ({
    ...habitat,
    answers: [...habitat.answers.filter(isOther(answer)), answer],
  })),

  /** Takes the answer to a finding back. */
  unanswer: edit(z.strictObject({ code: z.string(), about: z.string() }), (habitat, about) => ({
    ...habitat,
    answers: habitat.answers.filter(isOther(about)),
  })),
};
