type Names = Readonly<Record<string, string>>;

/** What was kept or written by an earlier version, with the names that its fields have now; anything else as it is. */
export const withFieldNames =
  (names: Names) =>
  (value: unknown): unknown => {
    if (
      typeof value !== 'object' ||
      value === null ||
      !Object.keys(names).some((was) => Object.hasOwn(value, was))
    )
      return value;
    return Object.fromEntries(
      Object.entries(value).map(([name, of]) => [Object.hasOwn(names, name) ? names[name] : name, of]),
    );
  };

/** A row's count that goes on from the row before. */
export const ROW_NAMES: Names = { goesOn: 'continuesPrevious' };
/** A movement's form for who sits, and why it is off until it is cleared. */
export const MOVEMENT_NAMES: Names = { seatedTwin: 'seatedAlternative', offUntil: 'clearanceReason' };
