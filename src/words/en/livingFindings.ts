/** What findings say of plants and crew. */
const living = {
  plantOutgrows: {
    why: "{{plantId}} grows {{grownCm}} high; from its foot, {{footCm}} over the glass, there are {{roomCm}} to the rim.",
    mend: {
      trim: "Keep it to {{keptCm}} with scissors",
      move: "Move it where it has room",
      remove: "Take it out",
    },
  },
  plantWantsWetter: {
    why: {
      air: "{{plantId}} thrives at {{wantRangeRh}}; where it stands it is {{rangeRh}}.",
      roots: "The roots of {{plantId}} want it wetter than {{animalId}} is kept.",
    },
    mend: {
      move: "Move it where it is wetter",
      remove: "Take it out",
    },
  },
  plantWantsDrier: {
    why: {
      air: "{{plantId}} thrives at {{wantRangeRh}}; where it stands it is {{rangeRh}}.",
      roots: "The roots of {{plantId}} want it drier than {{animalId}} is kept: they would rot.",
    },
    mend: {
      move: "Move it where it is drier",
      pot: "Put it in a pot of its own",
      remove: "Take it out",
    },
  },
  plantRootsShallow: {
    why: "{{plantId}} roots {{rootCm}} deep; there is {{soilCm}} where it stands.",
    mend: {
      move: "Move it to deeper soil",
      deepen: "Soil deep enough: {{needCm}}",
      remove: "Take it out",
    },
  },
  plantTrampled: {
    why: "{{plantId}} is too tender for {{animalId}}, which is rough on plants. Tougher ones, many of them, in sunken pots, last.",
    mend: {
      move: "Move it out of reach",
      remove: "Take it out",
    },
  },
  plantHarmful: {
    why: {
      grazed: "{{animalId}} lives on plants and will make a meal of it; {{plantId}} is not fit to be eaten.",
      nibbled: "{{animalId}} eats leaves, and {{plantId}} is not fit to be eaten.",
      unknown: "{{animalId}} eats leaves, and nothing is known of {{plantId}} as food.",
    },
    mend: {
      move: "Move it out of reach",
      remove: "Take it out",
    },
  },
  plantTooDim: {
    why: "{{plantId}} gets about {{ppfd}} µmol/m²/s where it stands and wants {{wantRange}}: more lamp, or a place higher up.",
    mend: {
      move: "Move it into more light",
      remove: "Take it out",
    },
  },
  plantWrongWarmth: {
    why: {
      tooWarm: "{{plantId}} finds {{rangeC}} where it stands and wants {{wantRangeC}}: too warm.",
      tooCool: "{{plantId}} finds {{rangeC}} where it stands and wants {{wantRangeC}}: too cool.",
    },
    mend: {
      move: "Move it where it does well",
      remove: "Take it out",
    },
  },
  plantTooBright: {
    why: "{{plantId}} gets about {{ppfd}} µmol/m²/s where it stands and wants {{wantRange}}: it burns.",
    mend: {
      move: "Move it where it does well",
      remove: "Take it out",
    },
  },
  plantPricks: {
    why: "{{plantId}} has spines or awns, and {{animalId}} brushes past it.",
    mend: {
      move: "Move it where it does well",
      remove: "Take it out",
    },
  },
  plantMisplaced: {
    why: "{{plantId}} stands {{spot}}, and does not grow there.",
    mend: {
      move: "Move it where it grows",
      remove: "Take it out",
    },
  },
  plantInside: {
    why: {
      wall: "{{plantId}} stands in what is built on a wall: there is no ground there.",
      piece: "{{plantId}} stands in {{kindId}}: there is no ground there.",
    },
    mend: {
      move: "Move it to free ground",
      remove: "Take it out",
    },
  },
  plantNoWood: {
    why: "{{plantId}} grows on wood, and there is no branch, cork or built wall in the box.",
    mend: {
      mount: "Set up {{kindId}}",
      move: "Move it where it grows",
      remove: "Take it out",
    },
  },
  plantsCrowd: {
    why: "In a year {{plantId}} and {{otherId}} stand in one place: {{sharePct}} of the smaller lies within the other.",
    mend: {
      move: "Move it to free ground",
      trim: "Keep it to {{keptCm}} with scissors",
      remove: "Take it out",
    },
  },
  plantShaded: {
    why: "In a year {{otherId}} stands over {{plantId}}, which wants bright light.",
    mend: {
      move: "Move it into the light",
      remove: "Take it out",
    },
  },
  viewBlocked: {
    why: "In a year {{plantId}} stands {{grownCm}} high right at the front.",
    mend: {
      move: "Move it back",
      trim: "Keep it to {{keptCm}} with scissors",
      remove: "Take it out",
    },
  },
  plantDiesHere: {
    why: "Of {{plantId}}, {{count}} died in this box: something here does not suit it.",
    mend: "Take it out",
  },
  crewWrongWarmth: {
    why: {
      tooWarm: "{{crewId}} find {{rangeC}} in the ground and live at {{wantRangeC}}: too warm.",
      tooCool: "{{crewId}} find {{rangeC}} in the ground and live at {{wantRangeC}}: too cool.",
    },
    mend: {
      swap: "Seed {{swapCrewId}} instead",
      remove: "Take them out",
    },
  },
  crewWrongAir: {
    why: {
      tooDry: "{{crewId}} find {{rangeRh}} and live at {{wantRangeRh}}: too dry.",
      tooWet: "{{crewId}} find {{rangeRh}} and live at {{wantRangeRh}}: too damp.",
    },
    mend: {
      swap: "Seed {{swapCrewId}} instead",
      remove: "Take them out",
    },
  },
  crewHunted: {
    why: "{{animalId}} eats crew, and {{crewId}} do not hide from it: they will not last.",
    mend: {
      swap: "Seed {{swapCrewId}} instead",
      remove: "Take them out",
    },
  },
  crewTooDry: {
    why: "{{crewId}} live at {{wantRangePct}} of what soil can hold; that of {{animalId}} is kept at {{rangePct}}.",
    mend: {
      swap: "Seed {{swapCrewId}} instead",
      remove: "Take them out",
    },
  },
  crewTooWet: {
    why: "{{crewId}} live at {{wantRangePct}} of what soil can hold; that of {{animalId}} is kept at {{rangePct}}.",
    mend: {
      swap: "Seed {{swapCrewId}} instead",
      remove: "Take them out",
    },
  },
  crewHarms: {
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
    why: {
      noWater: "{{crewId}} live in water, and {{animalId}} has none to live in.",
      noLand: "{{crewId}} live on land, and {{animalId}} lives in water alone.",
    },
    mend: {
      swap: "Seed {{swapCrewId}} instead",
      remove: "Take them out",
    },
  },
  plantsMissing: {
    why: "The box is to be planted, and nothing grows in it: plants keep its air damp, its soil open, and give {{animalId}} cover.",
    mend: { plant: "Plant {{plantId}}", plain: "Keep it without plants" },
  },
  crewMissing: {
    why: "The box is to live of itself, and no crew is in it: dung and mould have nobody to eat them.",
    mend: { seed: "Seed {{crewId}}", byHand: "Clean it by hand" },
  },
} as const;

export default living;
