/** Under it is kept what was typed on this device and is not yet with the server: behind it the build, then the page. */
export const unsentPrefix = 'hobrek:unsent:';

/** Whether something of a build is not with the server yet, be it of this page or of another. */
export const isUnsent = (id: string): boolean => Object.keys(localStorage).some((key) => key.startsWith(`${unsentPrefix}${id}:`));
