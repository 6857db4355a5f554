import { listed, type Chunk } from "./chunk";

/** Plants, a chunk a kind and, of the large kinds, a part of the world. */
export const plantsChunks: readonly Chunk<"plants">[] = [
  {
    ids: listed(`
creepingFig satinPothos shingleVine waxPlant antPlantDischidia creepingFigOak shinglingFig miniMonstera
papuanShinglePlant trailingFig rexBegoniaVine sweetheartHoya monkeyCup cebuBluePothos`),
    load: async () => (await import("../data/plants/climbers/asia")).climbersOfAsia,
  },
  {
    ids: listed(`
heartleafPhilodendron roundPeperomia arrowheadVine dwarfArrowheadVine shinglingMonstera windowLeaf
marcgravia schulzeiBegonia strapAnthurium oakLeafFern snakeFern swissCheesePlant velvetLeafPhilodendron
beetlePeperomia tinyCreepingPeperomia whiteVeinedBegonia grapeIvy amazonVine`),
    load: async () => (await import("../data/plants/climbers/america")).climbersOfAmerica,
  },
  {
    ids: listed(`
commonIvy bramble`),
    load: async () => (await import("../data/plants/climbers/europe")).climbersOfEurope,
  },
  {
    ids: listed(`
stringOfTurtles trailingPeperomia silverSparklePilea creepingPilea stripedInchPlant wanderingDude
goldfishPlant mistletoeCactus fishboneCactus fourLeafPeperomia purpleHeart codonanthe laceFlowerVine`),
    load: async () => (await import("../data/plants/hangers/america")).hangersOfAmerica,
  },
  {
    ids: listed(`
lipstickVine miniatureWaxPlant buttonVine millionHearts watermelonDischidia`),
    load: async () => (await import("../data/plants/hangers/asia")).hangersOfAsia,
  },
  {
    ids: listed(`
goldenPothos`),
    load: async () => (await import("../data/plants/hangers/pacific")).hangersOfPacific,
  },
  {
    ids: listed(`
stringOfHearts stringOfPearls swedishIvy stringOfBananas`),
    load: async () => (await import("../data/plants/hangers/africa")).hangersOfAfrica,
  },
  {
    ids: listed(`
nervePlant prayerPlant emeraldRipple watermelonPeperomia pileaMoonValley dwarfPeaceLily rattlesnakePlant
peacockPlant episcia nasturtium dwarfElephantEar flamingoFlower fernLeafBegonia zebraCalathea
pinstripeCalathea rosePaintedCalathea fishbonePrayerPlant spottedBegonia
miniatureSinningia monolena geogenanthus`),
    load: async () => (await import("../data/plants/foliage/southAmerica")).foliageOfSouthAmerica,
  },
  {
    ids: listed(`
eyelashBegonia babyRubberPlant artilleryPlant dumbCane moneyTree spinelessYucca`),
    load: async () => (await import("../data/plants/foliage/centralAmerica")).foliageOfCentralAmerica,
  },
  {
    ids: listed(`
creosoteBush desertMarigold partridgeberry`),
    load: async () => (await import("../data/plants/foliage/northAmerica")).foliageOfNorthAmerica,
  },
  {
    ids: listed(`
aluminiumPlant castIronPlant chineseEvergreen coleus purpleWaffle rexBegonia weepingFig umbrellaTree
rubberPlant hibiscus velvetElephantEar littleTreePlant trailingPellionia satinPellionia africanMaskPlant
chineseMoneyPlant strawberrySaxifrage ginsengFig dwarfBanana whiteMulberry vietnameseViolet`),
    load: async () => (await import("../data/plants/foliage/asia")).foliageOfAsia,
  },
  {
    ids: listed(`
babysTears dandelion ribwortPlantain whiteClover wildStrawberry creepingThyme rosemary`),
    load: async () => (await import("../data/plants/foliage/europe")).foliageOfEurope,
  },
  {
    ids: listed(`
spiderPlant prismBegonia africanViolet dragonTree zzPlant coffeePlant compactDragonTree asparagusFern
luckyBamboo`),
    load: async () => (await import("../data/plants/foliage/africa")).foliageOfAfrica,
  },
  {
    ids: listed(`
polkaDotPlant songOfIndia`),
    load: async () => (await import("../data/plants/foliage/madagascar")).foliageOfMadagascar,
  },
  {
    ids: listed(`
elephantBush snakePlant dwarfSnakePlant zebraHaworthia oxTongueGasteria dwarfGasteria partridgeAloe
laceAloe jadePlant candelabraSpurge desertRose blueChalksticks windowHaworthia watchChainCrassula
hardyIcePlant cylindricalSnakePlant birdNestSnakePlant babySunRose`),
    load: async () => (await import("../data/plants/succulents/africa")).succulentsOfAfrica,
  },
  {
    ids: listed(`
trueAloe`),
    load: async () => (await import("../data/plants/succulents/asia")).succulentsOfAsia,
  },
  {
    ids: listed(`
spinelessPricklyPear hensAndChicks ponytailPalm stoneCrop burrosTail lipstickEcheveria pearlEcheveria
ghostPlant plushEcheveria crabCactus foxtailAgave`),
    load: async () => (await import("../data/plants/succulents/america")).succulentsOfAmerica,
  },
  {
    ids: listed(`
houseleek`),
    load: async () => (await import("../data/plants/succulents/europe")).succulentsOfEurope,
  },
  {
    ids: listed(`
motherOfThousands`),
    load: async () => (await import("../data/plants/succulents/madagascar")).succulentsOfMadagascar,
  },
  {
    ids: listed(`
jewelOrchid mothOrchid bulbophyllum pleurothallis restrepia dinema vanillaOrchid lightningJewelOrchid
beetleOrchid pinkRockOrchid miniatureMasdevallia butterflyLepanthes fragrantHaraella`),
    load: async () => (await import("../data/plants/orchids")).orchids,
  },
  {
    ids: listed(`
parlourPalm ladyPalm arecaPalm metallicPalm`),
    load: async () => (await import("../data/plants/palms")).palms,
  },
  {
    ids: listed(`
birdNestFern javaFern heartFern silverLaceFern hollyFern lemonButtonFern crocodileFern greenPennyFern
coinFeltFern whiteRabbitFootFern autumnFern peltateTongueFern`),
    load: async () => (await import("../data/plants/ferns/asia")).fernsOfAsia,
  },
  {
    ids: listed(`
bostonFern maidenhairFern blueStarFern resurrectionFern christmasFern`),
    load: async () => (await import("../data/plants/ferns/america")).fernsOfAmerica,
  },
  {
    ids: listed(`
buttonFern rabbitFootFern staghornFern dwarfTreeFern`),
    load: async () => (await import("../data/plants/ferns/pacific")).fernsOfPacific,
  },
  {
    ids: listed(`
cretanBrake hartstongueFern maidenhairSpleenwort commonPolypody`),
    load: async () => (await import("../data/plants/ferns/europe")).fernsOfEurope,
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
javaMoss cushionMoss sheetMossLive fernMoss moodMoss liveSphagnum christmasMoss tropicalSheetMoss
flameMoss taiwanMoss phoenixMoss willowMoss haircapMoss thymeMoss`),
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
amazonSword waterSpangles duckweed waterSprite waterWisteria largeFloweredWaterweed dwarfHairgrass creepingStaurogyne`),
    load: async () => (await import("../data/plants/waterPlants")).waterPlants,
  },
];
