/** The page's first script: keeps the taps on buttons until the page listens (early-taps.tsx). */
export const KEEP_EARLY_TAPS = `(() => {
  const kept = [];
  const keep = (e) => {
    const button = e.target.closest && e.target.closest('button');
    if (button && !(button.form && button.type === 'submit')) kept.push([e, button]);
  };
  addEventListener('click', keep, true);
  window.oskilEarlyTaps = () => {
    removeEventListener('click', keep, true);
    for (const [e, button] of kept.splice(0)) {
      // One that the page takes by itself as it begins to listen is still under way then, and is not given again.
      if (e.eventPhase === 0 && button.isConnected) button.click();
    }
  };
})();`;
