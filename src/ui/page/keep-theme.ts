/** Where this browser keeps which theme was chosen, and what it is called on the page. */
export const THEME_KEY = 'oskil-theme';
export const THEMES = ['system', 'day', 'evening'] as const;
export type Theme = (typeof THEMES)[number];

export const THEME_WORDS: Readonly<Record<Theme, string>> = {
  system: 'as this device is set',
  day: 'light, for a bright hall',
  evening: 'dark, for the evening',
};

/** For this browser alone, at once. */
export function chooseTheme(theme: Theme): void {
  localStorage.setItem(THEME_KEY, theme);
  (window as { oskilTheme?: () => void }).oskilTheme?.();
}

/** Sets the theme before anything is painted, and follows the system where nothing was chosen. */
export const KEEP_THEME = `(() => {
  const dark = matchMedia('(prefers-color-scheme: dark)');
  window.oskilTheme = () => {
    let chosen = null;
    try { chosen = localStorage.getItem('${THEME_KEY}'); } catch {}
    const evening = chosen === 'evening' || (chosen !== 'day' && dark.matches);
    document.documentElement.dataset.theme = evening ? 'evening' : 'day';
  };
  dark.addEventListener('change', window.oskilTheme);
  window.oskilTheme();
})();`;
