/** Answers a model in LP text: the names of the variables that are taken, or null where nothing fits. */
export type Solve = (lp: string) => { readonly taken: ReadonlySet<string>; readonly proven: boolean } | null;

/** What the solver says of a model: its state, and the value of each variable. */
type Solved = {
  readonly Status: string;
  readonly Columns: Readonly<Record<string, { readonly Primal?: number } | object>>;
};

/** Within this share of the best that is possible, a selection counts as proven. */
const GAP = 0.01;

/** How the solver is asked: restarts, many old cuts and searches in smaller models cost more here than they save. */
export const SOLVER_OPTIONS = {
  mip_rel_gap: GAP,
  mip_allow_restart: false,
  mip_lp_age_limit: 5,
  mip_pool_age_limit: 5,
  mip_heuristic_run_rins: false,
  mip_heuristic_run_rens: false,
  mip_heuristic_run_root_reduced_cost: false,
} as const;

/** The variables that are taken; null where nothing fits. */
export function answerOf({ Status, Columns }: Solved): ReturnType<Solve> {
  if (Status !== 'Optimal' && Status !== 'Time limit reached') return null;
  const taken = Object.entries(Columns).flatMap(([name, column]) =>
    'Primal' in column && (column.Primal ?? 0) > 0.5 ? [name] : [],
  );
  return { taken: new Set(taken), proven: Status === 'Optimal' };
}
