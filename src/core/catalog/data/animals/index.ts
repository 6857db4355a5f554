import { poisonFrogs } from "./poisonFrogs";
import { groundFrogs } from "./groundFrogs";
import { aquaticAmphibians } from "./aquaticAmphibians";
import { treeFrogs } from "./treeFrogs";
import { glassFrogs } from "./glassFrogs";
import { toads } from "./toads";
import { newts } from "./newts";
import { salamanders } from "./salamanders";
import { humidGeckos } from "./humidGeckos";
import { dryGeckos } from "./dryGeckos";
import { anoles } from "./anoles";
import { chameleons } from "./chameleons";
import { skinks } from "./skinks";
import { agamids } from "./agamids";
import { monitors } from "./monitors";
import { alligatorLizards } from "./alligatorLizards";
import { iguanids } from "./iguanids";
import { lacertids } from "./lacertids";
import { teiids } from "./teiids";
import { boas } from "./boas";
import { pythons } from "./pythons";
import { colubrids } from "./colubrids";
import { tortoises } from "./tortoises";
import { turtles } from "./turtles";
import { tarantulas } from "./tarantulas";
import { scorpions } from "./scorpions";
import { whipSpiders } from "./whipSpiders";
import { jumpingSpiders } from "./jumpingSpiders";
import { mantises } from "./mantises";
import { stickInsects } from "./stickInsects";
import { millipedes } from "./millipedes";
import { landSnails } from "./landSnails";
import { crabs } from "./crabs";
import { girdledLizards } from "./girdledLizards";
import { platedLizards } from "./platedLizards";
import { roaches } from "./roaches";
import { skinksToo } from "./skinksToo";
import { agamidsToo } from "./agamidsToo";
import { pythonsToo } from "./pythonsToo";

/** Every animal, kind by kind. */
export const animals = [
  ...poisonFrogs,
  ...groundFrogs,
  ...aquaticAmphibians,
  ...treeFrogs,
  ...glassFrogs,
  ...toads,
  ...newts,
  ...salamanders,
  ...humidGeckos,
  ...dryGeckos,
  ...anoles,
  ...chameleons,
  ...skinks,
  ...skinksToo,
  ...agamids,
  ...agamidsToo,
  ...monitors,
  ...alligatorLizards,
  ...iguanids,
  ...lacertids,
  ...teiids,
  ...girdledLizards,
  ...platedLizards,
  ...boas,
  ...pythons,
  ...pythonsToo,
  ...colubrids,
  ...tortoises,
  ...turtles,
  ...tarantulas,
  ...scorpions,
  ...whipSpiders,
  ...jumpingSpiders,
  ...mantises,
  ...stickInsects,
  ...millipedes,
  ...landSnails,
  ...crabs,
  ...roaches,
];
