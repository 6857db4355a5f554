import { listed, type Chunk } from "./chunk";

/** Animals, a chunk a kind. */
export const animalsChunks: readonly Chunk<"animals">[] = [
  {
    ids: listed(`
      dyeingPoisonFrog greenBlackPoisonFrog yellowBandedPoisonFrog goldenPoisonFrog stripedPoisonFrog
      mimicPoisonFrog phantasmalPoisonFrog strawberryPoisonFrog variablePoisonFrog amazonianPoisonFrog
      splashBackedPoisonFrog goldenMantella blackLeggedPoisonFrog`),
    load: async () => (await import("../data/animals/poisonFrogs")).poisonFrogs,
  },
  {
    ids: listed(`
      tomatoFrog chacoHornedFrog ornateHornedFrog africanBullfrog paintedBurrowingFrog marbledRainFrog
      fireBelliedToad yellowBelliedToad giantFireBelliedToad malayanHornedFrog`),
    load: async () => (await import("../data/animals/groundFrogs")).groundFrogs,
  },
  {
    ids: listed(`
      budgettsFrog axolotl dwarfClawedFrog africanClawedFrog`),
    load: async () => (await import("../data/animals/aquaticAmphibians")).aquaticAmphibians,
  },
  {
    ids: listed(`
      mossyFrog greenTreeFrog redEyedTreeFrog lemurLeafFrog waxyMonkeyFrog milkFrog americanGreenTreeFrog
      greyTreeFrog europeanTreeFrog tigerLegMonkeyFrog reedFrog cinnamonFrog borneanEaredFrog fringedLeafFrog`),
    load: async () => (await import("../data/animals/treeFrogs")).treeFrogs,
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
      crestedGecko gargoyleGecko goldDustDayGecko giantDayGecko electricBlueGecko leafTailedGecko tokayGecko
      mourningGecko leachianusGecko mossyPrehensileTailedGecko chameleonGecko neonDayGecko bandedDayGecko
      linedDayGecko peacockDayGecko frilledLeafTailedGecko mossyLeafTailedGecko hainanCaveGecko catGecko
      whiteLinedGecko flyingGecko stripedDwarfGecko yellowHeadedDwarfGecko greenDwarfGecko yellowHeadedGecko
      broadBandedDwarfGecko ashyDwarfGecko`),
    load: async () => (await import("../data/animals/humidGeckos")).humidGeckos,
  },
  {
    ids: listed(`
      leopardGecko fatTailedGecko wonderGecko knobTailedGecko bandedGecko ocelotGecko termiteHillGecko viperGecko
      elegantSandGecko duneGecko webFootedGecko thickTailedGecko northernVelvetGecko moorishGecko
      centralAmericanBandedGecko`),
    load: async () => (await import("../data/animals/dryGeckos")).dryGeckos,
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
      plumedBasilisk easternCasqueheadIguana emeraldSwift collaredLizard chuckwalla`),
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
      rosyBoa sandBoa amazonTreeBoa groundBoa imperatorBoa brazilianRainbowBoa madagascarTreeBoa dumerilsBoa
      viperBoa rubberBoa`),
    load: async () => (await import("../data/animals/boas")).boas,
  },
  {
    ids: listed(`
      royalPython childrensPython greenTreePython carpetPython stimsonsPython spottedPython womaPython`),
    load: async () => (await import("../data/animals/pythons")).pythons,
  },
  {
    ids: listed(`
      cornSnake californiaKingsnake gartersnake westernHognose roughGreenSnake houseSnake sinaloanMilkSnake
      honduranMilkSnake mexicanBlackKingsnake grayBandedKingsnake gopherSnake rhinoRatSnake redTailedGreenRatSnake
      beautySnake mandarinRatSnake transPecosRatSnake blackRatSnake leopardSnake eggEatingSnake
      checkeredGartersnake`),
    load: async () => (await import("../data/animals/colubrids")).colubrids,
  },
  {
    ids: listed(`
      hermannsTortoise spurThighedTortoise horsfieldsTortoise egyptianTortoise redFootedTortoise starTortoise
      pancakeTortoise bellsHingeback homesHingeback`),
    load: async () => (await import("../data/animals/tortoises")).tortoises,
  },
  {
    ids: listed(`
      easternBoxTurtle yellowMarginedBoxTurtle amboinaBoxTurtle leafTurtle commonMuskTurtle stripedMudTurtle
      spottedTurtle`),
    load: async () => (await import("../data/animals/turtles")).turtles,
  },
  {
    ids: listed(`
      redKneeTarantula pinkToeTarantula guyanaPinkToeTarantula greenbottleTarantula curlyHairTarantula
      redRumpTarantula brazilianBlackTarantula chileanRoseTarantula gootySapphireTarantula
      venezuelanSunTigerTarantula whiteKneeTarantula mexicanFirelegTarantula`),
    load: async () => (await import("../data/animals/tarantulas")).tarantulas,
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
      giantAfricanMillipede yellowBandedMillipede scarletMillipede ghanaSpeckledLegMillipede`),
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
];
