/** Run something some times and print its median and p95, ms; the first tenth warms up and is not counted. */
export function report(name: string, times: number, work: (i: number) => void): void {
  const warm = Math.ceil(times / 10);
  for (let i = 0; i < warm; i++) work(i);
  const took = Array.from({ length: times }, (_, i) => {
    const start = performance.now();
    work(i);
    return performance.now() - start;
  });
  process.stdout.write(`  ${name}: ${figuresOf(took)}\n`);
}

/** Median and p95 of what something took, ms. */
export function figuresOf(took: readonly number[]): string {
  const sorted = [...took].sort((a, b) => a - b);
  const at = (share: number) =>
    sorted[Math.min(took.length - 1, Math.floor(took.length * share))]!.toFixed(2);
  return `median ${at(0.5)} ms, p95 ${at(0.95)} ms`;
}
