import type { PageCommand } from '../commands';
import { chooseTheme, THEME_WORDS, THEMES } from './keep-theme';

/** Light or dark, without the way to Settings. */
export const THEME_COMMANDS: readonly PageCommand[] = THEMES.map((theme) => ({
  name: `Colours: ${THEME_WORDS[theme]}`,
  words: 'theme night contrast',
  run: () => chooseTheme(theme),
}));
