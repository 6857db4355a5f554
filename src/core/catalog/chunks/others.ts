import { listed, type Chunk } from "./chunk";

export const crewChunks: readonly Chunk<"crew">[] = [
  {
    ids: listed(`
      temperateSpringtail tropicalSpringtail slenderSpringtail orangeSpringtail thaiRedSpringtail soilSpringtail
      aridSpringtail waterSpringtail dwarfWhiteIsopod powderIsopod roughIsopod pillIsopod littleSeaIsopod
      shinyIsopod pygmyIsopod rosyIsopod giantCanyonIsopod dairyIsopod titanIsopod nosyPillIsopod zebraIsopod
      swiftForestIsopod clownIsopod yellowSpottedPillIsopod granulatedPillIsopod rubberDuckyIsopod pandaKingIsopod
      emberBeeIsopod ornateIsopod expansusIsopod haasIsopod tinyPillIsopod fastWoodlouse desertDwarfIsopod
      curlyIsopod ridgedDwarfIsopod mealwormBeetle superwormBeetle lesserMealworm blueDeathFeigningBeetle
      smoothDeathFeigningBeetle pinacateBeetle cuppedDarklingBeetle sunBeetle greenhouseRoveBeetle
      ringleggedEarwig greenhouseMillipede miniatureAwlsnail decollateSnail surinamRoach hoodedDwarfRoach
      compostWorm nightcrawlerSmall indianBlueWorm whitePotworm grindalWorm soilPredatoryMite gnatNematode
      cherryShrimp amanoShrimp neriteSnail ramshornSnail trumpetSnail waterSlater blackworm`),
    load: async () => (await import("../data/crew")).crew,
  },
];

export const ingredientsChunks: readonly Chunk<"ingredients">[] = [
  {
    ids: listed(`
      coir coirChips coirFibre peat sedgePeat treeFernFibre treeFernChunks sphagnum milledSphagnum fineBark
      coarseBark eucalyptBark compostedBark corkGranules rottenWood rottenHardwood fermentedWood hardwoodChips
      beechChips aspenShavings cypressMulch hempShives woodFibre softwoodShavings nutShell riceHulls seedPods
      crushedLeaf beechLeaf pineNeedles halfRottedLeaf leafMould wormCastings compost agedDroppings
      mushroomCompost charcoal biochar topsoil sievedLoam sandyLoam siltLoam clayLoam playSand redSand fineSand
      pitSand coarseSand quartzGrit shellSand limestoneGrit oysterShell limePowder eggshellPowder
      decomposedGranite pumice softPumice perlite vermiculite lavaGrit zeolite bakedClay calcinedClay
      molerGranules loamGranules crushedBrick clayPowder swellingClay redClay whiteClay readyForest readyMoist
      readyPotting readyPeatFree readyDesert tunnelClay`),
    load: async () => (await import("../data/ingredients")).ingredients,
  },
];

export const gearChunks: readonly Chunk<"gear">[] = [
  {
    ids: listed(`
      halogenLamp incandescentLamp infraredHeaterWithoutLight ceramicEmitter radiantPanel heatMat heatCable
      heatedStone tubeHeater linearUvTube strongUvTube shadeUvTube wideUvTube compactUvLamp metalHalideUv
      mercuryVapourUv uvLed ledBar ledPanel ledSpot fluorescentTube moonLight lampHolderReflector ballast
      onOffThermostat dimmingThermostat pulseThermostat overTemperatureCutOut humidistat timerPlug secondsTimer
      handDimmer residualCurrentDevice surgeStrip backupPower temperatureAlarm handSprayer pressureSprayer
      mistingPump mistingNozzle antiDripValve ultrasonicFogger steamHumidifier dripBottle drippingWall
      reverseOsmosisUnit waterTestKit conductivityMeter salinityMeter smallFan condensationFan ductedFan airPump
      circulationPump waterfallPump spongeFilter canisterFilter boxFilter waterHeater chiller carbonFilter
      floatSwitch leakSensor drainOutlet drainTap siphonHose digitalHygrometer probeThermometer
      infraredThermometer soilThermometer soilMoistureProbe uvIndexMeter lightMeter dataLogger gramScale
      cableCover lampGuard doorLock quarantineTub feedingTongs`),
    load: async () => (await import("../data/gear")).gear,
  },
];

export const recipesChunks: readonly Chunk<"recipes">[] = [
  {
    ids: listed(`
      treeFernForest peatFreeForest peatFreeBark soilBased burrow redDesert clayDesert mossBed waterMargin bog
      peatFreeBog firedClayFloor millipedeSoil leafMouldWoodland moultingSand crabBurrow looseSand stonyGround
      tortoiseGround loessDryland spiderTunnel`),
    load: async () => (await import("../data/recipes")).recipes,
  },
];
