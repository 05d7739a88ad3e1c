/**
 * Environment of the server: pictures are made in threads, and glibc keeps what each of them frees apart for it (mallopt(3), M_ARENA_MAX). Two such places hold the
 * whole of a large shed under 300 MB, `npm run bench -- shed`.
 */
export const serverMemory = { MALLOC_ARENA_MAX: '2' };
