import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { type Build, evaluateBuild, loadKinds, type UnitHabit } from '@hobrek/core';
import { type Paper, pageOf, papers } from '@hobrek/papers';
import { Injectable } from '@nestjs/common';

interface PdfMake {
  setFonts(fonts: Readonly<Record<string, { readonly normal: string; readonly bold: string }>>): void;
  setLocalAccessPolicy(allowed: (path: string) => boolean): void;
  setUrlAccessPolicy?(allowed: (url: string) => boolean): void;
  createPdf(definition: object): { getBuffer(): Promise<Buffer> };
}

/** Checks that are listed at the least, and how many fewer are tried at a time. */
const [fewest, step] = [2, 3];

/** As the root of its pages says, which is written in plain text. */
const pagesIn = (pdf: Buffer): number => Number(/\/Type \/Pages\s+\/Count (\d+)/.exec(pdf.toString('latin1'))?.[1] ?? 1);

/** Sets a build on paper. The setter and its fonts are loaded when someone first prints: it takes half a second. */
@Injectable()
export class PagePrinter {
  private setter: PdfMake | undefined;

  /** One page, as a PDF, with as many checks as it has room for; a second where even the fewest do not fit. The date is the server's own. */
  async print(build: Build, paper: Paper, units: UnitHabit): Promise<Buffer> {
    const evaluation = evaluateBuild(build, await loadKinds(build));
    const today = new Date().toISOString().slice(0, 10);
    for (let most: number = papers[paper].checks; ; most -= step) {
      const printed = await this.loaded()
        .createPdf(pageOf(build, evaluation, paper, today, units, most))
        .getBuffer();
      if (most - step < fewest || pagesIn(printed) < 2) return printed;
    }
  }

  private loaded(): PdfMake {
    if (this.setter) return this.setter;
    const require = createRequire(import.meta.url);
    const setter = require('pdfmake') as PdfMake;
    const fonts = join(dirname(require.resolve('dejavu-fonts-ttf/package.json')), 'ttf');
    setter.setFonts({ Sheet: { normal: join(fonts, 'DejaVuSansCondensed.ttf'), bold: join(fonts, 'DejaVuSansCondensed-Bold.ttf') } });
    // Nothing in a build may make it read another file, or ask the network for one.
    setter.setLocalAccessPolicy((path) => path.startsWith(fonts));
    setter.setUrlAccessPolicy?.(() => false);
    this.setter = setter;
    return setter;
  }
}
