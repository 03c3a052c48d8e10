/** The class cord, running down the first column. */
export function CordString() {
  return <span aria-hidden="true" className="absolute inset-y-0 left-[13px] w-0.5 bg-ink" />;
}
