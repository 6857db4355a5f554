import { daysAfter } from "@/core/units";
import { NO_TRIALS, withTrial, type Trials } from "@/core/trial";

const DAYS = 42;

/** The twins of the demo are held against one another since they were first read. */
export const demoTrials = (today: string): Trials =>
  withTrial(NO_TRIALS, {
    ...{ id: "demo-litter", question: "Does deeper litter hold the damp better?", series: "coolEnd.humidityRh" },
    ...{ aId: "demo-twin-thin", bId: "demo-twin-deep", startOn: daysAfter(today, -DAYS), endOn: null },
  });
