import { listed, type Chunk } from "./chunk";

export const crewChunks: readonly Chunk<"crew">[] = [
  {
    ids: listed(`
temperateSpringtail tropicalSpringtail slenderSpringtail orangeSpringtail thaiRedSpringtail soilSpringtail
aridSpringtail waterSpringtail`),
    load: async () => (await import("../data/crew/springtails")).springtails,
  },
  {
    ids: listed(`
dwarfWhiteIsopod powderIsopod shinyIsopod pygmyIsopod rosyIsopod swiftForestIsopod fastWoodlouse
desertDwarfIsopod curlyIsopod ridgedDwarfIsopod`),
    load: async () => (await import("../data/crew/isopods/small")).smallIsopods,
  },
  {
    ids: listed(`
pillIsopod littleSeaIsopod nosyPillIsopod zebraIsopod clownIsopod yellowSpottedPillIsopod
granulatedPillIsopod rubberDuckyIsopod pandaKingIsopod emberBeeIsopod tinyPillIsopod`),
    load: async () => (await import("../data/crew/isopods/rollers")).rollingIsopods,
  },
  {
    ids: listed(`
roughIsopod giantCanyonIsopod dairyIsopod titanIsopod ornateIsopod expansusIsopod haasIsopod`),
    load: async () => (await import("../data/crew/isopods/porcellio")).largeIsopods,
  },
  {
    ids: listed(`
mealwormBeetle superwormBeetle lesserMealworm blueDeathFeigningBeetle smoothDeathFeigningBeetle
pinacateBeetle cuppedDarklingBeetle sunBeetle greenhouseRoveBeetle`),
    load: async () => (await import("../data/crew/beetles")).beetles,
  },
  {
    ids: listed(`
ringleggedEarwig greenhouseMillipede miniatureAwlsnail decollateSnail surinamRoach hoodedDwarfRoach
compostWorm nightcrawlerSmall indianBlueWorm whitePotworm grindalWorm soilPredatoryMite gnatNematode`),
    load: async () => (await import("../data/crew/others")).others,
  },
  {
    ids: listed(`
cherryShrimp amanoShrimp neriteSnail ramshornSnail trumpetSnail waterSlater blackworm`),
    load: async () => (await import("../data/crew/water")).water,
  },
];

export const ingredientsChunks: readonly Chunk<"ingredients">[] = [
  {
    ids: listed(`
coir coirChips coirFibre peat sedgePeat treeFernFibre treeFernChunks sphagnum milledSphagnum hempShives
woodFibre riceHulls`),
    load: async () => (await import("../data/ingredients/fibres")).fibres,
  },
  {
    ids: listed(`
fineBark coarseBark eucalyptBark compostedBark corkGranules rottenWood rottenHardwood fermentedWood
hardwoodChips beechChips aspenShavings cypressMulch softwoodShavings nutShell seedPods`),
    load: async () => (await import("../data/ingredients/woody")).woody,
  },
  {
    ids: listed(`
crushedLeaf beechLeaf pineNeedles halfRottedLeaf leafMould charcoal biochar`),
    load: async () => (await import("../data/ingredients/leafAndChar")).leafAndChar,
  },
  {
    ids: listed(`
wormCastings compost agedDroppings mushroomCompost topsoil sievedLoam sandyLoam siltLoam clayLoam
readyForest readyMoist readyPotting readyPeatFree readyDesert tunnelClay`),
    load: async () => (await import("../data/ingredients/richSoils")).richSoils,
  },
  {
    ids: listed(`
playSand redSand fineSand pitSand coarseSand decomposedGranite`),
    load: async () => (await import("../data/ingredients/sands")).sands,
  },
  {
    ids: listed(`
quartzGrit pumice softPumice perlite vermiculite lavaGrit zeolite bakedClay calcinedClay molerGranules
loamGranules crushedBrick`),
    load: async () => (await import("../data/ingredients/grits")).grits,
  },
  {
    ids: listed(`
shellSand limestoneGrit oysterShell limePowder eggshellPowder clayPowder swellingClay redClay whiteClay`),
    load: async () => (await import("../data/ingredients/clayAndLime")).clayAndLime,
  },
];

export const gearChunks: readonly Chunk<"gear">[] = [
  {
    ids: listed(`
halogenLamp incandescentLamp infraredHeaterWithoutLight ceramicEmitter radiantPanel heatMat heatCable
heatedStone tubeHeater`),
    load: async () => (await import("../data/gear/warmth")).warmth,
  },
  {
    ids: listed(`
linearUvTube strongUvTube shadeUvTube wideUvTube compactUvLamp metalHalideUv mercuryVapourUv uvLed ledBar
ledPanel ledSpot fluorescentTube moonLight`),
    load: async () => (await import("../data/gear/lights")).lights,
  },
  {
    ids: listed(`
handSprayer pressureSprayer mistingPump mistingNozzle antiDripValve ultrasonicFogger steamHumidifier
dripBottle drippingWall reverseOsmosisUnit`),
    load: async () => (await import("../data/gear/misting")).misting,
  },
  {
    ids: listed(`
smallFan condensationFan ductedFan`),
    load: async () => (await import("../data/gear/air")).air,
  },
  {
    ids: listed(`
airPump circulationPump waterfallPump spongeFilter canisterFilter boxFilter waterHeater chiller
carbonFilter drainOutlet drainTap siphonHose`),
    load: async () => (await import("../data/gear/waterParts")).waterParts,
  },
  {
    ids: listed(`
ballast onOffThermostat dimmingThermostat pulseThermostat overTemperatureCutOut humidistat timerPlug
secondsTimer handDimmer residualCurrentDevice surgeStrip backupPower temperatureAlarm floatSwitch
leakSensor`),
    load: async () => (await import("../data/gear/controls")).controls,
  },
  {
    ids: listed(`
waterTestKit conductivityMeter salinityMeter digitalHygrometer probeThermometer infraredThermometer
soilThermometer soilMoistureProbe uvIndexMeter lightMeter dataLogger gramScale`),
    load: async () => (await import("../data/gear/measuring")).measuring,
  },
  {
    ids: listed(`
lampHolderReflector cableCover lampGuard doorLock quarantineTub feedingTongs`),
    load: async () => (await import("../data/gear/guards")).guards,
  },
];

export const recipesChunks: readonly Chunk<"recipes">[] = [
  {
    ids: listed(`
treeFernForest peatFreeForest peatFreeBark soilBased burrow limedForest soilAndSand dampSand redDesert
clayDesert mossBed waterMargin bog peatFreeBog firedClayFloor millipedeSoil leafMouldWoodland moultingSand
crabBurrow looseSand stonyGround tortoiseGround loessDryland spiderTunnel`),
    load: async () => (await import("../data/recipes")).recipes,
  },
];
