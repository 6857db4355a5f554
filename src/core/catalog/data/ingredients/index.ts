import { fibres } from "./fibres";
import { woody } from "./woody";
import { leafAndChar } from "./leafAndChar";
import { richSoils } from "./richSoils";
import { sands } from "./sands";
import { grits } from "./grits";
import { clayAndLime } from "./clayAndLime";

export const ingredients = [...fibres, ...woody, ...leafAndChar, ...richSoils, ...sands, ...grits, ...clayAndLime];
