// Part of every build: what new databases begin as copies of.
import { makeBeginnings } from './beginnings';

await makeBeginnings('.next');
