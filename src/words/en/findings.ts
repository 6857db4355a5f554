import type { FindingWords } from "../findingShape";

/**
 * What findings say. In code, not in a table, so that the compiler holds each blank against what the finding is told
 * with.
 */
const sentences = {
  boxTooSmall: {
    title: "The box is too small.",
    why: "Inside it is {{haveWidthCmFigure}} × {{haveDepthCmFigure}} × {{haveHeightCm}}; {{count}} × {{animalId}} want {{widthCmFigure}} × {{depthCmFigure}} × {{heightCm}} at the least.",
    mend: "Make it {{widthCmFigure}} × {{depthCmFigure}} × {{heightCm}}",
  },
  tooMany: {
    title: "Too many together.",
    why: "{{count}} × {{animalId}} quarrel; {{mostCount}} at the most.",
    mend: "Keep {{mostCount}}",
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
    why: "{{plantId}} thrives at {{wantLowRhFigure}} to {{wantHighRh}} with its feet wetter than here; the animal is kept at {{lowRhFigure}} to {{highRh}}.",
    mend: "Take it out",
  },
  plantWantsDrier: {
    title: "A plant wants it drier.",
    why: "{{plantId}} thrives at {{wantLowRhFigure}} to {{wantHighRh}} with dry feet; the animal is kept at {{lowRhFigure}} to {{highRh}}.",
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
    title: "Too dry for part of the crew.",
    why: "{{crewId}} thrive at {{wantLowRhFigure}} to {{wantHighRh}}; here it is {{lowRhFigure}} to {{highRh}}.",
    mend: {
      swap: "Seed {{swapCrewId}} instead",
      remove: "Take them out",
    },
  },
  crewTooWet: {
    title: "Too humid for part of the crew.",
    why: "{{crewId}} thrive at {{wantLowRhFigure}} to {{wantHighRh}}; here it is {{lowRhFigure}} to {{highRh}}.",
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
      hideCool:
        "{{animalId}} wants one at each end, so that it need not choose between coolness and cover; none at the cool end, on the right.",
    },
    mend: "Set up {{kindId}}",
  },
  humidHideMissing: {
    title: "No humid hide.",
    why: "In a dry build {{animalId}} needs one damp, closed place to shed in.",
    mend: "Set up {{kindId}}",
  },
  climbMissing: {
    title: "Too little to climb.",
    why: "{{animalId}} climbs: {{needCount}} spans at the least, and there are {{haveCount}}.",
    mend: "Set up {{kindId}}",
  },
  baskingMissing: {
    title: "A basking place is missing.",
    why: "{{animalId}} basks: {{needCount}} wanted, at different heights where it climbs, and there are {{haveCount}}.",
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
  rebuild: "Rebuild: {{what}}",
  mendRefused: "That edit is no longer possible: {{why}}",
} as const;

const findings = { ...shared, ...sentences };
export type Sentences = typeof sentences;
export default findings;
