import type { Animal, SchoolView } from "@/core/catalog";
import type { Figures, Say } from "@/words";

export type School = Animal["schools"][number];

/** What a school puts in the place of the entry's figures, in words. @example ["soil at least 10 cm"] */
export function figuresOfView(view: SchoolView, say: Say, figures: Figures): string[] {
  const { uvNeed, uvIndexAtBack, drainage, leastSoilCm, company, mostTogether, heating } = view;
  const told = [
    uvNeed && say("schools:figures.uvNeed", { need: say(`library:values.uvNeed.${uvNeed}`) }),
    uvIndexAtBack &&
      say("schools:figures.uvIndexAtBack", {
        low: figures.number(uvIndexAtBack[0], 1),
        high: figures.number(uvIndexAtBack[1], 1),
      }),
    drainage && say("schools:figures.drainage", { answer: say(`brief:drainages.${drainage}`) }),
    leastSoilCm === undefined ? undefined : say("schools:figures.leastSoilCm", { needCm: leastSoilCm }),
    company && say("schools:figures.company", { company: say(`library:values.company.${company}`) }),
    mostTogether === undefined ? undefined : say("schools:figures.mostTogether", { mostCount: mostTogether }),
    heating && say("schools:figures.heating", { when: say(`library:values.heating.${heating}`) }),
  ];
  return told.filter((text): text is string => text !== undefined);
}
