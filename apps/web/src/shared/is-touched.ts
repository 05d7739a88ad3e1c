/** Whether the device is worked by a finger. */
export const isTouched = (): boolean => typeof matchMedia === 'function' && matchMedia('(pointer: coarse)').matches;
