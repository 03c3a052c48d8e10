/** `npm run fuzz` sets it to a new seed; `npm test` takes the same one each time. */
const seed = process.env.OSKIL_FUZZ;

export const SEED = Number(seed ?? 20261124);

/** So many random inputs of a kind: all of them in `npm run fuzz`, a share in `npm test`. */
export const runs = (all: number, share = 0.1): number => (seed ? all : Math.ceil(all * share));

/** Each of many in `npm run fuzz`, each nth of them in `npm test`: for what is asked of every pair of them. */
export const eachNth = <T>(all: readonly T[], n: number): readonly T[] =>
  seed ? all : all.filter((_, i) => i % n === 0);

/** What this process itself took, ms: others on the same machine do not count. */
export function cpuMs(work: () => void): number {
  const from = process.cpuUsage();
  work();
  const { user, system } = process.cpuUsage(from);
  return (user + system) / 1000;
}
