import type { Caution } from "../catalog";
import { isInside, placeOf, wattsOf, type Fitted } from "../gear";
import type { Scene } from "../scene";
import type { Outlook } from "./outlook";

type Asked = {
  outlook: Pick<Outlook, "all">;
  habitat: Pick<Scene["habitat"], "shell">;
  animal: Pick<Scene["animal"], "water">;
};

const isWetting = ({ kind: { purpose } }: Fitted): boolean => purpose === "water" || purpose === "waterPart";

const isWetBox = ({ outlook, animal }: Asked): boolean =>
  outlook.all.some(isWetting) || animal.water.shareOfFloor !== null;

/** Fed from the mains, and in reach of water that is sprayed, pumped or stands in the box. */
export function nearWater(asked: Asked): Fitted[] {
  const { outlook, habitat } = asked;
  if (!isWetBox(asked)) return [];
  return outlook.all.filter((one) => {
    const mains = wattsOf(one) > 0 && one.kind.watts !== null && one.kind.purpose !== "control";
    return mains && (isWetting(one) || isInside(placeOf(one, habitat.shell)));
  });
}

/** The cautions of all that is plugged in: of water near the mains in any box that has some. */
export function gearCautions(asked: Asked): Caution[] {
  const all = asked.outlook.all.flatMap(({ kind }) => kind.cautions);
  return [...new Set(all)].filter((code) => code !== "electricityWater" || isWetBox(asked));
}
