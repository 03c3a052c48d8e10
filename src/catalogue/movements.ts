import { arriveAndWake } from './movements/arrive-and-wake';
import { ease } from './movements/ease';
import { grip } from './movements/grip';
import { hold } from './movements/hold';
import { load } from './movements/load';
import { move } from './movements/move';
import { open } from './movements/open';
import { PROPS } from './props';
import { catalogueOf } from '@/core/catalogue/movement';

export const MOVEMENTS = [...arriveAndWake, ...move, ...hold, ...grip, ...open, ...load, ...ease];

export const CATALOGUE = catalogueOf(MOVEMENTS, PROPS);
