"use client";

import type { Animal, Range } from "@/core/catalog";
import { useFigures, useSay } from "@/words";
import { Fact } from "./Facts";

/** At what an animal is kept, as rows of facts: warmth by place and by night, humidity by day. */
export function Bands({
  animal: { temperatureC, humidityRh },
}: {
  animal: Pick<Animal, "temperatureC" | "humidityRh">;
}) {
  const say = useSay();
  const figures = useFigures();
  const warmth = (range: Range) => figures.range(range, "temperature");
  return (
    <>
      {temperatureC.baskingSurface ? (
        <Fact label={say("brief:basking")}>{warmth(temperatureC.baskingSurface)}</Fact>
      ) : null}
      <Fact label={say("brief:warm")}>{warmth(temperatureC.warm)}</Fact>
      <Fact label={say("brief:cool")}>{warmth(temperatureC.cool)}</Fact>
      <Fact label={say("brief:night")}>{warmth(temperatureC.night)}</Fact>
      <Fact label={say("brief:humidity")}>{figures.range(humidityRh.day.preferred, "humidity")}</Fact>
    </>
  );
}
