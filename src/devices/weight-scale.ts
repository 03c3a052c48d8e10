import { weightMeasured } from '@/core/load';

/** A scale that says what is on it. Anything that fills this may stand in for a real one: docs/instruments.md. */
export type WeightScale = {
  /** As it calls itself. */
  readonly name: string;
  readonly disconnect: () => void;
};

/** What of Web Bluetooth is used here; TypeScript does not know it. */
type Characteristic = EventTarget & {
  readonly value?: DataView;
  readonly startNotifications: () => Promise<unknown>;
};
type Device = EventTarget & {
  readonly name?: string;
  readonly gatt?: {
    readonly connect: () => Promise<{
      readonly getPrimaryService: (name: string) => Promise<{
        readonly getCharacteristic: (name: string) => Promise<Characteristic>;
      }>;
    }>;
    readonly disconnect: () => void;
  };
};
type Bluetooth = {
  readonly requestDevice: (wish: {
    readonly filters: readonly { readonly services: readonly string[] }[];
  }) => Promise<Device>;
};

const bluetooth = (): Bluetooth | undefined =>
  typeof navigator === 'undefined' ? undefined : (navigator as { bluetooth?: Bluetooth }).bluetooth;

/** Whether this browser can speak to such a scale. */
export const canSpeakToScales = (): boolean => bluetooth() !== undefined;

/**
 * Ask for a scale that speaks the open weight-scale service, and listen to it: `onKg` with every weight it sends, `onLost` when
 * it is gone. Rejects where none was chosen or none answers.
 */
export async function connectScale(onKg: (kg: number) => void, onLost: () => void): Promise<WeightScale> {
  const device = await bluetooth()!.requestDevice({ filters: [{ services: ['weight_scale'] }] });
  if (!device.gatt) throw new Error('The scale cannot be reached');
  device.addEventListener('gattserverdisconnected', onLost);
  const server = await device.gatt.connect();
  const service = await server.getPrimaryService('weight_scale');
  const weight = await service.getCharacteristic('weight_measurement');
  weight.addEventListener('characteristicvaluechanged', () => {
    const { value } = weight;
    const kg = value && weightMeasured(new Uint8Array(value.buffer, value.byteOffset, value.byteLength));
    if (typeof kg === 'number') onKg(kg);
  });
  await weight.startNotifications();
  return { name: device.name ?? 'Scale', disconnect: () => device.gatt?.disconnect() };
}
