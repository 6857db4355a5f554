import type { Standing } from "@/store";
import { useSay } from "@/words";

type Props = { pair: readonly Standing[]; hasDifference?: boolean };

/** The head of a table of two habitats: what, one, the other, and the difference between them. */
export function PairHead({ pair, hasDifference = true }: Props) {
  const say = useSay();
  return (
    <thead>
      <tr>
        <th scope="col">
          <span className="quiet">{say("compare:what")}</span>
        </th>
        {pair.map(({ design }) => (
          <th key={design.id} scope="col">
            {design.name}
          </th>
        ))}
        {hasDifference ? <th scope="col">{say("compare:difference")}</th> : null}
      </tr>
    </thead>
  );
}
