import { useOpenBuild } from '../../build/open-build.js';

/** The build as its open file, onto this device. */
export function TakeAway() {
  const take = () => {
    const { open } = useOpenBuild.getState();
    if (!open) return;
    const url = URL.createObjectURL(new Blob([`${JSON.stringify(open.build, null, 2)}\n`], { type: 'application/json' }));
    const link = document.createElement('a');
    link.href = url;
    link.download = `${open.build.name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-') || 'build'}.json`;
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <button type="button" className="cursor-pointer font-semibold text-ink max-sm:hidden" onClick={take}>
      Take a copy
    </button>
  );
}
