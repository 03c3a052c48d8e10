/** The page's first script: keeps the taps on buttons, and the keys of no field, until the page listens (early-taps.tsx). */
export const KEEP_EARLY_TAPS = `(() => {
  const [taps, keys] = [[], []];
  const tap = (e) => {
    const button = e.target.closest && e.target.closest('button');
    if (button && !(button.form && button.type === 'submit')) taps.push([e, button]);
  };
  const key = (e) => {
    if (e.target === document.body && !e.repeat && !e.ctrlKey && !e.metaKey && !e.altKey) keys.push(e);
  };
  addEventListener('click', tap, true);
  addEventListener('keydown', key, true);
  // One that the page takes by itself as it begins to listen is still under way then, and is not given again.
  const over = (e) => e.eventPhase === 0;
  window.oskilEarly = {
    taps: () => {
      removeEventListener('click', tap, true);
      for (const [e, button] of taps.splice(0)) if (over(e) && button.isConnected) button.click();
    },
    keys: () => {
      removeEventListener('keydown', key, true);
      for (const e of keys.splice(0))
        if (over(e)) document.body.dispatchEvent(new KeyboardEvent('keydown', { key: e.key, code: e.code, shiftKey: e.shiftKey, bubbles: true, cancelable: true }));
    },
  };
})();`;
