'use client';

import { useEffect, useState } from 'react';
import { chooseTheme, THEME_KEY, THEME_WORDS, THEMES, type Theme } from '@/ui/page/keep-theme';

/** Light or dark, for this browser alone. */
export function ThemeChoice() {
  const [theme, setTheme] = useState<Theme | null>(null);
  useEffect(() => {
    const kept = localStorage.getItem(THEME_KEY);
    // What the browser keeps is known only once the page listens.
    setTheme(THEMES.find((t) => t === kept) ?? 'system');
  }, []);
  const choose = (chosen: Theme) => {
    setTheme(chosen);
    chooseTheme(chosen);
  };
  return (
    <fieldset className="mt-8 rounded-2xl border-2 border-line p-4">
      <legend className="px-2 text-lg font-bold">Light or dark, on this device</legend>
      <div className="flex flex-wrap gap-x-8">
        {THEMES.map((t) => (
          <label key={t} className="flex min-h-11 items-center gap-2">
            <input
              type="radio"
              name="theme"
              className="size-5 accent-ink"
              checked={theme === t}
              onChange={() => choose(t)}
            />
            {THEME_WORDS[t]}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
