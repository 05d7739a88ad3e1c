/** What a page over plain http on a network means for the one who uses it. */
export function PlainHttp() {
  return (
    <p className="mt-4 max-w-prose border-l-2 border-brass pl-3 text-sm text-soft">
      Between a device and Hobrek everything goes over the network as plain http: whoever can listen on the network can read builds, notes and photos,
      and could take over the device’s session. Use it on a network of your own with a password, not on a guest’s or a public one, and start Hobrek
      without <code>HOBREK_LAN=1</code> when no phone is needed.
    </p>
  );
}
