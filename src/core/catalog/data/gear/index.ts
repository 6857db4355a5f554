import { warmth } from "./warmth";
import { lights } from "./lights";
import { misting } from "./misting";
import { air } from "./air";
import { waterParts } from "./waterParts";
import { controls } from "./controls";
import { measuring } from "./measuring";
import { guards } from "./guards";

export const gear = [...warmth, ...lights, ...misting, ...air, ...waterParts, ...controls, ...measuring, ...guards];
