/** A sum of variables with weights, by the variables' names. */
export type Sum = Readonly<Record<string, number>>;

/** One thing a solution must keep. */
export type Constraint = { name: string; sum: Sum; is: "<=" | ">=" | "="; to: number };

/**
 * A linear programme, some of whose variables may only be whole: what to make as small as can be, under which
 * constraints.
 */
export type Model = {
  minimise: Sum;
  constraints: readonly Constraint[];
  /** Variables not named here lie anywhere from 0 up. */
  bounds?: Readonly<Record<string, readonly [least: number, most: number]>>;
  whole?: readonly string[];
  /** A whole-number answer this near the best possible is as good as the best. */
  closeEnough?: number;
};

/**
 * What a solver found. `values` is empty unless it is solved. `reducedCosts` tell by how much the objective would grow
 * for each unit of a variable that stands at its limit; only of programmes without whole numbers.
 */
export type Solution = {
  status: "solved" | "impossible" | "stopped";
  values: Readonly<Record<string, number>>;
  reducedCosts: Readonly<Record<string, number>>;
  objective: number;
};

const NAME = /^[A-Za-z_][A-Za-z0-9_]{0,200}$/;

function checkedName(name: string): string {
  if (!NAME.test(name)) throw new RangeError(`name: "${name}" is no variable's name`);
  return name;
}

function term(weight: number, name: string, first: boolean): string {
  if (!Number.isFinite(weight)) throw new RangeError(`${name}: its weight is not a number`);
  const sign = weight < 0 ? "- " : first ? "" : "+ ";
  return `${sign}${Math.abs(weight)} ${checkedName(name)}`;
}

/** Zero weights are left out, as some readers refuse an empty sum they cannot see. */
function printSum(sum: Sum): string {
  const terms = Object.entries(sum).filter(([, weight]) => weight !== 0);
  return terms.map(([name, weight], at) => term(weight, name, at === 0)).join(" ");
}

/** Whether an empty sum keeps a constraint; one that does not must stay, as nothing can keep it. */
const keptByNothing = ({ is, to }: Constraint): boolean => (is === "<=" ? to >= 0 : is === ">=" ? to <= 0 : to === 0);

/**
 * Prints a model in the LP text format that HiGHS and other solvers read.
 *
 * @throws RangeError when a name or a weight cannot be printed
 * @example toLp({ minimise: { x: 2 }, constraints: [{ name: "need", sum: { x: 5 }, is: ">=", to: 12 }], whole: ["x"] })
 */
export function toLp({ minimise, constraints, bounds = {}, whole = [] }: Model): string {
  const names = [...new Set([...Object.keys(minimise), ...constraints.flatMap(({ sum }) => Object.keys(sum))])];
  const nothing = `0 ${names[0] ?? "nothing"}`;
  const printed = constraints.flatMap((constraint) => {
    const { name, is, to } = constraint;
    if (!Number.isFinite(to)) throw new RangeError(`${name}: its limit is not a number`);
    const sum = printSum(constraint.sum);
    if (sum === "" && keptByNothing(constraint)) return [];
    return [` ${checkedName(name)}: ${sum || nothing} ${is} ${to}`];
  });
  return [
    "Minimize",
    ` goal: ${printSum(minimise) || nothing}`,
    "Subject To",
    ...printed,
    "Bounds",
    ...Object.entries(bounds).map(([name, [least, most]]) => ` ${least} <= ${checkedName(name)} <= ${most}`),
    ...(whole.length > 0 ? ["General", ` ${whole.map(checkedName).join(" ")}`] : []),
    "End",
    "",
  ].join("\n");
}

/** What HiGHS answers, as far as it is read here. */
type Answer = { Status: string; ObjectiveValue: number; Columns: Readonly<Record<string, object>> };

const figureOf = (column: object, name: "Primal" | "Dual"): number => {
  const value = (column as Partial<Record<"Primal" | "Dual", unknown>>)[name];
  return typeof value === "number" ? value : 0;
};

/** Reads a solver's answer. @example readAnswer(highs.solve(toLp(model))).status // "solved" */
export function readAnswer(answer: Answer): Solution {
  const status = answer.Status === "Optimal" ? "solved" : /infeasible/i.test(answer.Status) ? "impossible" : "stopped";
  const columns = status === "solved" ? Object.entries(answer.Columns) : [];
  const figures = (name: "Primal" | "Dual") =>
    Object.fromEntries(columns.map(([variable, column]) => [variable, figureOf(column, name)]));
  return {
    status,
    values: figures("Primal"),
    reducedCosts: figures("Dual"),
    objective: status === "solved" ? answer.ObjectiveValue : Number.NaN,
  };
}

/** How the solver is to work on a model. @example highs.solve(toLp(model), solverOptions(model, 20)) */
export const solverOptions = ({ closeEnough }: Model, secondsAtMost: number) => ({
  time_limit: secondsAtMost,
  ...(closeEnough === undefined ? {} : { mip_abs_gap: closeEnough, mip_rel_gap: 0 }),
});
