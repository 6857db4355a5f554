import { climbers } from "./climbers";
import { hangers } from "./hangers";
import { foliage } from "./foliage";
import { succulents } from "./succulents";
import { orchids } from "./orchids";
import { palms } from "./palms";
import { ferns } from "./ferns";
import { selaginellas } from "./selaginellas";
import { bromeliads } from "./bromeliads";
import { airPlants } from "./airPlants";
import { mosses } from "./mosses";
import { liverworts } from "./liverworts";
import { grasses } from "./grasses";
import { bogPlants } from "./bogPlants";
import { waterPlants } from "./waterPlants";

/** Every plant, kind by kind. */
export const plants = [
  ...climbers,
  ...hangers,
  ...foliage,
  ...succulents,
  ...orchids,
  ...palms,
  ...ferns,
  ...selaginellas,
  ...bromeliads,
  ...airPlants,
  ...mosses,
  ...liverworts,
  ...grasses,
  ...bogPlants,
  ...waterPlants,
];
