/** Readings of devices as SenML (RFC 8428): resolved record by record, and taken as series of ours. */
export { readSenml, resolveSenml, TIME_UNITS } from "./senml";
export type { Resolved, SenmlProblem, SenmlRecord, TimeUnit } from "./senml";
export { channelOf, channelsIn, samplesIn } from "./channels";
export type { Channel, Taken } from "./channels";
