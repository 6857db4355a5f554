import { isWord, type Say } from "@/words";

/**
 * The words an entry holds besides its figures, in the order they are told. Which of them an entry has depends on its
 * kind.
 */
const TRAITS = [
  "kind",
  "group",
  "purpose",
  "control",
  "region",
  "climate",
  "habit",
  "activity",
  "company",
  "difficulty",
  "diet",
  "water",
  "eatsCrew",
  "roughOnPlants",
  "drainage",
  "schools",
  "place",
  "light",
  "feet",
  "leaf",
  "sturdy",
  "eaten",
  "method",
  "pruning",
  "ease",
  "eats",
  "survivesHunting",
  "matter",
  "percolation",
  "soldAs",
  "amphibianSkin",
] as const;

export type Trait = { key: string; label: string; text: string };

const valueWord = (key: string, value: string, say: Say): string => {
  const word = key === "matter" ? `mix:matters.${value}` : `library:values.${key}.${value}`;
  return isWord(word) ? say(word) : value;
};

/**
 * What an entry is, in words.
 *
 * @example traitsOf(entry("plants", "nervePlant"), say)[0] // { key: "kind", label: "Kind", text: "leaf plant" }
 */
export function traitsOf(entry: object, say: Say): Trait[] {
  const told = entry as Record<string, unknown>;
  const words = TRAITS.flatMap((key): Trait[] => {
    const value = told[key];
    const values = Array.isArray(value) ? value.map(String) : typeof value === "string" ? [value] : [];
    return values.length === 0
      ? []
      : [
          {
            key,
            label: say(`library:traits.${key}`),
            text: values.map((one) => valueWord(key, one, say)).join(key === "schools" ? "; " : ", "),
          },
        ];
  });
  const yesNo = (["roomTemperature", "safeToDig"] as const).flatMap((key): Trait[] =>
    typeof told[key] === "boolean"
      ? [
          {
            key,
            label: say(`library:traits.${key}`),
            text: say(told[key] ? "library:choices.yes" : "library:choices.no"),
          },
        ]
      : [],
  );
  return [...words, ...yesNo];
}

export { valueWord };
