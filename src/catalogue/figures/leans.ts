export const TABLE = { scene: 'on the table' } as const;
export const THIGH = { scene: 'on the thigh' } as const;
