const key = 'hobrek:by';

/** Who works on this device: a name given once, no sign-in. Empty until it is given. */
export const deviceName = (): string => localStorage.getItem(key) ?? '';

export const rememberDeviceName = (name: string): void => localStorage.setItem(key, name.trim().slice(0, 40));
