/**
 * Amounts that come to nothing are left out of what is said, by one rule: a sentence sets clauses that may fall away
 * between ⟦ and ⟧, several parted by |, with what leads to them before ‖. A clause falls away when an amount in it is
 * nothing; when all of them do, so does what leads to them.
 *
 * @example withoutNothing(`Finish it⟦: ‖${amountSaid("0 L")} of paint|2 L of fibre⟧.`) // "Finish it: 2 L of fibre."
 */
export const withoutNothing = (sentence: string): string =>
  sentence
    .replace(/⟦(?:([^⟧‖]*)‖)?([^⟧]*)⟧/g, (_whole, lead: string | undefined, list: string) => {
      const left = list.split("|").filter((clause) => !clause.includes(NOTHING));
      return left.length === 0 ? "" : `${lead ?? ""}${left.join(", ")}`;
    })
    .replaceAll(NOTHING, "");

/** A mark no one can type, before an amount that comes to nothing. */
const NOTHING = "\u0000";

/** Whether a figure, as it is printed, is nothing at all. @example isNothing("0.00 L") // true */
const isNothing = (printed: string): boolean => /^0+([.,]0+)?(?![\d.,])/.test(printed);

/** A printed amount, marked where it comes to nothing. */
export const amountSaid = (printed: string): string => (isNothing(printed) ? `${NOTHING}${printed}` : printed);

/** An amount without its mark: where it is only the low end of more. */
export const plainAmount = (said: string): string => said.replaceAll(NOTHING, "");
