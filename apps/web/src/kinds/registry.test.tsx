import { blankBuild, evaluateBuild, kindHeads, loadKinds, withKind } from '@hobrek/core';
import { cleanup, render } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { fitDrawing, MachineDrawing } from './machine-drawing.js';

afterEach(cleanup);

const stages = kindHeads('stage').map(({ kind }) => kind);

it.each(stages)('draws a %s as something that can be seen', async (kind) => {
  const build = withKind(blankBuild('Machine'), 'main/belt', kind);
  const [line] = evaluateBuild(build, await loadKinds()).lines;
  const outlines = line?.outlines ?? [];
  const { container } = render(<MachineDrawing stages={outlines} drawn={fitDrawing(outlines, { width: 600, height: 300 })} />);
  expect(container.querySelectorAll('path, circle, line, rect, polyline, polygon').length).toBeGreaterThan(1);
  expect(container.innerHTML).not.toContain('NaN');
});
