import type { ReactNode } from 'react';

type PageProps = {
  children: ReactNode;
  wide?: boolean;
  /** With no room over it, for a page that is all work. */
  snug?: boolean;
};

/** The body of a page under the site header, which it begins in line with however wide it is. */
export function Page({ children, wide = false, snug = false }: PageProps) {
  return (
    <main
      id="main"
      className={`mx-auto w-full max-w-[1400px] px-6 print:p-0 ${snug ? 'pb-6' : 'pt-4 pb-16'}`}
    >
      {wide ? children : <div className="max-w-[1032px] print:max-w-none">{children}</div>}
    </main>
  );
}

/** A heading with its line below and whatever can be done at its right. */
export function PageHead({
  title,
  line,
  children,
}: {
  title: string;
  line?: ReactNode;
  children?: ReactNode;
}) {
  return (
    <div className="mb-5 flex flex-wrap items-start justify-between gap-x-8 gap-y-3">
      <div>
        <h1 className="text-2xl">{title}</h1>
        {line && <p className="mt-1 text-soft">{line}</p>}
      </div>
      {children && <div className="no-print flex flex-wrap items-center gap-3">{children}</div>}
    </div>
  );
}

/** Said once on every screen that advises. */
export function Limits() {
  return (
    <p className="mt-8 border-t pt-3 text-sm text-soft">
      Follow the person’s own clinician, local rules and your own qualification first. Oskil plans exercise;
      it gives no medical advice.
    </p>
  );
}

/** What to do where there is nothing yet. */
export function Empty({ children }: { children: ReactNode }) {
  return <div className="rounded-2xl border-2 border-dashed border-edge px-6 py-8 text-lg">{children}</div>;
}
