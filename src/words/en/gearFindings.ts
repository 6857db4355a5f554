import type { GearCode } from "@/core/findings";
import type { FindingWords } from "../findingShape";

/** What findings about gear say. */
export default {
  tooCold: {
    why: {
      day: "By day the warm end comes to {{rangeC}} in a room of {{roomC}}; {{animalId}} wants {{wantRangeC}}. About {{needW}} W in the box would hold it.",
      coolEnd:
        "By day the cool end comes to {{rangeC}} in a room of {{roomC}}; {{animalId}} wants {{wantRangeC}} there.",
      night:
        "By night the box comes to {{rangeC}} in a room of {{roomC}}; {{animalId}} wants {{wantRangeC}}. About {{needW}} W in the box would hold it, without light.",
    },
    mend: {
      set: "Set {{kindId}} warmer",
      stronger: "Take {{kindId}} of {{loadW}} W",
      cover: "Cover {{coveredPct}} of the top",
      heater: "Add {{kindId}}, {{loadW}} W",
      heaters: "Add {{count}} × {{kindId}}, {{loadW}} W each",
      covered: "Cover {{coveredPct}}, {{kindId}} {{loadW}} W",
      room: "Keep the room at {{roomC}}",
      roomHeater: "Room at {{roomC}}, {{kindId}} {{loadW}} W",
      roomHeaters: "Room at {{roomC}}, {{count}} × {{kindId}}, {{loadW}} W each",
    },
  },
  tooHot: {
    why: {
      day: "By day even the cool end comes to {{rangeC}}; {{animalId}} wants no more than {{wantHighC}} there. It must be able to leave the heat.",
      night:
        "By night the box stays at {{rangeC}}; {{animalId}} wants no more than {{wantHighC}}. Most animals need the night to cool off.",
      warmEnd: "By day the warm end comes to {{rangeC}}; {{animalId}} wants no more than {{wantHighC}} there.",
      noEscape:
        "The whole box comes to {{rangeC}}, with no place to leave it; {{animalId}} bears {{wantHighC}} for some days at the most. Heat kills sooner than cold: an animal that gapes or lies limp belongs to a vet.",
    },
    mend: {
      weaker: "Take one of {{loadW}} W for {{kindId}}",
      held: "Put {{kindId}} on a thermostat",
      uncover: "Uncover the top",
      nightOff: "Switch {{kindId}} off by night",
      room: "Keep the room at {{roomC}}",
    },
  },
  baskingOff: {
    why: {
      noLamp: "{{animalId}} basks at {{wantRangeC}}, and no lamp warms a place: the warm end comes to {{rangeC}}.",
      tooCool: "Where it basks it comes to {{rangeC}}; {{animalId}} wants {{wantRangeC}}.",
      tooHot:
        "Where it basks it comes to {{rangeC}}; {{animalId}} wants {{wantRangeC}}. Check with an infrared thermometer before it goes in.",
    },
    mend: {
      hang: "Add {{kindId}}, {{loadW}} W",
      power: "Take one of {{loadW}} W",
      raise: "Hang it at {{upCm}}",
      room: "Keep the room at {{roomC}}",
      roomHang: "Room at {{roomC}}, {{kindId}} {{loadW}} W",
    },
  },
  tooDry: {
    why: {
      day: "By day the air comes to {{rangeRh}}; {{animalId}} wants {{wantRangeRh}}.",
      night: "By night the air comes to {{rangeRh}}; {{animalId}} wants {{wantRangeRh}}.",
      always:
        "By day and by night the air stays too dry: {{rangeRh}} by day, where {{animalId}} wants {{wantRangeRh}}.",
    },
    mend: {
      cover: "Cover {{coveredPct}} of the top",
      mist: "Spray more often",
      coverMist: "Cover {{coveredPct}}, spray more often",
      coverAdd: "Cover {{coveredPct}}, add {{kindId}}",
      set: "Set it damper",
      add: "Add {{kindId}}",
    },
  },
  tooDamp: {
    why: {
      day: "By day the air comes to {{rangeRh}}; {{animalId}} wants {{wantRangeRh}}.",
      night: "By night the air comes to {{rangeRh}}; {{animalId}} wants {{wantRangeRh}}.",
      always:
        "By day and by night the air stays too damp: {{rangeRh}} by day, where {{animalId}} wants {{wantRangeRh}}.",
    },
    mend: {
      mist: "Spray less",
      uncover: "Uncover more of the top",
      mesh: "Mesh lid instead of the pane",
      set: "Set it drier",
    },
  },
  uvOff: {
    why: {
      missing: "{{animalId}} needs UV, an index of {{wantRangeUvi}} at its back, and no lamp gives any.",
      tooWeak:
        "The UV index at its back comes to {{rangeUvi}}; {{animalId}} wants {{wantRangeUvi}}. Mesh takes a third or more away, and distance more.",
      tooStrong:
        "The UV index at its back comes to {{rangeUvi}}; {{animalId}} wants {{wantRangeUvi}}. Too much burns eyes and skin: read it with a meter.",
    },
    mend: {
      hang: "Hang up {{kindId}}",
      lower: "Hang it inside at {{upCm}}",
      raise: "Raise it to {{upCm}}",
      swap: "Take {{kindId}} instead",
      move: "Hang it where it basks",
      room: "Keep the room at {{roomC}}",
      roomHang: "Room at {{roomC}}, hang up {{kindId}}",
    },
  },
  uvNoShade: {
    why: "The least UV anywhere on the ground is an index of {{rangeUvi}}: {{animalId}} cannot leave it. A hide, leaves or a shorter lamp at one end give shade.",
    mend: "Set up {{kindId}} for shade",
  },
  heaterLoose: {
    why: "{{kindId}} runs as hot as it can whatever the box is like: without a thermostat it can cook what lives there. A qualified electrician knows what your socket bears.",
    mend: "Add {{kindId}} before it",
  },
  setPointBeyond: {
    why: "{{kindId}} is set to {{setC}}, and with all of it on the box comes to {{reachC}} at the most.",
    mend: "Take one of {{loadW}} W",
  },
  matUnder: {
    why: {
      deepSoil:
        "{{kindId}} lies under {{soilCm}} of soil: the heat cannot get out, the glass can crack, and the soil bakes from below.",
      digger:
        "{{kindId}} lies under the floor of an animal that digs: away from the heat it goes down, and there it burns.",
    },
    mend: "Put it on the side",
  },
  lampNear: {
    why: {
      stand:
        "{{kindId}} hangs {{nearCm}} over where an animal can stand; {{needCm}} are usual for its watts, so that nothing is burnt.",
      leaf: "{{kindId}} will hang {{nearCm}} over grown leaves; {{needCm}} are usual for its watts, or they scorch.",
      beside:
        "{{kindId}} hangs {{nearCm}} beside what is set up there, or in it; it wants {{needCm}} to every side, or wood and plastic get hot.",
      mesh: "{{kindId}} stands {{nearCm}} over the mesh; so strong a lamp wants {{needCm}}, or mesh and frame get hot.",
    },
    mend: { higher: "Hang it at {{upCm}}", aside: "Hang it clear of them", over: "Hang it over the top" },
  },
  miswired: {
    why: "{{kindId}} is run by {{otherKindId}}, which it must never be: it flickers, fails or gets hot.",
    mend: "Take off {{otherKindId}}",
  },
  socketUnguarded: {
    why: "In reach of water, and no residual-current device before it: {{count}} of what is plugged in. Let a licensed electrician look at the socket, and keep to the code where you live.",
    mend: "Put one before all of it",
  },
  noDripLoop: {
    why: "Water runs along a cable into its socket: let each hang in a loop lower than the socket first.",
    mend: "They hang in loops",
  },
  stripOverloaded: {
    why: "{{kindId}} bears {{mostW}} W, and {{loadW}} W hang on it.",
  },
  lightByNight: {
    why: "{{kindId}} gives light through the night. Nights want to be dark; red and violet light counts as light.",
    mend: "From 8:00 to 20:00",
  },
  probeOff: {
    why: {
      missing: "{{kindId}} has no probe placed: it belongs where the animal is, fixed so that nothing pulls it away.",
      outside: "{{kindId}} feels outside the box: it would heat until the room is warm.",
      buried: "{{kindId}} feels in the soil, where it feels too late.",
    },
    mend: "Put it where the animal is",
  },
  gearBuried: {
    why: "{{kindId}} is at {{atCm}}, and the ground stands {{groundCm}} high there: it lies in the soil.",
    mend: "Put it where it usually goes",
  },
  gearTooLong: {
    why: "{{kindId}} of {{spanCm}}, hung there, would reach {{overCm}} through the glass.",
    mend: { move: "Move it in", shorter: "Take one of {{spanCm}}" },
  },
  pumpNoFlow: {
    why: "{{kindId}}: its pump lifts {{headCm}} at the most, and its water has to go up {{liftCm}}: nothing comes out.",
    mend: "Take a pump that lifts {{headCm}}",
  },
} satisfies Pick<FindingWords, GearCode>;
