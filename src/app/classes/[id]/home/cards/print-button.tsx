'use client';

import { Button } from '@/ui/button';

export function PrintButton() {
  return (
    <Button look="main" onClick={() => window.print()}>
      Print the cards
    </Button>
  );
}
