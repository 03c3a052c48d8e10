/** Under this and the class a record that is being typed is kept in the browser, until it is on its way. */
export const INCIDENT_DRAFT = 'oskil-incident-';

/** Nothing that was typed of anybody stays in a browser that is locked. */
export function dropIncidentDrafts(): void {
  for (const key of Object.keys(localStorage))
    if (key.startsWith(INCIDENT_DRAFT)) localStorage.removeItem(key);
}
