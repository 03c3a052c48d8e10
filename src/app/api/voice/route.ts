import { z } from 'zod';
import { ownWordSchema } from '@/core/voice';
import { jsonRead, jsonRoute } from '@/server/shell/http';
import { dropOwnVoice, keepOwnWord, ownVoice } from '@/server/voice/own-voice';

export const GET = jsonRead((db) => ownVoice(db));
export const PUT = jsonRoute(ownWordSchema, (db, word) => keepOwnWord(db, word));
export const DELETE = jsonRoute(z.strictObject({}), (db) => dropOwnVoice(db));
