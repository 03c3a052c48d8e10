'use client';

import { Button } from '../form/button';

export function PrintButton({ children }: { children: string }) {
  return (
    <Button look="main" onClick={() => window.print()}>
      {children}
    </Button>
  );
}
