import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { type Build, evaluateBuild, loadKinds, type UnitHabit } from '@hobrek/core';
import { type Paper, pageOf } from '@hobrek/papers';
import { Injectable } from '@nestjs/common';

interface PdfMake {
  setFonts(fonts: Readonly<Record<string, { readonly normal: string; readonly bold: string }>>): void;
  setLocalAccessPolicy(allowed: (path: string) => boolean): void;
  setUrlAccessPolicy?(allowed: (url: string) => boolean): void;
  createPdf(definition: object): { getBuffer(): Promise<Buffer> };
}

/** Sets a build on paper. The setter and its fonts are loaded when someone first prints: it takes half a second. */
@Injectable()
export class PagePrinter {
  private setter: PdfMake | undefined;

  /** One page, as a PDF. The date is the server's own. */
  async print(build: Build, paper: Paper, units: UnitHabit): Promise<Buffer> {
    const kinds = await loadKinds(build);
    const page = pageOf(build, evaluateBuild(build, kinds), paper, new Date().toISOString().slice(0, 10), units);
    return this.loaded().createPdf(page).getBuffer();
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
