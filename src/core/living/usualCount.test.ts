import { expect, it } from "vitest";
import { STOCK } from "../library";
import { derived, found, started } from "../testing";
import { usualCount } from "./index";

it("is one for what lives alone and more for what does not, and never more than may live together", () => {
  for (const { id, box } of STOCK.all("animals")) {
    const count = usualCount({ box });
    expect(count === 1, id).toBe(box.company === "alone" || box.mostTogether === 1);
    expect(count <= box.mostTogether, id).toBe(true);
    expect(found(derived(started({ animalId: id, count })), "tooMany"), id).toBeUndefined();
  }
});
