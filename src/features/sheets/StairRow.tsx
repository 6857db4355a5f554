"use client";

import { pouredL, type Source, type Stair } from "@/core/supply";
import { useOpen } from "@/store";
import { useLayerNames } from "@/ui/section";
import { packPrinted, useFigures, useSay } from "@/words";
import css from "./Sheets.module.css";

type Props = { stair: Stair; reserved: readonly { name: string; amount: number }[] };

/** Why so much is bought, step by step: what lies in the box, what is added to it, what is there, what packs give. */
export function StairRow({ stair, reserved }: Props) {
  const say = useSay();
  const litres = (looseL: number) => say("mix:litres", { looseL });
  const { steps, needL, shortL, sources, packs } = stair;
  const places = usePlaces(sources);
  const added = steps.filter(({ code }) => code !== "stock");
  const taken = steps.filter(({ code }) => code === "stock");
  return (
    <tr className={css.stair}>
      <td colSpan={4}>
        <dl>
          {added.map(({ code, litres: more }, at) => (
            <Stepped key={code} label={say(`sheets:stair.${code}`)} sign={at === 0 ? "" : "+"} figure={litres(more)} />
          ))}
          <Stepped label={say("sheets:stair.need")} sign="=" figure={litres(needL)} sum />
          {taken.map(({ code, litres: less }) => (
            <Stepped key={code} label={say("sheets:stair.stock")} sign="−" figure={litres(-less)} />
          ))}
          {taken.length > 0 ? (
            <Stepped
              label={say("sheets:stair.short")}
              sign="="
              figure={shortL > 1e-6 ? litres(shortL) : say("sheets:enough")}
              sum
            />
          ) : null}
          {packs ? (
            <Stepped
              label={say("sheets:stair.packs", { pack: packPrinted(packs.pack, say), leftL: packs.leftL })}
              sign=""
              figure={say("sheets:times", { count: packs.count, pack: packPrinted(packs.pack, say) })}
              sum
            />
          ) : null}
        </dl>
        {places.length > 0 ? <p>{say("sheets:stair.goes", { list: places.join(" · ") })}</p> : null}
        {reserved.map(({ name, amount }) => (
          <p key={name}>{say("sheets:stair.reserved", { name, amount: litres(amount) })}</p>
        ))}
      </td>
    </tr>
  );
}

/** Where it goes, and how much of it to each place. */
function usePlaces(sources: readonly Source[]): string[] {
  const say = useSay();
  const figures = useFigures();
  const { habitat } = useOpen();
  const layerName = useLayerNames(habitat);
  const nameOf = ({ where }: Source): string => {
    switch (where.on) {
      case "layer":
        return layerName(where.layerId);
      case "piece": {
        const piece = habitat.pieces.find(({ id }) => id === where.pieceId);
        return say("sheets:stair.inPiece", { kindId: piece?.kindId ?? "" });
      }
      case "mounts":
        return say("sheets:stair.pads", { count: where.count });
    }
  };
  return sources.map((source) => {
    const { share, liesL } = source;
    const told = { name: nameOf(source), looseL: pouredL(source) };
    return share < 1
      ? say("sheets:stair.partOf", { ...told, share: figures.number(share * 100, 0), liesL: liesL / share })
      : say("sheets:stair.allOf", told);
  });
}

function Stepped({ label, sign, figure, sum = false }: { label: string; sign: string; figure: string; sum?: boolean }) {
  return (
    <div data-sum={sum}>
      <dt>{label}</dt>
      <dd className="measure">
        <span aria-hidden>{sign}</span> {figure}
      </dd>
    </div>
  );
}
