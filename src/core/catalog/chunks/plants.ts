import { listed, type Chunk } from "./chunk";

/** Plants, a chunk a kind. */
export const plantsChunks: readonly Chunk<"plants">[] = [
  {
    ids: listed(`
      creepingFig heartleafPhilodendron roundPeperomia satinPothos arrowheadVine dwarfArrowheadVine shingleVine
      shinglingMonstera windowLeaf marcgravia schulzeiBegonia waxPlant antPlantDischidia creepingFigOak
      shinglingFig strapAnthurium oakLeafFern snakeFern miniMonstera papuanShinglePlant trailingFig rexBegoniaVine
      swissCheesePlant velvetLeafPhilodendron beetlePeperomia tinyCreepingPeperomia sweetheartHoya
      whiteVeinedBegonia commonIvy monkeyCup grapeIvy bramble`),
    load: async () => (await import("../data/plants/climbers")).climbers,
  },
  {
    ids: listed(`
      goldenPothos stringOfTurtles trailingPeperomia silverSparklePilea creepingPilea stripedInchPlant
      wanderingDude lipstickVine goldfishPlant miniatureWaxPlant buttonVine stringOfHearts mistletoeCactus
      fishboneCactus fourLeafPeperomia millionHearts watermelonDischidia stringOfPearls purpleHeart swedishIvy
      stringOfBananas`),
    load: async () => (await import("../data/plants/hangers")).hangers,
  },
  {
    ids: listed(`
      nervePlant prayerPlant eyelashBegonia emeraldRipple babyRubberPlant watermelonPeperomia pileaMoonValley
      artilleryPlant aluminiumPlant babysTears spiderPlant castIronPlant chineseEvergreen dwarfPeaceLily
      rattlesnakePlant peacockPlant polkaDotPlant coleus purpleWaffle rexBegonia prismBegonia episcia
      africanViolet weepingFig umbrellaTree rubberPlant songOfIndia dragonTree hibiscus nasturtium dandelion
      velvetElephantEar dwarfElephantEar flamingoFlower creosoteBush desertMarigold fernLeafBegonia
      littleTreePlant trailingPellionia satinPellionia dumbCane zzPlant coffeePlant zebraCalathea
      pinstripeCalathea rosePaintedCalathea fishbonePrayerPlant africanMaskPlant chineseMoneyPlant spottedBegonia
      strawberrySaxifrage compactDragonTree ribwortPlantain whiteClover wildStrawberry creepingThyme moneyTree
      ginsengFig spinelessYucca asparagusFern dwarfBanana partridgeberry rosemary whiteMulberry`),
    load: async () => (await import("../data/plants/foliage")).foliage,
  },
  {
    ids: listed(`
      elephantBush snakePlant dwarfSnakePlant zebraHaworthia oxTongueGasteria dwarfGasteria partridgeAloe trueAloe
      laceAloe spinelessPricklyPear hensAndChicks houseleek jadePlant candelabraSpurge desertRose ponytailPalm
      blueChalksticks stoneCrop burrosTail lipstickEcheveria pearlEcheveria ghostPlant plushEcheveria
      windowHaworthia watchChainCrassula hardyIcePlant crabCactus cylindricalSnakePlant birdNestSnakePlant
      foxtailAgave motherOfThousands`),
    load: async () => (await import("../data/plants/succulents")).succulents,
  },
  {
    ids: listed(`
      jewelOrchid mothOrchid bulbophyllum pleurothallis restrepia dinema vanillaOrchid lightningJewelOrchid
      beetleOrchid pinkRockOrchid`),
    load: async () => (await import("../data/plants/orchids")).orchids,
  },
  {
    ids: listed(`
      parlourPalm ladyPalm arecaPalm metallicPalm`),
    load: async () => (await import("../data/plants/palms")).palms,
  },
  {
    ids: listed(`
      birdNestFern bostonFern buttonFern rabbitFootFern javaFern maidenhairFern staghornFern heartFern
      silverLaceFern cretanBrake hollyFern lemonButtonFern crocodileFern dwarfTreeFern hartstongueFern
      maidenhairSpleenwort blueStarFern greenPennyFern coinFeltFern resurrectionFern commonPolypody
      whiteRabbitFootFern autumnFern christmasFern`),
    load: async () => (await import("../data/plants/ferns")).ferns,
  },
  {
    ids: listed(`
      peacockSpikemoss goldenSpikemoss rubyRedSpikemoss frostedSpikemoss`),
    load: async () => (await import("../data/plants/selaginellas")).selaginellas,
  },
  {
    ids: listed(`
      cupBromeliad fireballBromeliad blushingBromeliad tankBromeliad flamingSword earthStar queensTears urnPlant
      lilliputBromeliad fewFloweredBromeliad smallSpottedVriesea pinkQuill`),
    load: async () => (await import("../data/plants/bromeliads")).bromeliads,
  },
  {
    ids: listed(`
      skyPlant bulbousAirPlant spanishMoss medusaAirPlant kingAirPlant uprightAirPlant`),
    load: async () => (await import("../data/plants/airPlants")).airPlants,
  },
  {
    ids: listed(`
      javaMoss cushionMoss sheetMossLive fernMoss moodMoss liveSphagnum christmasMoss tropicalSheetMoss flameMoss
      taiwanMoss phoenixMoss willowMoss haircapMoss thymeMoss`),
    load: async () => (await import("../data/plants/mosses")).mosses,
  },
  {
    ids: listed(`
      roundLiverwort crystalwort wallLiverwort`),
    load: async () => (await import("../data/plants/liverworts")).liverworts,
  },
  {
    ids: listed(`
      blueGrama buffaloGrass spinifex featherGrass oatGrass mondoGrass liriope sedgeCarex dwarfMondoGrass
      blackMondoGrass blueFescue wheatGrass`),
    load: async () => (await import("../data/plants/grasses")).grasses,
  },
  {
    ids: listed(`
      dwarfSweetFlag umbrellaSedge pennywort creepingJenny brahmi commonSundew marshPitcher brazilianPennywort
      mexicanButterwort venusFlytrap monteCarloPearlGrass`),
    load: async () => (await import("../data/plants/bogPlants")).bogPlants,
  },
  {
    ids: listed(`
      waterTrumpetCrypt dwarfAnubias bucephalandra hornwort dwarfFrogbit redRootFloater waterLettuce vallisneria
      amazonSword waterSpangles duckweed waterSprite waterWisteria largeFloweredWaterweed dwarfHairgrass`),
    load: async () => (await import("../data/plants/waterPlants")).waterPlants,
  },
];
