/** The part of jstat that is used: quantiles of Student's distribution. */
declare module "jstat" {
  const jStat: { studentt: { inv: (p: number, degreesOfFreedom: number) => number } };
  export default jStat;
}
