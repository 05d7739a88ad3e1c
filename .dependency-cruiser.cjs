/** Who may import whom (docs/decisions/0001-layout.md). Held here, so that it needs no discipline. */
const rule = (name, comment, from, to) => ({ name, comment, severity: 'error', from, to });

module.exports = {
  forbidden: [
    rule(
      'no-circular',
      'a circle has no bottom to begin reading at',
      { path: '^(packages|apps)' },
      { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    ),
    rule(
      'core-is-pure',
      'the computation knows no framework, no I/O and no other part',
      { path: '^packages/core/src', pathNot: '\\.test\\.ts$' },
      { pathNot: ['^packages/core/src', 'node_modules/(unitmath|fraction.js)/'] },
    ),
    rule(
      'contracts-on-core',
      'contracts know core and the validators, nothing else',
      { path: '^packages/contracts/src', pathNot: '\\.test\\.ts$' },
      {
        pathNot: ['^packages/(core|contracts)/', 'node_modules/(class-validator|class-transformer|reflect-metadata)/'],
      },
    ),
    rule(
      'papers-on-core',
      'what is written on paper knows core and its writers',
      { path: '^packages/papers/src', pathNot: '\\.test\\.ts$' },
      { pathNot: ['^packages/(core|papers)/', 'node_modules/(papaparse|@tarikjabiri/dxf|@types/papaparse)/'] },
    ),
    rule('apps-apart', 'no application imports another', { path: '^apps/([^/]+)/' }, { path: '^apps/', pathNot: '^apps/$1/' }),
    rule(
      'drizzle-behind-repositories',
      'only repositories and db/ know Drizzle',
      { path: '^apps/server/src', pathNot: ['^apps/server/src/db/', '\\.repository\\.ts$', '\\.test\\.ts$'] },
      { path: 'node_modules/(drizzle-orm|pg)/' },
    ),
    rule(
      'features-apart',
      'features meet only in app/',
      { path: '^apps/web/src/features/([^/]+)/' },
      { path: '^apps/web/src/features/', pathNot: '^apps/web/src/features/$1/' },
    ),
    rule(
      'features-by-their-door',
      'outsiders use the index of a feature',
      { path: '^apps/web/src', pathNot: '^apps/web/src/features/([^/]+)/' },
      { path: '^apps/web/src/features/[^/]+/(?!index\\.ts$)' },
    ),
    rule('shared-knows-no-one', 'shared/ is below everything else', { path: '^apps/web/src/shared/' }, { path: '^apps/web/src/(?!shared/)' }),
    rule(
      'build-and-kinds-below-features',
      'the open build and the drawings know no feature',
      { path: '^apps/web/src/(open-build|kinds)/' },
      { path: '^apps/web/src/(features|app)/' },
    ),
    rule(
      'kinds-apart',
      'a kind knows only what all kinds share',
      { path: '^packages/core/src/kinds/(source|stage|work)/([^/]+)/' },
      { path: '^packages/core/src/kinds/(source|stage|work)/', pathNot: '^packages/core/src/kinds/$1/$2/' },
    ),
    rule('resolvable', 'what is imported must be there', {}, { couldNotResolve: true, pathNot: '^(virtual:|@fontsource)' }),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|bundle)/' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      mainFields: ['module', 'main'],
      conditionNames: ['source', 'import', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.d.ts'],
    },
  },
};
