import { FIGURES } from '@/catalogue/figures/figures';
import { tellingPose } from '@/core/hand/motion';
import { HandPicture } from './hand-figure';

/** A movement in its most telling pose, from a small icon up. */
export function MovementPicture({ movementId, height }: { movementId: string; height: number }) {
  const figure = FIGURES[movementId];
  return figure ? (
    <HandPicture pose={tellingPose(figure.motion)} view={figure.view} left={false} height={height} />
  ) : null;
}
