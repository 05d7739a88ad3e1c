// Before anything is drawn: the colours that were chosen on this device, so that no page begins in others.
try {
  const { theme } = JSON.parse(localStorage.getItem('hobrek-habits') ?? '{}').state ?? {};
  if (theme === 'day' || theme === 'evening') document.documentElement.dataset.theme = theme;
} catch {
  // What cannot be read is the device's own.
}
