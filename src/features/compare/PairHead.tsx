import type { Standing } from "@/store";
import { useSay } from "@/words";

/** The head of a table of two habitats: what, one, the other, and the difference between them. */
export function PairHead({ pair }: { pair: readonly Standing[] }) {
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
        <th scope="col">{say("compare:difference")}</th>
      </tr>
    </thead>
  );
}
