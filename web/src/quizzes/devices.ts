import type { Device, Devices } from '@hurrow/contract';

export interface ShownDevice {
  readonly device: Device;
  /** Further phones that are in under the same number. */
  readonly others: number;
}

/** The phones staff must look at, those that ask first; and how many are in. */
export function devicesToShow({ devices }: Pick<Devices, 'devices'>): {
  readonly shown: readonly ShownDevice[];
  readonly joined: number;
} {
  const inside = devices.filter((d) => d.state === 'in');
  const phonesOf = (student: string): number => inside.filter((d) => d.student === student).length;
  const asking = devices.filter((d) => d.state === 'asked');
  const several = inside.filter((d) => phonesOf(d.student) > 1);
  return {
    shown: [
      ...asking.map((device) => ({ device, others: phonesOf(device.student) })),
      ...several.map((device) => ({ device, others: phonesOf(device.student) - 1 })),
    ],
    joined: inside.length,
  };
}
