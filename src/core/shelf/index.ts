export { findDeclined, findMovements } from './search';
export { ANY_MOVEMENT, settledVerdict, shelved, type ShelfFacts, type ShelfFilter } from './shelf';
