import { asMarkdown } from '@hobrek/core';
import { DropdownMenu } from 'radix-ui';
import { type OpenBuild, useOpenBuild } from '../../build/open-build.js';

/** What a build can be taken away as: its open file, to be brought in anywhere, or a page to print. */
const forms = {
  json: { says: 'its file (JSON)', type: 'application/json', text: ({ build }: OpenBuild) => `${JSON.stringify(build, null, 2)}\n` },
  md: { says: 'a page to print (Markdown)', type: 'text/markdown', text: ({ build, evaluation }: OpenBuild) => asMarkdown(build, evaluation) },
} as const;

export function TakeAway() {
  const take = (form: keyof typeof forms) => {
    const { open } = useOpenBuild.getState();
    if (!open) return;
    const url = URL.createObjectURL(new Blob([forms[form].text(open)], { type: forms[form].type }));
    const link = document.createElement('a');
    link.href = url;
    link.download = `${open.build.name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-') || 'build'}.${form}`;
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger className="cursor-pointer font-semibold text-ink max-sm:hidden">Take a copy</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content sideOffset={8} align="end" className="z-10 border border-ink bg-sheet py-1 text-ink">
          {(Object.keys(forms) as (keyof typeof forms)[]).map((form) => (
            <DropdownMenu.Item key={form} className="cursor-pointer px-4 py-1.5 outline-none data-highlighted:bg-wash" onSelect={() => take(form)}>
              as {forms[form].says}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
