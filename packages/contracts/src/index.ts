export type { Backup, BuildLog, DeletedBuild, Health, ListedBuild, Note, NotePhoto, Revision, StoredBuild } from './api.js';
export { shapeLimits } from './build/limits.js';
export { type BuildRead, readBuild } from './build/read-build.js';
export { buildSchema } from './build/schema.js';
export { type Drawer, DrawerContract, type ReservedPart } from './drawer.js';
export { mostOfNote, NoteContract } from './note.js';
export { type Device, PairContract, type PairingCode, type Standing } from './pairing.js';
export { type Complaint, type Problem, type ProblemCode, problems } from './problem.js';
export {
  ByHeaders,
  FindQuery,
  FromQuery,
  type ListOrder,
  ListQuery,
  MatchHeaders,
  OrderQuery,
  PageQuery,
  PhotoQuery,
  SaveHeaders,
  UnitsQuery,
} from './queries.js';
export { shapeGuard } from './shape-guard.js';
export { type Looked, type Shed, ShedEntryContract } from './shed.js';
