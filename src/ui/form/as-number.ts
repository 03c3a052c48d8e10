/** For a field of a number: empty says nothing; what is no number stays as it was typed, for the schema to refuse. */
export const asNumber = {
  setValueAs: (value: unknown) => {
    if (value === '' || value === undefined || value === null) return undefined;
    const number = Number(String(value).replace(',', '.'));
    return Number.isNaN(number) ? value : number;
  },
};
