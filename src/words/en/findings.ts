import type { FindingWords } from "../findingShape";
import terms from "./findingTerms";
import gear from "./gearFindings";
import living from "./livingFindings";

/**
 * What findings say. In code, not in a table, so that the compiler holds each blank against what the finding is told
 * with.
 */
const sentences = {
  ...living,
  ...gear,
  boxTooSmall: {
    why: "{{animalId}}: {{count}} in {{haveWidthCmFigure}} × {{haveDepthCm}} of floor with {{haveClearCm}} clear over the fill⟦; the walls’ build takes ‖{{takenWidthCm}} of the width|{{takenDepthCm}} of the depth⟧. The least is {{widthCmAtLeastFigure}} × {{depthCmAtLeast}} with {{clearCmAtLeast}} clear.",
    mend: {
      larger: "Make it {{widthCmFigure}} × {{depthCmFigure}} × {{heightCm}}",
      fewer: "Keep {{mostCount}}",
    },
  },
  tooMany: {
    why: {
      tooMany: "{{count}} of {{animalId}} quarrel; {{mostCount}} at the most.",
      oneToABox: "{{animalId}} lives alone: one to a box. A box twice as long does not change that.",
    },
    mend: "Keep {{mostCount}}",
  },
  farToFall: {
    why: "{{animalId}} is heavy and climbs: a fall of more than {{mostCm}} can burst it, and there are {{haveCm}} over the ground. Deeper soil or a lower box helps.",
    mend: "Make the box {{heightCm}} high",
  },
  matesMisfit: {
    why: {
      alone: "{{loneId}} lives alone.",
      eaten: "{{hunterId}} can swallow {{preyId}}.",
      toxic: "The skin of {{toxicId}} poisons others.",
      otherWarmth: "{{mateId}} wants another warmth than {{animalId}}.",
      otherDamp: "{{mateId}} wants another damp than {{animalId}}.",
    },
    mend: "Leave {{mateId}} out",
  },
  boxTooLarge: {
    why: "A young one in a box over {{widthCmFigure}} × {{depthCm}} loses sight of its food, unless every corner is cover. A smaller box until it is grown, or much cover and feeding by hand.",
    mend: {
      smaller: "Make the box {{widthCmFigure}} × {{depthCm}}",
      grown: "Keep grown ones",
    },
  },
  boxShape: {
    why: {
      tooFlat:
        "{{animalId}} climbs, and the box is {{widthCm}} wide and {{heightCm}} high: height serves it better than floor.",
      tooUpright:
        "{{animalId}} lives low, and the box is {{widthCm}} wide and {{heightCm}} high: floor serves it better than height.",
    },
  },
  aboveRim: {
    why: "It reaches {{topCm}}, {{soilCm}} of it soil at the deepest, and the box is {{heightCm}} high: {{overCm}} too much, and no lid closes.",
    mend: "Lower the soil {{byCm}}",
  },
  overSill: {
    why: "It stands {{fillCm}} at the front⟦, ‖{{drainageCm}} of drainage|{{soilCm}} of soil|{{dressCm}} of dressing⟧: {{overCm}} over the sill of {{sillCm}}. Soil falls out and the doors jam.",
    mend: {
      lower: "Lower the soil {{byCm}} at the front",
      slope: "Slope the soil from {{frontCm}} up to {{backCm}}",
      thinner: "Drainage {{depthCm}}, soil from {{frontCm}} up to {{backCm}}",
    },
  },
  waterOverSafeLine: {
    why: {
      design:
        "Kept at {{lineCm}} by design, safe to {{safeCm}}⟦, ‖as it climbs {{riseCm}} there⟧: the soil, from {{barrierCm}} up, wicks it and turns sour.",
      reading:
        "Water at {{lineCm}}, safe to {{safeCm}}⟦, ‖as it climbs {{riseCm}} there⟧: the soil, from {{barrierCm}} up, wicks it and turns sour.",
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
    why: "Kept at {{rangeRh}}, misting water has nowhere to go and the soil goes sour.",
    mend: "Lay {{depthCm}} of {{materialId}}",
  },
  drainageInArid: {
    why: "{{animalId}} wants dry ground; {{depthCm}} of drainage keeps water under it, and wet soil means skin and lung trouble.",
    mend: "Take it out",
  },
  barrierMissing: {
    why: "Soil lies straight on the drainage, {{topCm}} over the glass, trickles into it and clogs it.",
    mend: "Lay {{materialId}}",
  },
  soilMissing: {
    why: "No soil layer is in it; at least {{needCm}} of living soil for this animal.",
    mend: "Lay {{needCm}} of soil",
  },
  soilTooShallow: {
    why: "{{haveCm}} or more over a third of the floor; {{animalId}} wants {{needCm}} there.",
    mend: {
      deepen: "Deepen to {{needCm}}",
      slope: "Slope the soil from {{frontCm}} up to {{backCm}}",
      thinner: "Drainage {{depthCm}}, soil {{needCm}}",
    },
  },
  emptyMix: {
    why: "Mix {{nth}} has no parts: its weight and litres cannot be worked out.",
  },
  mixHurts: {
    why: {
      skin: "{{ingredientId}} is not for {{animalId}}: its skin takes up what is in it.",
      digging:
        "{{ingredientId}} is not for {{animalId}}, which lives on the ground: it has edges, or swells when swallowed.",
    },
    mend: "Take out {{ingredientId}}",
  },
  outOfBand: {
    why: {
      temperatureC: "{{valueC}} at the {{place}}; {{rangeC}} is wanted.",
      humidityRh: "{{valueRh}} at the {{place}}; {{rangeRh}} is wanted.",
    },
  },
  roomTooHot: {
    why: {
      day: "The room is at {{roomC}} and the cool end of {{animalId}} at {{mostC}} at the most. No box is cooler than its room without a chiller: a cooler room, or no lamp on hot days and more air.",
      night:
        "The room is at {{roomC}} and {{animalId}} wants nights of {{mostC}} at the most. No box is cooler than its room: let the room cool by night, or take the night for a warm one.",
    },
    mend: "Keep the room at {{roomC}}",
  },
  staleAir: {
    why: "The lid is a pane and there is no vent: air goes stale and glass stays fogged.",
    mend: "Mesh lid, half covered",
  },
  uvBlocked: {
    why: "{{animalId}} needs UV, and the pane over the box lets none through, whatever lamp stands over it.",
    mend: "Mesh lid, half covered",
  },
  boxLeaks: {
    why: "{{buildId}} leaks or swells with {{lineCm}} of water standing in it: line it, or keep the drainage dry.",
    mend: "Keep it dry",
  },
  ventBuried: {
    why: {
      vent: "A vent starts {{haveCm}} from the floor and the fill stands {{fillCm}} there: it lets soil out and no air in.",
      port: "A cable port starts {{haveCm}} from the floor and the fill stands {{fillCm}} there: soil and water come out along the cables.",
    },
    mend: "Raise it to {{upCm}}",
  },
  slopeTooSteep: {
    why: "About {{slopeDeg}}° at {{xCm}} from the left, {{yCm}} from the front; this mix stands at about {{standsDeg}}°. Make it gentler, or hold it with stone or cork.",
  },
  zoneOutside: {
    why: "“{{zone}}” was drawn for another floor; little or nothing of it is left.",
    mend: "Take “{{zone}}” out",
  },
  zoneUnheld: {
    why: "Along “{{zone}}” the ground steps {{stepCm}}, up to {{highCm}} over the glass; what holds it reaches {{heldCm}} over the glass, so the higher side runs into the lower.",
    mend: "Hold it with {{kindId}}, {{heightCm}} high",
  },
  mixLimed: {
    why: "{{freeLimePct}} of its weight is lime that dissolves, most of it in {{ingredientId}}: it heads for pH {{pH}}, whatever else is in it, and the ground of {{animalId}} is to be no higher than {{mostPh}}.",
    mend: "Leave the lime out",
  },
  mixOff: {
    why: {
      airBelow:
        "Mix {{nth}} keeps {{havePct}} of air once it has drained, where {{wantRangePct}} is usual: it closes up and may turn sour.",
      burrowBelow:
        "{{animalId}} digs, and tunnels in mix {{nth}} fall in: about a tenth of clay, pressed moist, makes them stand.",
      drainsBelow: "Water stands on mix {{nth}} instead of running through: fines and clay close it.",
      waterBelow: "Mix {{nth}} holds {{havePct}} of water, where {{wantRangePct}} is usual: it dries fast.",
      waterAbove:
        "Mix {{nth}} holds {{havePct}} of water, where {{wantRangePct}} is usual: it stays wet, and roots and feet may rot.",
    },
    mend: {
      add: "Add {{sharePct}} of {{ingredientId}}",
      leaveOut: "Leave out {{ingredientId}}",
      recipe: "Take {{recipeId}} instead",
    },
  },
  mixSeals: {
    why: "{{swellingPct}} of it is clay that swells when wet, most of it {{ingredientId}}: water stands on it, and swallowed it blocks the gut. Plain clay binds tunnels without.",
    mend: "Leave it out",
  },
  soilInWater: {
    why: "Part of it lies {{lowCm}} from the glass and water is kept at {{lineCm}}: it soaks, goes sour and wicks through all of it.",
    mend: "Keep no standing water",
  },
  stoneOnSoil: {
    why: "{{kindId}}, {{stoneKg}}, stands {{baseCm}} over the glass, and {{animalId}} digs: undermined, it sinks and crushes what is under it.",
    mend: "Rest it on the glass",
  },
  pieceTooLarge: {
    why: {
      box: "{{kindId}} is {{overCm}} larger than the box.",
      rim: "{{kindId}} stands {{overCm}} over the rim.",
      wall: "{{kindId}} reaches into a wall or past the floor.",
    },
    mend: {
      move: "Move it where it fits",
      turn: "Turn it",
      shorten: "Shorten it to {{heightCm}}",
      remove: "Take it out",
    },
  },
  pieceBuried: {
    why: "The top of {{kindId}} lies {{underCm}} under the surface: nothing gets in.",
    mend: "Stand it on the surface",
  },
  pieceUnheld: {
    why: {
      bare: "{{kindId}} is to be set in the {{wall}} wall, and nothing is built there to hold it.",
      below: "{{kindId}} is to be set in the {{wall}} wall, whose build begins only {{edgeCm}} over the glass.",
    },
    mend: {
      raise: "Set it at {{upCm}}",
      build: "Build {{treatmentId}} there",
      floor: "Stand it on free floor",
    },
  },
  pieceOverlaps: {
    why: {
      through: "{{sharePct}} of the smaller of {{kindId}} and {{otherKindId}} lies within the other.",
      column: "{{kindId}} stands in {{otherKindId}}: the pump or the siphon cannot get in.",
    },
    mend: {
      move: "Move it to free floor",
      remove: "Take it out",
    },
  },
  hideMissing: {
    why: {
      hideWarm:
        "{{animalId}} wants one at each end, so that it need not choose between warmth and cover; none that holds it whole at the warm end, on the left. It takes one of {{holdsGrownCm}} or more.",
      hideAny:
        "{{animalId}} wants a hide on the ground, and finds none that holds it whole. It takes one of {{holdsGrownCm}} or more.",
      hideCool:
        "{{animalId}} wants one at each end, so that it need not choose between coolness and cover; none that holds it whole at the cool end, on the right. It takes one of {{holdsGrownCm}} or more.",
    },
    mend: "Set up {{kindId}}",
  },
  refugeMissing: {
    why: {
      crevice:
        "{{animalId}} hides in crevices that touch it above and below: {{haveCount}} here, {{needCount}} wanted.",
      corkTubeHigh: "{{animalId}} sleeps in tubes high up: {{haveCount}} here, {{needCount}} wanted.",
      leafTangle:
        "{{animalId}} hides in tangles of leaves, two leafy plants or more: {{haveCount}} here, {{needCount}} wanted.",
      burrow: "{{animalId}} lives in a burrow, and the soil is too shallow to dig one.",
      waterPlants: "{{animalId}} rests among water plants: {{haveCount}} here, {{needCount}} wanted.",
      mossBed: "{{animalId}} wants a bed of damp moss: {{haveCount}} here, {{needCount}} wanted.",
    },
    mend: {
      setUp: "Set up {{kindId}}",
      plant: "Plant {{plantId}}",
    },
  },
  humidHideMissing: {
    why: "{{animalId}} needs a damp, closed place to withdraw and shed in, of {{holdsGrownCm}} or more to hold it whole: {{haveCount}} here, {{needCount}} wanted.",
    mend: "Set up {{kindId}}",
  },
  bowlMissing: {
    why: "{{animalId}} drinks from standing water, and bathes where it can: {{haveCount}} here, {{needCount}} wanted. Shallow at one side, so that it gets out again.",
    mend: "Set up {{kindId}}",
  },
  climbMissing: {
    why: "{{animalId}} climbs. Spans to climb on: {{haveCount}} here, {{needCount}} wanted.",
    mend: "Set up {{kindId}}",
  },
  baskingMissing: {
    why: {
      places: "{{animalId}} basks. Places to bask on: {{haveCount}} here, {{needCount}} wanted.",
      heights:
        "{{animalId}} basks at different heights, nearer to the lamp and further: {{haveCount}} here, {{needCount}} wanted.",
    },
    mend: "Set up {{kindId}}",
  },
  standOverloaded: {
    why: "Rated for {{ratedKg}}; it carries {{wetKg}} wet⟦, of that ‖{{groundKg}} of ground|{{piecesKg}} of hardscape⟧, and {{floodedKg}} if it floods.",
  },
  paneOverloaded: {
    why: {
      even: "Held at its rim only, {{wallMm}} of glass bends to about {{stressMPa}} MPa under the ground; {{allowedMPa}} is what it may carry for years.",
      piece:
        "Held at its rim only, {{wallMm}} of glass bends to about {{stressMPa}} MPa, most of it under {{kindId}}; {{allowedMPa}} is what it may carry for years.",
    },
    mend: "Carry the whole floor",
  },
  foamUnfinished: {
    why: "The {{wall}} wall is foam without a finish: its glossy skin sheds, shows through, and gives nothing to hold.",
    mend: "Finish with {{finishId}}",
  },
} as const satisfies FindingWords;

const findings = { ...terms, ...sentences };
export type Sentences = typeof sentences;
export default findings;
