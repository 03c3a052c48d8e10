/** The tokens of globals.css as the charts need them, which draw with no stylesheet. */
export const INK = {
  text: '#1f2a26',
  published: '#942b1f',
  lines: ['#1f2a26', '#17646c', '#67467a', '#4c5a24'],
  valid: '#d8cfbd',
} as const;
