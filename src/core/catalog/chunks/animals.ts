import { listed, type Chunk } from "./chunk";

/** Animals, a chunk a kind and, of the large kinds, a part of the world. */
export const animalsChunks: readonly Chunk<"animals">[] = [
  {
    ids: listed(`
dyeingPoisonFrog yellowBandedPoisonFrog goldenPoisonFrog phantasmalPoisonFrog splashBackedPoisonFrog
blackLeggedPoisonFrog`),
    load: async () => (await import("../data/animals/poisonFrogs/southAmerica")).poisonFrogsOfSouthAmerica,
  },
  {
    ids: listed(`
mimicPoisonFrog variablePoisonFrog amazonianPoisonFrog redHeadedPoisonFrog`),
    load: async () => (await import("../data/animals/poisonFrogs/thumbnails")).thumbnailPoisonFrogs,
  },
  {
    ids: listed(`
greenBlackPoisonFrog stripedPoisonFrog strawberryPoisonFrog`),
    load: async () => (await import("../data/animals/poisonFrogs/centralAmerica")).poisonFrogsOfCentralAmerica,
  },
  {
    ids: listed(`
goldenMantella`),
    load: async () => (await import("../data/animals/poisonFrogs/madagascar")).poisonFrogsOfMadagascar,
  },
  {
    ids: listed(`
tomatoFrog marbledRainFrog`),
    load: async () => (await import("../data/animals/groundFrogs/madagascar")).groundFrogsOfMadagascar,
  },
  {
    ids: listed(`
chacoHornedFrog ornateHornedFrog`),
    load: async () => (await import("../data/animals/groundFrogs/america")).groundFrogsOfAmerica,
  },
  {
    ids: listed(`
africanBullfrog`),
    load: async () => (await import("../data/animals/groundFrogs/africa")).groundFrogsOfAfrica,
  },
  {
    ids: listed(`
paintedBurrowingFrog fireBelliedToad giantFireBelliedToad malayanHornedFrog`),
    load: async () => (await import("../data/animals/groundFrogs/asia")).groundFrogsOfAsia,
  },
  {
    ids: listed(`
yellowBelliedToad`),
    load: async () => (await import("../data/animals/groundFrogs/europe")).groundFrogsOfEurope,
  },
  {
    ids: listed(`
budgettsFrog axolotl dwarfClawedFrog africanClawedFrog`),
    load: async () => (await import("../data/animals/aquaticAmphibians")).aquaticAmphibians,
  },
  {
    ids: listed(`
mossyFrog cinnamonFrog borneanEaredFrog chineseGlidingFrog`),
    load: async () => (await import("../data/animals/treeFrogs/asia")).treeFrogsOfAsia,
  },
  {
    ids: listed(`
greenTreeFrog`),
    load: async () => (await import("../data/animals/treeFrogs/pacific")).treeFrogsOfPacific,
  },
  {
    ids: listed(`
redEyedTreeFrog lemurLeafFrog waxyMonkeyFrog milkFrog americanGreenTreeFrog greyTreeFrog
tigerLegMonkeyFrog fringedLeafFrog`),
    load: async () => (await import("../data/animals/treeFrogs/america")).treeFrogsOfAmerica,
  },
  {
    ids: listed(`
europeanTreeFrog`),
    load: async () => (await import("../data/animals/treeFrogs/europe")).treeFrogsOfEurope,
  },
  {
    ids: listed(`
reedFrog`),
    load: async () => (await import("../data/animals/treeFrogs/africa")).treeFrogsOfAfrica,
  },
  {
    ids: listed(`
reticulatedGlassFrog emeraldGlassFrog`),
    load: async () => (await import("../data/animals/glassFrogs")).glassFrogs,
  },
  {
    ids: listed(`
americanToad bumblebeeToad caneToad europeanGreenToad`),
    load: async () => (await import("../data/animals/toads")).toads,
  },
  {
    ids: listed(`
alpineNewt emperorNewt iberianRibbedNewt marbledNewt chineseFireBellyNewt japaneseFireBellyNewt
hongKongWartyNewt easternNewt`),
    load: async () => (await import("../data/animals/newts")).newts,
  },
  {
    ids: listed(`
fireSalamander tigerSalamander spottedSalamander marbledSalamander`),
    load: async () => (await import("../data/animals/salamanders")).salamanders,
  },
  {
    ids: listed(`
crestedGecko gargoyleGecko mourningGecko leachianusGecko mossyPrehensileTailedGecko chameleonGecko
sarasinsGiantGecko`),
    load: async () => (await import("../data/animals/humidGeckos/pacific")).humidGeckosOfPacific,
  },
  {
    ids: listed(`
goldDustDayGecko giantDayGecko leafTailedGecko neonDayGecko bandedDayGecko linedDayGecko peacockDayGecko
frilledLeafTailedGecko mossyLeafTailedGecko`),
    load: async () => (await import("../data/animals/humidGeckos/madagascar")).humidGeckosOfMadagascar,
  },
  {
    ids: listed(`
electricBlueGecko stripedDwarfGecko yellowHeadedDwarfGecko greenDwarfGecko`),
    load: async () => (await import("../data/animals/humidGeckos/africa")).humidGeckosOfAfrica,
  },
  {
    ids: listed(`
tokayGecko hainanCaveGecko catGecko whiteLinedGecko flyingGecko commonHouseGecko`),
    load: async () => (await import("../data/animals/humidGeckos/asia")).humidGeckosOfAsia,
  },
  {
    ids: listed(`
yellowHeadedGecko broadBandedDwarfGecko ashyDwarfGecko`),
    load: async () => (await import("../data/animals/humidGeckos/america")).humidGeckosOfAmerica,
  },
  {
    ids: listed(`
leopardGecko wonderGecko termiteHillGecko viperGecko`),
    load: async () => (await import("../data/animals/dryGeckos/asia")).dryGeckosOfAsia,
  },
  {
    ids: listed(`
fatTailedGecko webFootedGecko`),
    load: async () => (await import("../data/animals/dryGeckos/africa")).dryGeckosOfAfrica,
  },
  {
    ids: listed(`
knobTailedGecko thickTailedGecko northernVelvetGecko`),
    load: async () => (await import("../data/animals/dryGeckos/pacific")).dryGeckosOfPacific,
  },
  {
    ids: listed(`
bandedGecko centralAmericanBandedGecko`),
    load: async () => (await import("../data/animals/dryGeckos/america")).dryGeckosOfAmerica,
  },
  {
    ids: listed(`
ocelotGecko`),
    load: async () => (await import("../data/animals/dryGeckos/madagascar")).dryGeckosOfMadagascar,
  },
  {
    ids: listed(`
elegantSandGecko duneGecko moorishGecko`),
    load: async () => (await import("../data/animals/dryGeckos/europe")).dryGeckosOfEurope,
  },
  {
    ids: listed(`
greenAnole brownAnole knightAnole cubanFalseChameleon`),
    load: async () => (await import("../data/animals/anoles")).anoles,
  },
  {
    ids: listed(`
veiledChameleon pantherChameleon jacksonsChameleon beardedPygmyChameleon mellersChameleon carpetChameleon
pittedPygmyChameleon fourHornedChameleon`),
    load: async () => (await import("../data/animals/chameleons")).chameleons,
  },
  {
    ids: listed(`
crocodileSkink fireSkink blueTonguedSkink monkeyTailedSkink sandfish giantBlueTonguedSkink berberSkink
ocellatedSkink emeraldTreeSkink`),
    load: async () => (await import("../data/animals/skinks")).skinks,
  },
  {
    ids: listed(`
beardedDragon waterDragon saharanSpinyTail mountainHornedDragon blackSoilBeardedDragon ornateSpinyTail
frilledDragon brownPricklenape`),
    load: async () => (await import("../data/animals/agamids")).agamids,
  },
  {
    ids: listed(`
ackieMonitor pygmyMulgaMonitor savannahMonitor greenTreeMonitor`),
    load: async () => (await import("../data/animals/monitors")).monitors,
  },
  {
    ids: listed(`
mexicanAlligatorLizard southernAlligatorLizard`),
    load: async () => (await import("../data/animals/alligatorLizards")).alligatorLizards,
  },
  {
    ids: listed(`
plumedBasilisk easternCasqueheadIguana emeraldSwift collaredLizard chuckwalla greenIguana`),
    load: async () => (await import("../data/animals/iguanids")).iguanids,
  },
  {
    ids: listed(`
longTailedGrassLizard blueTailedTreeLizard ocellatedLizard europeanGreenLizard`),
    load: async () => (await import("../data/animals/lacertids")).lacertids,
  },
  {
    ids: listed(`
blackAndWhiteTegu`),
    load: async () => (await import("../data/animals/teiids")).teiids,
  },
  {
    ids: listed(`
rosyBoa amazonTreeBoa imperatorBoa brazilianRainbowBoa rubberBoa amazonBasinTreeBoa`),
    load: async () => (await import("../data/animals/boas/america")).boasOfAmerica,
  },
  {
    ids: listed(`
sandBoa`),
    load: async () => (await import("../data/animals/boas/africa")).boasOfAfrica,
  },
  {
    ids: listed(`
groundBoa viperBoa`),
    load: async () => (await import("../data/animals/boas/pacific")).boasOfPacific,
  },
  {
    ids: listed(`
madagascarTreeBoa dumerilsBoa`),
    load: async () => (await import("../data/animals/boas/madagascar")).boasOfMadagascar,
  },
  {
    ids: listed(`
royalPython childrensPython greenTreePython carpetPython stimsonsPython spottedPython womaPython`),
    load: async () => (await import("../data/animals/pythons")).pythons,
  },
  {
    ids: listed(`
cornSnake californiaKingsnake gartersnake westernHognose roughGreenSnake mexicanBlackKingsnake`),
    load: async () => (await import("../data/animals/colubrids/northAmerica1")).colubridsOfNorthAmerica,
  },
  {
    ids: listed(`
grayBandedKingsnake gopherSnake transPecosRatSnake blackRatSnake checkeredGartersnake dekaysBrownSnake`),
    load: async () => (await import("../data/animals/colubrids/northAmerica2")).colubridsOfNorthAmericaToo,
  },
  {
    ids: listed(`
sinaloanMilkSnake honduranMilkSnake`),
    load: async () => (await import("../data/animals/colubrids/centralAmerica")).colubridsOfCentralAmerica,
  },
  {
    ids: listed(`
houseSnake eggEatingSnake`),
    load: async () => (await import("../data/animals/colubrids/africa")).colubridsOfAfrica,
  },
  {
    ids: listed(`
rhinoRatSnake redTailedGreenRatSnake beautySnake mandarinRatSnake`),
    load: async () => (await import("../data/animals/colubrids/asia")).colubridsOfAsia,
  },
  {
    ids: listed(`
leopardSnake`),
    load: async () => (await import("../data/animals/colubrids/europe")).colubridsOfEurope,
  },
  {
    ids: listed(`
hermannsTortoise spurThighedTortoise egyptianTortoise`),
    load: async () => (await import("../data/animals/tortoises/europe")).tortoisesOfEurope,
  },
  {
    ids: listed(`
horsfieldsTortoise starTortoise`),
    load: async () => (await import("../data/animals/tortoises/asia")).tortoisesOfAsia,
  },
  {
    ids: listed(`
redFootedTortoise`),
    load: async () => (await import("../data/animals/tortoises/america")).tortoisesOfAmerica,
  },
  {
    ids: listed(`
pancakeTortoise bellsHingeback homesHingeback leopardTortoise africanSpurredTortoise`),
    load: async () => (await import("../data/animals/tortoises/africa")).tortoisesOfAfrica,
  },
  {
    ids: listed(`
easternBoxTurtle yellowMarginedBoxTurtle amboinaBoxTurtle leafTurtle commonMuskTurtle stripedMudTurtle
spottedTurtle`),
    load: async () => (await import("../data/animals/turtles")).turtles,
  },
  {
    ids: listed(`
redKneeTarantula mexicanFirelegTarantula desertBlondTarantula`),
    load: async () => (await import("../data/animals/tarantulas/northAmerica")).tarantulasOfNorthAmerica,
  },
  {
    ids: listed(`
pinkToeTarantula curlyHairTarantula redRumpTarantula`),
    load: async () => (await import("../data/animals/tarantulas/centralAmerica")).tarantulasOfCentralAmerica,
  },
  {
    ids: listed(`
guyanaPinkToeTarantula greenbottleTarantula brazilianBlackTarantula chileanRoseTarantula
venezuelanSunTigerTarantula whiteKneeTarantula burgundyGoliathTarantula`),
    load: async () => (await import("../data/animals/tarantulas/southAmerica")).tarantulasOfSouthAmerica,
  },
  {
    ids: listed(`
gootySapphireTarantula`),
    load: async () => (await import("../data/animals/tarantulas/asia")).tarantulasOfAsia,
  },
  {
    ids: listed(`
emperorScorpion asianForestScorpion desertHairyScorpion`),
    load: async () => (await import("../data/animals/scorpions")).scorpions,
  },
  {
    ids: listed(`
tanzanianWhipSpider giantVinegaroon`),
    load: async () => (await import("../data/animals/whipSpiders")).whipSpiders,
  },
  {
    ids: listed(`
regalJumpingSpider boldJumpingSpider`),
    load: async () => (await import("../data/animals/jumpingSpiders")).jumpingSpiders,
  },
  {
    ids: listed(`
orchidMantis ghostMantis giantAsianMantis spinyFlowerMantis devilsFlowerMantis`),
    load: async () => (await import("../data/animals/mantises")).mantises,
  },
  {
    ids: listed(`
giantPricklyStickInsect indianStickInsect sunnyStickInsect blackBeautyStickInsect philippineLeafInsect
jungleNymph`),
    load: async () => (await import("../data/animals/stickInsects")).stickInsects,
  },
  {
    ids: listed(`
giantAfricanMillipede yellowBandedMillipede scarletMillipede ghanaSpeckledLegMillipede
ivoryMillipede americanGiantMillipede`),
    load: async () => (await import("../data/animals/millipedes")).millipedes,
  },
  {
    ids: listed(`
giantAfricanLandSnail westAfricanLandSnail gardenSnail`),
    load: async () => (await import("../data/animals/landSnails")).landSnails,
  },
  {
    ids: listed(`
vampireCrab redDevilVampireCrab landHermitCrab ruggedHermitCrab moonCrab rainbowLandCrab`),
    load: async () => (await import("../data/animals/crabs")).crabs,
  },
  {
    ids: listed(`
tropicalGirdledLizard`),
    load: async () => (await import("../data/animals/girdledLizards")).girdledLizards,
  },
  {
    ids: listed(`
greatPlatedLizard`),
    load: async () => (await import("../data/animals/platedLizards")).platedLizards,
  },
  {
    ids: listed(`
hissingCockroach`),
    load: async () => (await import("../data/animals/roaches")).roaches,
  },
  {
    ids: listed(`
gidgeeSkink shinglebackSkink rainbowSkink fiveLinedSkink`),
    load: async () => (await import("../data/animals/skinksToo")).skinksToo,
  },
  {
    ids: listed(`
commonAgama roughTailedAgama orientalGardenLizard`),
    load: async () => (await import("../data/animals/agamidsToo")).agamidsToo,
  },
  {
    ids: listed(`
bloodPython`),
    load: async () => (await import("../data/animals/pythonsToo")).pythonsToo,
  },
];
