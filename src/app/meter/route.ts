import { guarded } from '@/server/shell/http';
import { meterStream, meterWishSchema } from '@/server/measures/meter';

/** A simulated grip meter: its readings come over the wire as they would from a real one, a line of JSON each. */
export const GET = guarded(async ({ request }) => {
  const wish = meterWishSchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!wish.success)
    return Response.json(
      { code: 'bad-input', message: 'The meter does not know that wish.' },
      { status: 400 },
    );
  return new Response(meterStream(wish.data), { headers: { 'content-type': 'application/x-ndjson' } });
});
