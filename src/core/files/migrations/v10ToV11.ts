import { plainOf, type Migration } from "./migration";

/** Two hours of an evening, four on each day of a weekend. */
const MINUTES = [120, 120, 120, 120, 120, 240, 240];

/** Version 11 knows a wished day, the evenings there are, schools of waiting, changes and steps of one's own. */
export const v10ToV11: Migration = (document) => {
  const design = plainOf(document.design);
  const build = {
    ...plainOf(design.build),
    wishedOn: null,
    minutesByWeekday: MINUTES,
    waiting: { airingWeeks: null, growInWeeks: null, crewWeeks: null, quarantine: "elsewhere" },
    changes: [],
    own: [],
  };
  return { ...document, design: { ...design, build } };
};
