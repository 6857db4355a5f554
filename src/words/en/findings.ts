import type { FindingWords } from "../findingShape";

/**
 * What findings say. In code, not in a table, so that the compiler holds each blank against what the finding is told
 * with.
 */
const sentences = {
  boxTooSmall: {
    title: "The box is too small.",
    why: "{{animalId}}: {{count}} in {{haveWidthCmFigure}} × {{haveDepthCm}} of floor with {{haveClearCm}} clear over the fill. The least is {{widthCmFigure}} × {{depthCm}} with {{clearCm}} clear.",
    mend: "Make it {{widthCmFigure}} × {{depthCmFigure}} × {{heightCm}}",
  },
  tooMany: {
    title: "Too many together.",
    why: {
      tooMany: "{{count}} of {{animalId}} quarrel; {{mostCount}} at the most.",
      oneToABox: "{{animalId}} lives alone: one to a box. A box twice as long does not change that.",
    },
    mend: "Keep {{mostCount}}",
  },
  farToFall: {
    title: "Far to fall.",
    why: "{{animalId}} is heavy and climbs: a fall of more than {{mostCm}} can burst it, and there are {{haveCm}} over the ground. Deeper soil or a lower box helps.",
  },
  matesMisfit: {
    title: "Two species that cannot share a box.",
    why: {
      alone: "{{loneId}} lives alone.",
      eaten: "{{hunterId}} can swallow {{preyId}}.",
      toxic: "The skin of {{toxicId}} poisons others.",
      otherWarmth: "{{mateId}} wants another warmth than {{animalId}}.",
      otherDamp: "{{mateId}} wants another damp than {{animalId}}.",
    },
    mend: "Leave {{mateId}} out",
  },
  boxShape: {
    title: "The box stands the wrong way.",
    why: {
      tooFlat: "{{animalId}} climbs: height serves it better than floor.",
      tooUpright: "{{animalId}} lives low: floor serves it better than height.",
    },
  },
  aboveRim: {
    title: "The ground is above the rim.",
    why: "It reaches {{topCm}} and the box is {{heightCm}} high: {{overCm}} too much.",
  },
  overSill: {
    title: "The fill passes the door sill.",
    why: "It stands {{fillCm}} at the front, {{overCm}} over the sill of {{sillCm}}: soil falls out and the doors jam.",
    mend: "Lower the soil {{byCm}}",
  },
  waterOverSafeLine: {
    title: "Standing water is over the safe line.",
    why: {
      design: "Kept at {{lineCm}} by design, safe to {{safeCm}}: the soil wicks it up and turns sour.",
      reading: "Water at {{lineCm}}, safe to {{safeCm}}: the soil wicks it up and turns sour.",
    },
    mend: {
      lower: "Keep it at {{lineCm}}",
      siphon: "I drew off {{drawWaterL}}",
      deepen: "Deepen drainage to {{depthCm}}",
    },
    work: {
      siphon: "Siphon {{drawWaterL}} slowly through the fill tube or pump column.",
    },
  },
  drainageMissing: {
    title: "No drainage in a wet build.",
    why: "Kept at {{lowRhFigure}} to {{highRh}}, misting water has nowhere to go and the soil goes sour.",
    mend: "Lay {{depthCm}} of {{materialId}}",
  },
  drainageInArid: {
    title: "Drainage where none belongs.",
    why: "{{animalId}} wants dry ground; {{depthCm}} of drainage keeps water under it, and wet soil means skin and lung trouble.",
    mend: "Take it out",
  },
  barrierMissing: {
    title: "No barrier over the drainage.",
    why: "Soil trickles into the drainage and clogs it.",
    mend: "Lay {{materialId}}",
  },
  soilMissing: {
    title: "No soil.",
    why: "At least {{needCm}} of living soil for this animal.",
    mend: "Lay {{needCm}} of soil",
  },
  soilTooShallow: {
    title: "The soil is too shallow.",
    why: "{{haveCm}} at the deepest; {{animalId}} wants {{needCm}}.",
    mend: "Deepen to {{needCm}}",
  },
  emptyMix: {
    title: "A soil mix is empty.",
    why: "Its weight and litres cannot be worked out.",
  },
  mixHurts: {
    title: "The mix holds something that hurts.",
    why: {
      skin: "{{ingredientId}} is not for {{animalId}}: its skin takes up what is in it.",
      digging:
        "{{ingredientId}} is not for {{animalId}}, which lives on the ground: it has edges, or swells when swallowed.",
    },
    mend: "Take out {{ingredientId}}",
  },
  plantOutgrows: {
    title: "A plant outgrows the box.",
    why: "{{plantId}} grows {{grownCm}} high; there is {{roomCm}} over the ground there.",
    mend: "Take it out",
  },
  plantWantsWetter: {
    title: "A plant wants it wetter.",
    why: {
      air: "{{plantId}} thrives at {{wantLowRhFigure}} to {{wantHighRh}}; where it stands it is {{lowRhFigure}} to {{highRh}}.",
      roots: "The roots of {{plantId}} want it wetter than {{animalId}} is kept.",
    },
    mend: "Take it out",
  },
  plantWantsDrier: {
    title: "A plant wants it drier.",
    why: {
      air: "{{plantId}} thrives at {{wantLowRhFigure}} to {{wantHighRh}}; where it stands it is {{lowRhFigure}} to {{highRh}}.",
      roots: "The roots of {{plantId}} want it drier than {{animalId}} is kept: they would rot.",
    },
    mend: "Take it out",
  },
  plantRootsShallow: {
    title: "Too little soil for a plant’s roots.",
    why: "{{plantId}} roots {{rootCm}} deep; there is {{soilCm}} where it stands.",
    mend: "Take it out",
  },
  plantTrampled: {
    title: "A plant will be trampled.",
    why: "{{plantId}} is too tender for {{animalId}}, which is rough on plants. Tougher ones, many of them, in sunken pots, last.",
    mend: "Take it out",
  },
  plantHarmful: {
    title: "A plant harms who eats it.",
    why: "{{animalId}} eats leaves, and {{plantId}} is not fit to be eaten.",
    mend: "Take it out",
  },
  plantTooDim: {
    title: "Too dim for a plant.",
    why: "{{plantId}} gets about {{ppfd}} µmol/m²/s where it stands and wants {{wantLow}} to {{wantHigh}}: more lamp, or a place higher up.",
    mend: "Take it out",
  },
  plantMisplaced: {
    title: "A plant is in the wrong kind of place.",
    why: "{{plantId}} does not grow there.",
    mend: {
      move: "Put it where it usually grows",
      remove: "Take it out",
    },
  },
  plantsCrowd: {
    title: "Plants will crowd one another.",
    why: "In a year {{plantId}} and {{otherId}} stand in one place: {{sharePct}} of the smaller lies within the other.",
    mend: {
      move: "Move it to free ground",
      remove: "Take it out",
    },
  },
  plantShaded: {
    title: "A light lover will be shaded.",
    why: "In a year {{otherId}} stands over {{plantId}}, which wants bright light.",
    mend: {
      move: "Move it into the light",
      remove: "Take it out",
    },
  },
  viewBlocked: {
    title: "A plant will block the view.",
    why: "In a year {{plantId}} stands {{grownCm}} high right at the front.",
    mend: {
      move: "Move it back",
      remove: "Take it out",
    },
  },
  plantDiesHere: {
    title: "This plant died here before.",
    why: "{{plantId}} died in this box {{count}} times. Something here does not suit it.",
    mend: "Take it out",
  },
  crewTooDry: {
    title: "Soil too dry for part of the crew.",
    why: "{{crewId}} live at {{wantLowPct}} to {{wantHighPct}} of what soil can hold; here it is {{lowPct}} to {{highPct}}.",
    mend: {
      swap: "Seed {{swapCrewId}} instead",
      remove: "Take them out",
    },
  },
  crewTooWet: {
    title: "Soil too wet for part of the crew.",
    why: "{{crewId}} live at {{wantLowPct}} to {{wantHighPct}} of what soil can hold; here it is {{lowPct}} to {{highPct}}.",
    mend: {
      swap: "Seed {{swapCrewId}} instead",
      remove: "Take them out",
    },
  },
  crewHarms: {
    title: "Crew that harms.",
    why: {
      bitesResting: "{{crewId}} bite animals that moult, rest or sleep cold, and {{animalId}} does.",
      eatsEggs: "{{crewId}} eat eggs, and {{animalId}} lays in the ground.",
      noxiousFluid: "{{crewId}} give off a fluid that harms who eats them, and {{animalId}} eats crew.",
    },
    mend: {
      swap: "Seed {{swapCrewId}} instead",
      remove: "Take them out",
    },
  },
  crewNowhere: {
    title: "Crew with nowhere to live.",
    why: {
      noWater: "{{crewId}} live in water, and {{animalId}} has none to live in.",
      noLand: "{{crewId}} live on land, and {{animalId}} lives in water alone.",
    },
    mend: {
      swap: "Seed {{swapCrewId}} instead",
      remove: "Take them out",
    },
  },
  crewMissing: {
    title: "No cleanup crew.",
    why: "Dung and mould have nobody to eat them.",
  },
  outOfBand: {
    title: "The last reading is out of band.",
    why: {
      temperatureC: "{{valueC}} at the {{place}}; {{lowCFigure}} to {{highC}} is wanted.",
      humidityRh: "{{valueRh}} at the {{place}}; {{lowRhFigure}} to {{highRh}} is wanted.",
    },
  },
  roomTooHot: {
    title: "The room is warmer than the cool end may be.",
    why: "The room is at {{roomC}} and the cool end of {{animalId}} at {{coolMostC}} at the most. No box is cooler than its room without a chiller: a cooler room, or no lamp on hot days and more air.",
  },
  staleAir: {
    title: "No way for air to move.",
    why: "The lid is a pane and there is no vent: air goes stale and glass stays fogged.",
    mend: "Mesh lid, half covered",
  },
  boxLeaks: {
    title: "Standing water in a box that does not hold it.",
    why: "{{buildId}} leaks or swells with {{lineCm}} of water standing in it: line it, or keep the drainage dry.",
    mend: "Keep it dry",
  },
  ventBuried: {
    title: "A vent lies under the ground.",
    why: "It starts {{haveCm}} from the floor and the fill stands {{fillCm}} there: it lets soil out and no air in.",
    mend: "Raise it to {{upCm}}",
  },
  slopeTooSteep: {
    title: "A slope is steeper than its soil stands.",
    why: "About {{slopeDeg}}° at {{xCm}} from the left, {{yCm}} from the front; this mix stands at about {{standsDeg}}°. Make it gentler, or hold it with stone or cork.",
  },
  zoneOutside: {
    title: "A zone lies outside the floor.",
    why: "“{{zone}}” was drawn for another floor; little or nothing of it is left.",
    mend: "Take “{{zone}}” out",
  },
  zoneUnheld: {
    title: "A step in the ground that nothing holds back.",
    why: "Along “{{zone}}” the ground steps {{stepCm}}; what stands there reaches {{heldCm}}, so the higher side runs into the lower.",
    mend: "Hold it with {{kindId}}, {{heightCm}} high",
  },
  mixLimed: {
    title: "Lime sets the pH of this mix.",
    why: "{{freeLimePct}} of its weight is lime that dissolves: it heads for pH {{pH}}, whatever else is in it, and the ground of {{animalId}} is to be no higher than {{mostPh}}.",
    mend: "Leave the lime out",
  },
  mixSeals: {
    title: "Swelling clay seals this mix.",
    why: "{{swellingPct}} of it is clay that swells when wet: water stands on it, and swallowed it blocks the gut. Plain clay binds tunnels without.",
    mend: "Leave it out",
  },
  soilInWater: {
    title: "Soil stands in the water.",
    why: "Part of it lies {{lowCm}} from the glass and water is kept at {{lineCm}}: it soaks, goes sour and wicks through all of it.",
    mend: "Keep no standing water",
  },
  stoneOnSoil: {
    title: "A heavy stone rests on soil.",
    why: "{{kindId}}, {{stoneKg}}, stands {{baseCm}} over the glass, and {{animalId}} digs: undermined, it sinks and crushes what is under it.",
    mend: "Rest it on the glass",
  },
  pieceTooLarge: {
    title: "A piece does not fit.",
    why: {
      box: "{{kindId}} is {{overCm}} larger than the box.",
      rim: "{{kindId}} stands {{overCm}} over the rim.",
      wall: "{{kindId}} reaches into a wall or past the floor.",
    },
    mend: "Take it out",
  },
  pieceBuried: {
    title: "A piece is under the ground.",
    why: "The top of {{kindId}} lies {{underCm}} under the surface: nothing gets in.",
    mend: "Stand it on the surface",
  },
  hideMissing: {
    title: "A hide is missing.",
    why: {
      hideWarm:
        "{{animalId}} wants one at each end, so that it need not choose between warmth and cover; none at the warm end, on the left.",
      hideAny: "{{animalId}} wants a hide on the ground, and finds none.",
      hideCool:
        "{{animalId}} wants one at each end, so that it need not choose between coolness and cover; none at the cool end, on the right.",
    },
    mend: "Set up {{kindId}}",
  },
  refugeMissing: {
    title: "A refuge is missing.",
    why: {
      crevice:
        "{{animalId}} wedges itself into crevices that touch it above and below: {{haveCount}} here, {{needCount}} wanted.",
      corkTubeHigh: "{{animalId}} sleeps in tubes high up: {{haveCount}} here, {{needCount}} wanted.",
      leafTangle:
        "{{animalId}} hides in tangles of leaves, two leafy plants or more: {{haveCount}} here, {{needCount}} wanted.",
      burrow: "{{animalId}} lives in a burrow, and the soil is too shallow to dig one.",
      waterPlants: "{{animalId}} rests among water plants: {{haveCount}} here, {{needCount}} wanted.",
      mossBed: "{{animalId}} wants a bed of damp moss: {{haveCount}} here, {{needCount}} wanted.",
    },
    mend: "Set up {{kindId}}",
  },
  humidHideMissing: {
    title: "No humid hide.",
    why: "{{animalId}} needs a damp, closed place to withdraw and shed in: {{haveCount}} here, {{needCount}} wanted.",
    mend: "Set up {{kindId}}",
  },
  climbMissing: {
    title: "Too little to climb.",
    why: "{{animalId}} climbs. Spans to climb on: {{haveCount}} here, {{needCount}} wanted.",
    mend: "Set up {{kindId}}",
  },
  baskingMissing: {
    title: "A basking place is missing.",
    why: "{{animalId}} basks, at different heights where it climbs: {{haveCount}} here, {{needCount}} wanted.",
    mend: "Set up {{kindId}}",
  },
  standOverloaded: {
    title: "Too heavy for the stand.",
    why: "Rated for {{ratedKg}}; it carries {{wetKg}} wet and {{floodedKg}} if it floods.",
  },
  paneOverloaded: {
    title: "The floor pane carries too much.",
    why: "Held at its rim only, {{wallMm}} mm of glass bends to about {{stressMPa}} MPa; {{allowedMPa}} is what it may carry for years.",
    mend: "Carry the whole floor",
  },
  foamUnfinished: {
    title: "Bare foam.",
    why: "The {{wall}} wall is foam without a finish: its glossy skin sheds, shows through, and gives nothing to hold.",
    mend: "Finish with {{finishId}}",
  },
} as const satisfies FindingWords;

/** The words about findings as a whole. */
const shared = {
  title: "Findings",
  none: "Nothing wrong that Rincon can see.",
  harm: "Harms",
  look: "Worth a look",
  countHarm_one: "{{count}} finding that harms",
  countHarm_other: "{{count}} findings, one at least harms",
  countLook_one: "{{count}} finding",
  countLook_other: "{{count}} findings",
  goTo: "Open {{step}}",
  nth: "{{nth}} of {{count}}",
  next: "{{nth}} of {{count}} alike: show the next",
  rebuild: "Rebuild: {{what}}",
  mendRefused: "That edit is no longer possible: {{why}}",
} as const;

const findings = { ...shared, ...sentences };
export type Sentences = typeof sentences;
export default findings;
